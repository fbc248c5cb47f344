package lexicor.server.privacy;

import lexicor.server.problems.Refusal;

/** The reason that the history keeps with a change of the content, or of what every case hangs on. */
public final class Reasons {
    private static final int SHORTEST = 5;
    private static final int LONGEST = 400;

    private Reasons() {}

    /**
     * The reason without blanks around it.
     *
     * @param sure whether a text that looks like personal details was asked about and holds none
     * @throws Refusal where it is missing, too long or too short to say why, or looks like personal details
     */
    public static String of(String why, Boolean sure) {
        String reason = why == null ? "" : why.strip();
        if (reason.length() < SHORTEST || reason.length() > LONGEST) {
            throw Refusal.field("why", "expected " + SHORTEST + " to " + LONGEST + " characters that say why");
        }
        PersonalDetails.question("why", reason, sure);
        return reason;
    }
}
