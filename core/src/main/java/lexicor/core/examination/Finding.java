package lexicor.core.examination;

/**
 * The outcome of a named criterion on one side, with the reason in words.
 *
 * @param criterion the criterion's id, or a history item's
 * @param assumed whether it is a negative that nobody said: another sign of the test was tapped (method M19)
 * @param reason why, as a practitioner would say it, for example {@code negative, but the patient guarded}
 */
public record Finding(String criterion, Outcome outcome, String reason, boolean assumed) {
    /** One that was said. */
    public Finding(String criterion, Outcome outcome, String reason) {
        this(criterion, outcome, reason, false);
    }

    /** The family of everything that the patient tells. */
    public static final String HISTORY_FAMILY = "history";

    public boolean isDone() {
        return outcome != Outcome.NOT_DONE;
    }
}
