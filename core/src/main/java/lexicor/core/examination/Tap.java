package lexicor.core.examination;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import lexicor.core.catalogue.ReadingLeaf;

/** One act of recording: what it sets, and what it clears (an empty value). */
public record Tap(Place place, Map<ReadingLeaf, Optional<ReadingValue>> changes) {
    public Tap {
        changes = Map.copyOf(changes);
    }

    /** One that sets all of these and clears nothing. */
    public static Tap of(Place place, Map<ReadingLeaf, ReadingValue> values) {
        Map<ReadingLeaf, Optional<ReadingValue>> changes = new HashMap<>();
        values.forEach((leaf, value) -> changes.put(leaf, Optional.of(value)));
        return new Tap(place, changes);
    }
}
