package lexicor.server.privacy;

import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import lexicor.server.problems.Refusal;

/**
 * Notices what looks like a name, a date of birth, an address for mail or a national number. It asks and never refuses: a
 * guess from the look of a text can be wrong.
 */
public final class PersonalDetails {
    private record Look(Pattern pattern, String like) {}

    private static final String MONTHS = "(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*";

    private static final List<Look> LOOKS = List.of(
            new Look(Pattern.compile("[\\w.+-]+@[\\w-]+\\.[\\w.-]+"), "an e-mail address"),
            new Look(
                    Pattern.compile("\\b(?:0?[1-9]|[12]\\d|3[01])[./-](?:0?[1-9]|1[0-2])[./-](?:19|20)?\\d{2}\\b"),
                    "a date of birth"),
            new Look(
                    Pattern.compile("\\b(?:19|20)\\d{2}-(?:0[1-9]|1[0-2])-(?:0[1-9]|[12]\\d|3[01])\\b"),
                    "a date of birth"),
            new Look(
                    Pattern.compile(
                            "\\b\\d{1,2}(?:st|nd|rd|th)?\\s+" + MONTHS + "\\s+(?:19|20)\\d{2}\\b",
                            Pattern.CASE_INSENSITIVE),
                    "a date of birth"),
            new Look(Pattern.compile("\\b(?:born|d\\.?o\\.?b\\.?)\\b", Pattern.CASE_INSENSITIVE), "a date of birth"),
            new Look(
                    Pattern.compile("\\b[A-Za-z]{2}[ -]?\\d{2}[ -]?\\d{2}[ -]?\\d{2}[ -]?[A-Za-z]\\b"),
                    "a national number"),
            new Look(Pattern.compile("\\b\\d(?:[ -]?\\d){8,}\\b"), "a national number"),
            new Look(Pattern.compile("\\b(?:Mr|Mrs|Ms|Miss|Mx|Dr|Prof)\\.?\\s+\\p{Lu}\\p{L}+"), "a name"),
            new Look(
                    Pattern.compile("\\b(?:called|named|name is|name:)\\s+\\p{Lu}\\p{L}+", Pattern.UNICODE_CASE),
                    "a name"),
            new Look(
                    Pattern.compile("\\b\\p{Lu}\\p{Ll}+(?:[- ](?:van|de|von|da|di|Mc|Mac|O'))?[ ]\\p{Lu}\\p{Ll}+\\b"),
                    "a name"));

    private static final Pattern BIRTH_DATE_CODE =
            Pattern.compile("[A-Z]+-(?:0[1-9]|[12]\\d|3[01])(?:0[1-9]|1[0-2])\\d{2}");

    private PersonalDetails() {}

    /** What the text looks like that should not be in it; empty where it looks harmless. */
    public static Optional<String> in(String text) {
        return LOOKS.stream()
                .filter(l -> l.pattern().matcher(text).find())
                .map(Look::like)
                .findFirst();
    }

    /**
     * Asks about a text before it is saved.
     *
     * @param sure whether it was asked about and is meant
     */
    public static void question(String field, String text, Boolean sure) {
        if (text != null && !Boolean.TRUE.equals(sure)) {
            in(text).ifPresent(like -> {
                throw Refusal.question(
                        field,
                        "this looks like " + like
                                + ", which has no place in the record; take it out, or keep it if it is none");
            });
        }
    }

    /** Whether a case's code looks like a date of birth. */
    public static boolean isLikeBirthDate(String code) {
        return BIRTH_DATE_CODE.matcher(code).matches();
    }

    /** The same for a case's code. */
    public static void questionCode(String field, String code, Boolean sure) {
        if (!Boolean.TRUE.equals(sure) && isLikeBirthDate(code)) {
            throw Refusal.question(
                    field, "this looks like a date of birth; choose another code, or keep it if it is none");
        }
    }
}
