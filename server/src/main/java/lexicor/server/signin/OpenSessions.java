package lexicor.server.signin;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.util.function.BooleanSupplier;
import lexicor.server.people.PeopleService;
import org.springframework.session.Session;
import org.springframework.session.SessionRepository;
import org.springframework.stereotype.Component;

/** What becomes of sessions while nobody asks in them. */
@Component
public class OpenSessions {
    private final SessionRepository<?> sessions;
    private final PeopleService people;
    private final ScreenLock lock;

    OpenSessions(SessionRepository<?> sessions, PeopleService people, ScreenLock lock) {
        this.sessions = sessions;
        this.people = people;
        this.lock = lock;
    }

    /** Tells from now on whether whoever sent the request is still in: signed in, with an open account and screen. */
    public BooleanSupplier stillIn(HttpServletRequest request) {
        String id = request.getSession().getId();
        return () -> {
            Session session = sessions.findById(id);
            return session != null
                    && !session.isExpired()
                    && !lock.isLocked(session)
                    && SessionPerson.of(session).filter(people::isStill).isPresent();
        };
    }

    /** Ends the session of a request, also where another request has ended it at the same moment. */
    public static void end(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) {
            try {
                session.invalidate();
            } catch (IllegalStateException e) {
                // It has ended already, which is what was wanted.
                return;
            }
        }
    }
}
