package lexicor.server.problems;

import jakarta.validation.ConstraintViolation;
import java.util.Comparator;
import java.util.Set;

/** What a validated value breaks, as the refusal that its sender sees. */
public final class Violations {
    private Violations() {}

    /**
     * Refuses the value by the first field that breaks a rule. A rule over several fields begins its message with the field
     * that it is about, and a colon.
     */
    public static void refuse(Set<? extends ConstraintViolation<?>> violations) {
        violations.stream()
                .min(Comparator.comparing(v -> v.getPropertyPath().toString()))
                .ifPresent(v -> {
                    String message = v.getMessage();
                    int colon = message.indexOf(": ");
                    throw colon < 0
                            ? Refusal.field(v.getPropertyPath().toString(), message)
                            : Refusal.field(message.substring(0, colon), message.substring(colon + 2));
                });
    }
}
