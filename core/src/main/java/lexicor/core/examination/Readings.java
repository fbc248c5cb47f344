package lexicor.core.examination;

import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import lexicor.core.catalogue.ReadingLeaf;

/** All that stands recorded, after every tap in order: the later tap wins, leaf by leaf. Immutable. */
public final class Readings {
    private final Map<Place, SideReadings> byPlace;

    private final boolean bothSidesTrouble;

    private Readings(Map<Place, SideReadings> byPlace, boolean bothSidesTrouble) {
        this.byPlace = byPlace;
        this.bothSidesTrouble = bothSidesTrouble;
    }

    /** The same of a patient whose other side is troubled too, so that it is no baseline; or not. */
    public Readings ofBothSides(boolean trouble) {
        return new Readings(byPlace, trouble);
    }

    boolean bothSidesTrouble() {
        return bothSidesTrouble;
    }

    /** Plays the taps in order. */
    public static Readings of(List<Tap> taps) {
        Map<Place, Map<ReadingLeaf, ReadingValue>> leaves = new LinkedHashMap<>();
        for (Tap tap : taps) {
            Map<ReadingLeaf, ReadingValue> at =
                    leaves.computeIfAbsent(tap.place(), p -> new EnumMap<>(ReadingLeaf.class));
            tap.changes().forEach((leaf, value) -> value.ifPresentOrElse(v -> at.put(leaf, v), () -> at.remove(leaf)));
        }
        Map<Place, SideReadings> result = new LinkedHashMap<>();
        leaves.forEach((place, at) -> {
            if (!at.isEmpty()) {
                result.put(place, new SideReadings(at));
            }
        });
        return new Readings(result, false);
    }

    /** What is recorded at a place; nothing at all is an empty set of readings. */
    public SideReadings at(Place place) {
        return byPlace.getOrDefault(place, SideReadings.NONE);
    }

    /** The tests with anything recorded on either side. */
    public Set<String> tests() {
        return byPlace.keySet().stream().map(Place::test).collect(Collectors.toSet());
    }

    public Map<Place, SideReadings> byPlace() {
        return Collections.unmodifiableMap(byPlace);
    }
}
