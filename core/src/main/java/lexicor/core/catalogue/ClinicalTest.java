package lexicor.core.catalogue;

import java.util.List;
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
        List<Variant> variants) {

    /** A school's own way to do or read the test. */
    public record Variant(String name, String note) {}

    /** The landmarks or movements at which readings are taken; one empty name where there is only one set. */
    public Set<String> places() {
        Set<String> places = new TreeSet<>();
        criteria.forEach(c -> places.add(c.at()));
        return places;
    }

    public Set<String> criterionIds() {
        Set<String> ids = new TreeSet<>();
        criteria.forEach(c -> ids.add(c.id()));
        return ids;
    }

    /** Whether the leaf is a mark or belongs to one of the test's readings. */
    public boolean offers(ReadingLeaf leaf) {
        return leaf.isMark() || readings.contains(leaf.reading());
    }
}
