package lexicor.server.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;

/** Whether the screen of a session is locked. */
public final class SessionLock {
    private static final String LOCKED = "lexicor.locked";

    private SessionLock() {}

    public static boolean isLocked(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        return session != null && session.getAttribute(LOCKED) != null;
    }

    static void lock(HttpServletRequest request) {
        request.getSession().setAttribute(LOCKED, true);
    }

    static void open(HttpServletRequest request) {
        request.getSession().removeAttribute(LOCKED);
    }
}
