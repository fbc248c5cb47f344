package lexicor.core.catalogue;

import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Where tingling is felt in the hand, and the nerve territory that follows from it. */
public record FingerMap(List<Finger> fingers, List<Choice> territories) {
    public static final FingerMap NONE = new FingerMap(List.of(), List.of());

    /** A part of the hand and the territory it lies in. */
    public record Finger(String id, String label, String territory) {}

    /** The territories of these parts, each once; parts that are not on the map have none. */
    public Set<String> territoriesOf(Collection<String> parts) {
        Set<String> found = new LinkedHashSet<>();
        fingers.stream().filter(f -> parts.contains(f.id())).forEach(f -> found.add(f.territory()));
        return found;
    }

    /** How a part is called; empty where it is not on the map. */
    public Optional<String> label(String part) {
        return fingers.stream()
                .filter(f -> f.id().equals(part))
                .map(Finger::label)
                .findFirst();
    }

    public boolean has(String part) {
        return fingers.stream().anyMatch(f -> f.id().equals(part));
    }
}
