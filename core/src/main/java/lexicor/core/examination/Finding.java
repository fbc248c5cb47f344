package lexicor.core.examination;

/**
 * The outcome of a named criterion on one side, with the reason in words.
 *
 * @param criterion the criterion's id, or a history item's
 * @param reason why, as a practitioner would say it, for example {@code negative, but the patient guarded}
 */
public record Finding(String criterion, Outcome outcome, String reason) {
    /** The family of everything that the patient tells. */
    public static final String HISTORY_FAMILY = "history";

    public boolean isDone() {
        return outcome != Outcome.NOT_DONE;
    }
}
