package lexicor.core.catalogue.published;

import java.util.List;

/**
 * A judgement of how often a sign is there that no study has measured for a condition (method M24).
 *
 * @param with how often in those who have the condition
 * @param without how often in those who come with the same complaint and have not
 * @param defining whether the sign is the condition
 * @param because why it is judged so
 * @param by who judged it; empty for what was shipped
 */
public record JudgedSign(
        String criterion,
        String condition,
        HowOften with,
        HowOften without,
        boolean defining,
        String because,
        String by) {
    /** What tells it from every other: one judgement for a pair. */
    public record Key(String criterion, String condition) {}

    public Key key() {
        return new Key(criterion, condition);
    }

    /** Its content as a short name; it differs as soon as what is weighed does, or who judged and why. */
    public String fingerprint() {
        return Fingerprint.of(List.of(
                "judged", criterion, condition, with.words(), without.words(), String.valueOf(defining), because, by));
    }

    /** The judgement as a sentence. */
    public String sentence() {
        return with.words() + " there with it, " + without.words() + " without";
    }
}
