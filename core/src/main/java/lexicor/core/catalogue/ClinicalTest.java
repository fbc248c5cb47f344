package lexicor.core.catalogue;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;

/**
 * A test as the catalogue describes it.
 *
 * @param family the mechanism by which it provokes; tests of one family tend to fail together (method M4)
 * @param position where the patient is, for example {@code supine}
 * @param minutes usual time for both sides, in minutes
 * @param provocation how much it can hurt or startle, from 0 (nothing) to 3
 * @param holdSeconds how long the position is held, empty where the test is not timed
 * @param readings the readings it offers, for example {@code pain}
 * @param contraindications precautions under which it is not offered
 * @param after tests that have to come first
 * @param particulars how it is recorded, read and named
 */
public record ClinicalTest(
        String id,
        String name,
        List<String> aliases,
        String region,
        String kind,
        String family,
        List<String> structures,
        String position,
        List<String> otherPositions,
        double minutes,
        int provocation,
        OptionalInt holdSeconds,
        List<String> equipment,
        boolean bothSides,
        List<String> steps,
        List<String> readings,
        List<Criterion> criteria,
        List<String> unreliableIf,
        List<String> watchFor,
        List<String> contraindications,
        List<String> after,
        List<Variant> variants,
        Particulars particulars) {

    /**
     * A school's own way to do or read the test.
     *
     * @param position where the patient is, where that differs from the test's own
     * @param holdSeconds how long it is held, where that differs
     */
    public record Variant(String name, String note, Optional<String> position, OptionalInt holdSeconds) {}

    /** The test as the school does it: held as long, and in the position, that its variant says. */
    public ClinicalTest done(Variant variant) {
        return new ClinicalTest(
                id,
                name,
                aliases,
                region,
                kind,
                family,
                structures,
                variant.position().orElse(position),
                otherPositions,
                minutes,
                provocation,
                variant.holdSeconds().isPresent() ? variant.holdSeconds() : holdSeconds,
                equipment,
                bothSides,
                steps,
                readings,
                criteria,
                unreliableIf,
                watchFor,
                contraindications,
                after,
                variants,
                particulars);
    }

    /** The test with what is read at one of its places alone. */
    public ClinicalTest at(String place) {
        return new ClinicalTest(
                id,
                name,
                aliases,
                region,
                kind,
                family,
                structures,
                position,
                otherPositions,
                minutes,
                provocation,
                holdSeconds,
                equipment,
                bothSides,
                steps,
                readings,
                criteria.stream().filter(c -> c.at().equals(place)).toList(),
                unreliableIf,
                watchFor,
                contraindications,
                after,
                variants,
                particulars);
    }

    public Optional<Variant> variant(String name) {
        return variants.stream().filter(v -> v.name().equals(name)).findFirst();
    }

    /** The landmarks or movements at which readings are taken, in their order; one empty name where there is only one set. */
    public Set<String> places() {
        Set<String> places = new LinkedHashSet<>();
        particulars.places().forEach(p -> places.add(p.id()));
        criteria.forEach(c -> places.add(c.at()));
        return places;
    }

    /** How a place is called: by its own words, or else by the first thing that is looked for there. */
    public String placeLabel(String at) {
        return Choice.label(particulars.places(), at)
                .or(() -> criteria.stream()
                        .filter(c -> !at.isEmpty() && c.at().equals(at))
                        .map(Criterion::label)
                        .findFirst())
                .orElse("");
    }

    public Set<String> criterionIds() {
        Set<String> ids = new TreeSet<>();
        criteria.forEach(c -> ids.add(c.id()));
        return ids;
    }

    /** Whether the leaf is a mark, a way round a test that names some, or belongs to one of the test's readings. */
    public boolean offers(ReadingLeaf leaf) {
        return leaf.isMark()
                || readings.contains(leaf.reading())
                || leaf == ReadingLeaf.CHEAT && !particulars.cheats().isEmpty();
    }
}
