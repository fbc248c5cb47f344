package lexicor.core.catalogue;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * How conditions stand to each other.
 *
 * @param kin pairs of which one is part of the other, or whose studies count the one among the other's patients: no rivals (method M17)
 * @param settleFirst by condition, what has to be settled before it is acted on (method M11)
 */
public record Relations(List<Kin> kin, Map<String, List<String>> settleFirst) {
    public static final Relations NONE = new Relations(List.of(), Map.of());

    /** Two conditions of one kind, the whole first. */
    public record Kin(String whole, String part) {}

    public Relations {
        kin = List.copyOf(kin);
        settleFirst = Map.copyOf(settleFirst);
    }

    /** The kin of a condition. */
    public Set<String> kinOf(String condition) {
        return kin.stream()
                .filter(k -> k.whole().equals(condition) || k.part().equals(condition))
                .map(k -> k.whole().equals(condition) ? k.part() : k.whole())
                .collect(Collectors.toUnmodifiableSet());
    }

    public List<String> settledBefore(String condition) {
        return settleFirst.getOrDefault(condition, List.of());
    }
}
