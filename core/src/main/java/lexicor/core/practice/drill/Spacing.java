package lexicor.core.practice.drill;

import java.time.Duration;

/**
 * When a question comes again: after each right answer later, after a wrong one soon (boxes of cards, Leitner 1972).
 *
 * @param box from 0
 */
public record Spacing(int box) {
    private static final Duration[] AFTER = {
        Duration.ofMinutes(10),
        Duration.ofDays(1),
        Duration.ofDays(3),
        Duration.ofDays(7),
        Duration.ofDays(16),
        Duration.ofDays(35)
    };

    public static final Spacing NEW = new Spacing(0);

    public Spacing after(boolean right) {
        return right ? new Spacing(Math.min(box + 1, AFTER.length - 1)) : NEW;
    }

    /** How long it rests. */
    public Duration rests() {
        return AFTER[box];
    }
}
