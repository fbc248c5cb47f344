package lexicor.server.practice.stations;

import lexicor.server.problems.Refusal;

/** What stations and rounds may be called. */
final class StationNames {
    private static final int LONGEST = 80;

    private StationNames() {}

    /** The name without blanks around it; refuses none and one that is too long. */
    static String checked(String name) {
        String stripped = name == null ? "" : name.strip();
        if (stripped.isEmpty() || stripped.length() > LONGEST) {
            throw Refusal.field("name", "expected a name of at most " + LONGEST + " characters");
        }
        return stripped;
    }
}
