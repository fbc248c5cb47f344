package lexicor.core.catalogue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

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
    public record Variant(String name, String note) {
        private static final Pattern HOLD = Pattern.compile("(\\d+) (seconds|minutes)");
        private static final Map<String, String> POSITIONS =
                Map.of("Sitting", "sitting", "Standing", "standing-facing", "Lying", "supine");

        /** The hold time where the variant is one, for example {@code 3 minutes}; empty for all others. */
        public OptionalInt holdSeconds() {
            Matcher hold = HOLD.matcher(name);
            return hold.matches()
                    ? OptionalInt.of(
                            Integer.parseInt(hold.group(1)) * (hold.group(2).equals("minutes") ? 60 : 1))
                    : OptionalInt.empty();
        }

        private Optional<String> position() {
            return Optional.ofNullable(POSITIONS.get(name));
        }
    }

    /**
     * The test as the school does it: held as long, and in the position, that the variant is named after. Where it differs in
     * something else, its note says so and nothing changes here.
     */
    public ClinicalTest done(Variant variant) {
        return new ClinicalTest(
                id,
                name,
                aliases,
                region,
                kind,
                family,
                structures,
                variant.position().filter(otherPositions::contains).orElse(position),
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
                variants);
    }

    public Optional<Variant> variant(String name) {
        return variants.stream().filter(v -> v.name().equals(name)).findFirst();
    }

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
