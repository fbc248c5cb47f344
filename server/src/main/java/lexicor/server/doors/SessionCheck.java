package lexicor.server.doors;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import lexicor.server.people.PeopleService;
import lexicor.server.people.Person;
import lexicor.server.people.SignedIn;
import lexicor.server.signin.OpenSessions;
import lexicor.server.signin.ScreenLock;
import org.springframework.http.HttpMethod;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;
import org.springframework.security.web.util.matcher.RequestMatcher;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Ends a session whose account was closed, changed or signed out elsewhere, and notes that somebody is at work: a change is a
 * sign of life, and looking is none, since an open page looks by itself.
 */
final class SessionCheck extends OncePerRequestFilter {
    private static final RequestMatcher OF_THE_SESSION = PathPatternRequestMatcher.pathPattern("/api/session/**");

    private final SignedIn signedIn;
    private final PeopleService people;
    private final ScreenLock lock;

    SessionCheck(SignedIn signedIn, PeopleService people, ScreenLock lock) {
        this.signedIn = signedIn;
        this.people = people;
        this.lock = lock;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Optional<Person> person = signedIn.ifAny();
        if (person.isPresent() && !people.isStill(person.get())) {
            OpenSessions.end(request);
            SecurityContextHolder.clearContext();
        } else if (person.isPresent()
                && !HttpMethod.GET.matches(request.getMethod())
                && !OF_THE_SESSION.matches(request)
                && !lock.isLocked(request)) {
            lock.alive(request);
        }
        chain.doFilter(request, response);
    }
}
