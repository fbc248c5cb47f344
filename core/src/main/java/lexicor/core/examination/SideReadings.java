package lexicor.core.examination;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.examination.ReadingValue.Code;
import lexicor.core.examination.ReadingValue.Codes;
import lexicor.core.examination.ReadingValue.Flag;
import lexicor.core.examination.ReadingValue.Text;

/** What is recorded at one place on one side. Immutable. */
public final class SideReadings {
    private static final Set<ReadingLeaf> MARKS_OF_A_TEST_DONE =
            Set.of(ReadingLeaf.MARK_GUARDED, ReadingLeaf.MARK_CHEATED, ReadingLeaf.MARK_NORMAL);

    static final SideReadings NONE = new SideReadings(Map.of());

    private final Map<ReadingLeaf, ReadingValue> leaves;

    SideReadings(Map<ReadingLeaf, ReadingValue> leaves) {
        this.leaves = Collections.unmodifiableMap(leaves);
    }

    public Map<ReadingLeaf, ReadingValue> leaves() {
        return leaves;
    }

    Optional<ReadingValue> get(ReadingLeaf leaf) {
        return Optional.ofNullable(leaves.get(leaf));
    }

    /** A measured number; empty where it was not taken or the leaf holds none. */
    public Optional<Double> quantity(ReadingLeaf leaf) {
        return leaves.get(leaf) instanceof ReadingValue.Quantity q ? Optional.of(q.value()) : Optional.empty();
    }

    boolean isFlag(ReadingLeaf leaf, boolean expected) {
        return leaves.get(leaf) instanceof Flag flag && flag.value() == expected;
    }

    /** A flag; empty where it was not recorded. */
    public Optional<Boolean> flag(ReadingLeaf leaf) {
        return leaves.get(leaf) instanceof Flag flag ? Optional.of(flag.value()) : Optional.empty();
    }

    /** A code; empty where it was not recorded. */
    public Optional<String> code(ReadingLeaf leaf) {
        return leaves.get(leaf) instanceof Code code ? Optional.of(code.value()) : Optional.empty();
    }

    /** Several codes; empty where none was recorded. */
    public List<String> codes(ReadingLeaf leaf) {
        return leaves.get(leaf) instanceof Codes codes ? codes.values() : List.of();
    }

    /** What somebody wrote; empty where nothing is. */
    public Optional<String> text(ReadingLeaf leaf) {
        return leaves.get(leaf) instanceof Text text ? Optional.of(text.value()) : Optional.empty();
    }

    boolean has(ReadingLeaf leaf) {
        return leaves.containsKey(leaf);
    }

    /** Whether a sign was noted. From then on, signs of the same place that were not tapped count as not seen (method M19). */
    boolean isObserved() {
        return leaves.keySet().stream().anyMatch(Signs::tells);
    }

    /** Whether anything was recorded that is more than a note. */
    boolean isBegun() {
        return leaves.keySet().stream().anyMatch(l -> !l.isMark() || MARKS_OF_A_TEST_DONE.contains(l));
    }
}
