package lexicor.server.signin;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.util.Optional;
import lexicor.server.people.Person;
import lexicor.server.people.Role;
import lexicor.server.people.SignedIn;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.HttpRequestResponseHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/** Who a session belongs to, kept as plain words, which a later version reads as well. */
@Component
class SessionPerson implements SecurityContextRepository {
    private static final String ATTRIBUTE = "lexicor.person";

    @Override
    @SuppressWarnings("deprecation")
    public SecurityContext loadContext(HttpRequestResponseHolder holder) {
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        kept(holder.getRequest()).map(SignedIn::authentication).ifPresent(context::setAuthentication);
        return context;
    }

    @Override
    public void saveContext(SecurityContext context, HttpServletRequest request, HttpServletResponse response) {
        if (context.getAuthentication() != null
                && context.getAuthentication().getPrincipal() instanceof Person person) {
            String words = person.name() + " " + person.role().id() + " " + person.signOuts();
            request.getSession().setAttribute(ATTRIBUTE, words);
        }
    }

    @Override
    public boolean containsContext(HttpServletRequest request) {
        return kept(request).isPresent();
    }

    private static Optional<Person> kept(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        return session == null ? Optional.empty() : person((String) session.getAttribute(ATTRIBUTE));
    }

    static Optional<Person> of(Session session) {
        return person(session.getAttribute(ATTRIBUTE));
    }

    private static Optional<Person> person(String words) {
        String[] parts = words == null ? new String[0] : words.split(" ");
        return parts.length == 3
                ? Role.withId(parts[1]).map(role -> new Person(parts[0], role, Integer.parseInt(parts[2])))
                : Optional.empty();
    }
}
