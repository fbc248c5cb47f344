package lexicor.server.problems;

import java.util.List;
import lexicor.core.document.Problem;
import org.springframework.http.HttpStatus;

/** A request that cannot be carried out, with what its sender can do about it. */
public final class Refusal extends RuntimeException {
    private final HttpStatus status;
    private final transient List<Problem> problems;
    private long retrySeconds;
    private boolean question;
    private boolean code;

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

    /** Whoever asks is not signed in, or not well. */
    public static Refusal signedOut(String message) {
        return new Refusal(HttpStatus.UNAUTHORIZED, message, List.of());
    }

    /** Too many tries; the next may come after so many seconds. */
    public static Refusal tooSoon(String message, long seconds) {
        Refusal refusal = new Refusal(HttpStatus.TOO_MANY_REQUESTS, message, List.of());
        refusal.retrySeconds = seconds;
        return refusal;
    }

    /** There is too much to do at this moment, and soon there will not be. */
    public static Refusal busy() {
        Refusal refusal = new Refusal(HttpStatus.SERVICE_UNAVAILABLE, Storage.BUSY, List.of());
        refusal.retrySeconds = 1;
        return refusal;
    }

    /** The password is right, and a code of the second factor is wanted besides. */
    public static Refusal codeWanted(String message) {
        Refusal refusal = signedOut(message);
        refusal.code = true;
        return refusal;
    }

    /** The same as not there, so that nobody learns of it, or plainly not theirs to do. */
    public static Refusal forbidden(String message) {
        return new Refusal(HttpStatus.FORBIDDEN, message, List.of());
    }

    /** A whole that cannot be used, where the message says what of it. */
    public static Refusal unprocessable(String message) {
        return new Refusal(HttpStatus.UNPROCESSABLE_CONTENT, message, List.of());
    }

    /** A field that cannot be used as it is. */
    public static Refusal field(String field, String message) {
        return new Refusal(
                HttpStatus.UNPROCESSABLE_CONTENT, field + ": " + message, List.of(new Problem("", field, message)));
    }

    /**
     * Fields that cannot be used as they are.
     *
     * @param message all of it in sentences
     * @param problems field by field
     */
    public static Refusal fields(String message, List<Problem> problems) {
        return new Refusal(HttpStatus.UNPROCESSABLE_CONTENT, message, List.copyOf(problems));
    }

    /** Something doubtful: it is saved if it is sent again as meant. */
    public static Refusal question(String field, String message) {
        Refusal refusal = field(field, message);
        refusal.question = true;
        return refusal;
    }

    /** Whether sending the same again as meant would do. */
    boolean isQuestion() {
        return question;
    }

    /** Whether the same with a code of the second factor would do. */
    boolean isForCode() {
        return code;
    }

    /** After how many seconds it may be tried again; 0 where that is not the matter. */
    long retrySeconds() {
        return retrySeconds;
    }

    HttpStatus status() {
        return status;
    }

    List<Problem> problems() {
        return problems;
    }
}
