package lexicor.server.doors;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.authorization.AuthorizationDecision;

/** A closed door that says more than that the role does not do. */
final class Refused extends AuthorizationDecision {
    static final Refused LOCKED = new Refused(HttpStatus.LOCKED, "The screen is locked. Open it with the PIN.");
    static final Refused TOO_MANY =
            new Refused(HttpStatus.TOO_MANY_REQUESTS, "Too many requests. Try again in a second.");
    static final Refused NO_SECOND_FACTOR = new Refused(
            HttpStatus.FORBIDDEN,
            "The department wants a second factor from everybody in your role. Set yours up first.");

    private final HttpStatus status;
    private final String detail;

    private Refused(HttpStatus status, String detail) {
        super(false);
        this.status = status;
        this.detail = detail;
    }

    void write(HttpServletResponse response) throws IOException {
        if (status == HttpStatus.TOO_MANY_REQUESTS) {
            response.setHeader(HttpHeaders.RETRY_AFTER, "1");
        }
        Problems.write(response, status, detail);
    }
}
