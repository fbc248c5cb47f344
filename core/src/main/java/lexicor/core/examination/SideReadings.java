package lexicor.core.examination;

import java.util.Collections;
import java.util.Map;
import java.util.Optional;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.catalogue.ReadingLeaf.Kind;
import lexicor.core.examination.ReadingValue.Code;
import lexicor.core.examination.ReadingValue.Flag;

/** What is recorded at one place on one side. Immutable. */
public final class SideReadings {
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

    boolean has(ReadingLeaf leaf) {
        return leaves.containsKey(leaf);
    }

    /**
     * Whether a sign or symptom was noted. From then on, signs of the same test that were not tapped count as not seen;
     * measured numbers are never assumed.
     */
    boolean isObserved() {
        return leaves.keySet().stream().anyMatch(l -> !l.isMark() && l.kind() != Kind.QUANTITY);
    }
}
