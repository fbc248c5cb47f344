package lexicor.core.examination;

import static lexicor.core.catalogue.ReadingLeaf.PAIN_FAMILIAR;
import static lexicor.core.catalogue.ReadingLeaf.PAIN_PRESENT;
import static lexicor.core.catalogue.ReadingLeaf.WEAKNESS_GRADE;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Criterion;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.examination.ReadingValue.Code;
import lexicor.core.examination.ReadingValue.Flag;

/**
 * A sign that nobody said and that would count, with the answers that say it (method M19).
 *
 * @param at the place of the test
 * @param question in a few words
 */
public record AskedFor(String at, String question, List<Answer> answers) {
    /** @param changes what a tap of the answer records */
    public record Answer(String label, Map<ReadingLeaf, ReadingValue> changes) {}

    /** What a negative rests on that nobody said; empty where all of it was said. */
    public static Optional<AskedFor> of(ClinicalTest test, Criterion criterion, Readings readings, Side side) {
        Bedside bedside = Bedside.at(test, criterion.at(), readings, side);
        Bedside said = bedside.asSaid();
        return criterion
                .positiveWhen()
                .comparisons()
                .map(c -> c.leaf())
                .map(leaf -> leaf == PAIN_FAMILIAR ? PAIN_PRESENT : leaf)
                .filter(leaf -> Signs.isSign(leaf)
                        && said.value(leaf).isEmpty()
                        && bedside.value(leaf).isPresent())
                .findFirst()
                .map(leaf -> new AskedFor(criterion.at(), question(leaf), answers(leaf)));
    }

    private static String question(ReadingLeaf leaf) {
        return Wording.of(leaf).name() + " with it?";
    }

    private static List<Answer> answers(ReadingLeaf leaf) {
        if (leaf == PAIN_PRESENT) {
            return List.of(
                    new Answer("no", Map.of(PAIN_PRESENT, new Flag(false))),
                    new Answer("their pain", Map.of(PAIN_PRESENT, new Flag(true), PAIN_FAMILIAR, new Flag(true))),
                    new Answer("another", Map.of(PAIN_PRESENT, new Flag(true), PAIN_FAMILIAR, new Flag(false))));
        }
        if (leaf == WEAKNESS_GRADE) {
            return List.of(
                    new Answer("no", Map.of(leaf, new Code("none"))),
                    new Answer("weak", Map.of(leaf, new Code("mild"))));
        }
        if (leaf.kind() != ReadingLeaf.Kind.FLAG) {
            return List.of();
        }
        boolean usual = leaf == ReadingLeaf.HOLDS_POSITION;
        return List.of(
                new Answer("no", Map.of(leaf, new Flag(usual))), new Answer("yes", Map.of(leaf, new Flag(!usual))));
    }
}
