package lexicor.server.layer;

import lexicor.server.privacy.PersonalDetails;
import lexicor.server.problems.Refusal;

/** The reason that every change of the content is given. */
final class Reasons {
    private static final int SHORTEST = 5;
    private static final int LONGEST = 400;

    private Reasons() {}

    static String of(String why, Boolean sure) {
        String reason = why == null ? "" : why.strip();
        if (reason.length() < SHORTEST || reason.length() > LONGEST) {
            throw Refusal.field("why", "expected " + SHORTEST + " to " + LONGEST + " characters that say why");
        }
        PersonalDetails.question("why", reason, sure);
        return reason;
    }
}
