package lexicor.server.doors;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import lexicor.server.people.PeopleService;
import lexicor.server.people.Person;
import lexicor.server.people.SessionLock;
import lexicor.server.people.SignedIn;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Ends a session whose account was closed, changed or signed out elsewhere, and keeps a locked one out of everything. */
@Component
class SessionCheck extends OncePerRequestFilter {
    private final SignedIn signedIn;
    private final PeopleService people;

    SessionCheck(SignedIn signedIn, PeopleService people) {
        this.signedIn = signedIn;
        this.people = people;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Optional<Person> person = signedIn.ifAny();
        if (person.isPresent()
                && people.open(person.get().name()).filter(person.get()::equals).isEmpty()) {
            request.getSession().invalidate();
            SecurityContextHolder.clearContext();
        } else if (person.isPresent() && SessionLock.isLocked(request) && !isOpenWhileLocked(request)) {
            Problems.write(response, HttpStatus.LOCKED, "The screen is locked. Open it with the PIN.");
            return;
        }
        chain.doFilter(request, response);
    }

    private static boolean isOpenWhileLocked(HttpServletRequest request) {
        String path = request.getRequestURI();
        boolean ownAccount = path.startsWith("/api/session/p") || path.equals("/api/session/everywhere");
        return !path.startsWith("/api/") && !path.startsWith("/actuator/")
                || path.startsWith("/api/session") && !ownAccount;
    }

    /** It belongs to the chain alone, not to the container as well. */
    @Configuration
    static class InTheChainOnly {
        @Bean
        FilterRegistrationBean<SessionCheck> sessionCheckRegistration(SessionCheck filter) {
            FilterRegistrationBean<SessionCheck> registration = new FilterRegistrationBean<>(filter);
            registration.setEnabled(false);
            return registration;
        }
    }
}
