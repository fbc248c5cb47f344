package lexicor.server.signin;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import lexicor.server.settings.SettingsService;
import lexicor.server.time.Moments;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/**
 * Whether the screen of a session is locked. The clock is this one, not the page's: a session without a sign of life for as
 * long as the department says is locked, whether a page is open or not.
 */
@Component
public class ScreenLock {
    private static final String LOCKED = "lexicor.locked";
    private static final String ALIVE = "lexicor.alive";
    private static final Duration NOTED_EVERY = Duration.ofSeconds(10);

    private final SettingsService settings;
    private final Moments moments;

    ScreenLock(SettingsService settings, Moments moments) {
        this.settings = settings;
        this.moments = moments;
    }

    public boolean isLocked(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session == null) {
            return false;
        }
        if (session.getAttribute(LOCKED) == null && isIdle((Long) session.getAttribute(ALIVE))) {
            session.setAttribute(LOCKED, true);
        }
        return session.getAttribute(LOCKED) != null;
    }

    boolean isLocked(Session session) {
        return session.getAttribute(LOCKED) != null || isIdle(session.getAttribute(ALIVE));
    }

    private boolean isIdle(Long alive) {
        Duration most = Duration.ofMinutes(settings.current().lockMinutes());
        return alive != null && since(alive).compareTo(most) > 0;
    }

    /** Notes a sign of life. */
    public void alive(HttpServletRequest request) {
        HttpSession session = request.getSession();
        boolean lately = Optional.ofNullable((Long) session.getAttribute(ALIVE))
                .filter(at -> since(at).compareTo(NOTED_EVERY) < 0)
                .isPresent();
        if (!lately) {
            session.setAttribute(ALIVE, moments.now().toEpochMilli());
        }
    }

    void lock(HttpServletRequest request) {
        request.getSession().setAttribute(LOCKED, true);
    }

    void open(HttpServletRequest request) {
        HttpSession session = request.getSession();
        session.setAttribute(ALIVE, moments.now().toEpochMilli());
        session.removeAttribute(LOCKED);
    }

    private Duration since(long at) {
        return Duration.between(Instant.ofEpochMilli(at), moments.now());
    }
}
