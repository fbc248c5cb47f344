package lexicor.core.examination;

import java.util.Map;
import java.util.Optional;
import lexicor.core.catalogue.ReadingLeaf;

/** One act of recording: what it sets, and what it clears (an empty value). */
public record Tap(Place place, Map<ReadingLeaf, Optional<ReadingValue>> changes) {
    public Tap {
        changes = Map.copyOf(changes);
    }
}
