package lexicor.server.privacy;

import lexicor.server.problems.Refusal;

/** Reasons in writing, which the history keeps. */
public final class Reasons {
    private static final int SHORTEST = 5;
    private static final int SHORTEST_ABOUT_A_CASE = 10;
    private static final int LONGEST = 400;

    private Reasons() {}

    /**
     * The reason for a change of the content, or of what every case hangs on, without blanks around it.
     *
     * @param sure whether a text that looks like personal details was asked about and holds none
     * @throws Refusal where it is missing, too long or too short to say why, or looks like personal details
     */
    public static String of(String why, Boolean sure) {
        String reason = written("why", why, SHORTEST);
        PersonalDetails.question("why", reason, sure);
        return reason;
    }

    /**
     * The reason for going ahead with a blocked test or for deleting a case, without blanks around it; whether it looks like
     * personal details is not asked here.
     *
     * @throws Refusal where it is missing, too long or too short to say why
     */
    public static String aboutCase(String reason) {
        return written("reason", reason, SHORTEST_ABOUT_A_CASE);
    }

    private static String written(String field, String given, int shortest) {
        String reason = given == null ? "" : given.strip();
        if (reason.length() < shortest) {
            throw Refusal.field(field, "Give a reason of at least " + shortest + " letters");
        }
        if (reason.length() > LONGEST) {
            throw Refusal.field(field, "Give a reason of at most " + LONGEST + " letters");
        }
        return reason;
    }
}
