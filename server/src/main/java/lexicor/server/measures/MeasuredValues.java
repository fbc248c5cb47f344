package lexicor.server.measures;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Measure;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.examination.Place;
import lexicor.core.examination.Readings;
import lexicor.core.examination.Side;
import lexicor.core.measuring.RangeReading;
import lexicor.core.measuring.Strength;

/**
 * What was measured at one visit. The couch and the measures are two doors to the same reading: where a value was recorded or
 * taken back on the couch since its trials were kept, the couch's holds.
 */
public final class MeasuredValues {
    private static final double SAME = 1e-9;

    private record Key(String measure, String item, String side) {}

    private final Map<Key, List<MeasuredRecord>> kept = new HashMap<>();
    private final Readings readings;

    MeasuredValues(List<MeasuredRecord> records, Readings readings) {
        records.forEach(r -> kept.computeIfAbsent(new Key(r.measure, r.item, r.side), k -> new ArrayList<>())
                .add(r));
        this.readings = readings;
    }

    public Readings readings() {
        return readings;
    }

    /** Whether anything was measured of it on either side. */
    boolean has(Measure measure) {
        return Stream.of(Side.values())
                .anyMatch(side -> kept.keySet().stream()
                                .anyMatch(k -> k.measure().equals(measure.id())
                                        && k.side().equals(side.id()))
                        || measure.readings().stream()
                                .anyMatch(r -> !trials(measure, r, side).isEmpty()));
    }

    /** Whether nothing was measured but what the couch recorded. */
    public boolean isEmpty() {
        return kept.isEmpty();
    }

    /** The worst pain that a number was given for, 0 to 10. */
    public Optional<Double> worstPain(Side side) {
        Stream<Double> tapped = readings.byPlace().entrySet().stream()
                .filter(e -> e.getKey().side() == side)
                .flatMap(e -> e.getValue().quantity(ReadingLeaf.PAIN_SEVERITY).stream());
        Stream<Double> noted = kept.entrySet().stream()
                .filter(e -> e.getKey().side().equals(side.id()))
                .filter(e -> e.getKey().item().equals(MeasureChanges.PAIN_UNDER_LOAD)
                        || e.getKey().item().equals(MeasureChanges.PAIN_AT_REST))
                .map(e -> e.getValue().get(0).amount);
        return Stream.concat(tapped, noted).max(Comparator.naturalOrder());
    }

    /** The trials of one side in order; none is an empty list. */
    List<Double> trials(Measure measure, ReadingLeaf leaf, Side side) {
        List<Double> trials = kept.getOrDefault(new Key(measure.id(), leaf.leafName(), side.id()), List.of()).stream()
                .map(r -> r.amount)
                .toList();
        if (measure.feeds().isEmpty()) {
            return trials;
        }
        Measure.Feeds feeds = measure.feeds().get(0);
        Optional<Double> reading =
                readings.at(new Place(feeds.test(), feeds.at(), side)).quantity(leaf);
        boolean same = reading.isPresent()
                && !trials.isEmpty()
                && Math.abs(mean(trials) - reading.get()) < SAME * Math.max(1, Math.abs(reading.get()));
        return same ? trials : reading.map(List::of).orElse(List.of());
    }

    public Optional<Double> mean(Measure measure, ReadingLeaf leaf, Side side) {
        List<Double> trials = trials(measure, leaf, side);
        return trials.isEmpty() ? Optional.empty() : Optional.of(mean(trials));
    }

    /** The first reading's trials as a strength; empty where none was taken. */
    Optional<Strength> strength(Measure measure, Side side) {
        List<Double> trials = trials(measure, measure.readings().get(0), side);
        return trials.isEmpty() ? Optional.empty() : Optional.of(new Strength(trials));
    }

    /** The mean of one side over the mean of the measure that it is divided by; empty without both. */
    Optional<Double> ratio(Measure measure, Side side, Catalogue catalogue) {
        Optional<Strength> own = strength(measure, side);
        return measure.ratioTo()
                .flatMap(catalogue.measures()::measure)
                .flatMap(m -> strength(m, side))
                .filter(s -> s.meanNewtons() > 0)
                .flatMap(base -> own.map(o -> o.meanNewtons() / base.meanNewtons()));
    }

    RangeReading range(Measure measure, Side side) {
        return new RangeReading(
                mean(measure, ReadingLeaf.RANGE_ACTIVE_DEG, side), mean(measure, ReadingLeaf.RANGE_PASSIVE_DEG, side));
    }

    /** Something noted as a number. */
    Optional<Double> amount(Measure measure, String note, Side side) {
        return noted(measure, note, side).map(r -> r.amount);
    }

    boolean isNoted(Measure measure, String note, Side side) {
        return amount(measure, note, side).filter(a -> a > 0).isPresent();
    }

    /** Everything noted beside the readings, as the API gives it. */
    Map<String, Object> notes(Measure measure, Side side) {
        Map<String, Object> notes = new HashMap<>();
        for (String note : MeasureChanges.notes(measure)) {
            noted(measure, note, side).ifPresent(r -> {
                boolean truth = note.equals(MeasureChanges.FAMILIAR_PAIN) || note.equals(MeasureChanges.CHEATED);
                notes.put(note, r.word != null ? r.word : truth ? (Object) (r.amount > 0) : r.amount);
            });
        }
        return notes;
    }

    private Optional<MeasuredRecord> noted(Measure measure, String note, Side side) {
        return kept.getOrDefault(new Key(measure.id(), note, side.id()), List.of()).stream()
                .findFirst();
    }

    static double mean(List<Double> trials) {
        return trials.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
    }
}
