package lexicor.server.problems;

import java.util.List;
import lexicor.core.document.Problem;
import org.springframework.http.HttpStatus;

/** A request that cannot be carried out, with what its sender can do about it. */
public final class Refusal extends RuntimeException {
    private final HttpStatus status;
    private final transient List<Problem> problems;

    private Refusal(HttpStatus status, String message, List<Problem> problems) {
        super(message);
        this.status = status;
        this.problems = problems;
    }

    public static Refusal notFound(String message) {
        return new Refusal(HttpStatus.NOT_FOUND, message, List.of());
    }

    public static Refusal conflict(String message) {
        return new Refusal(HttpStatus.CONFLICT, message, List.of());
    }

    /** A field that cannot be used as it is. */
    public static Refusal field(String field, String message) {
        return new Refusal(
                HttpStatus.UNPROCESSABLE_CONTENT, field + ": " + message, List.of(new Problem("", field, message)));
    }

    HttpStatus status() {
        return status;
    }

    List<Problem> problems() {
        return problems;
    }
}
