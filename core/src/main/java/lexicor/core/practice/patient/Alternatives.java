package lexicor.core.practice.patient;

import static lexicor.core.catalogue.ReadingLeaf.*;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Choice;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.catalogue.Rule.Operator;
import lexicor.core.examination.ReadingValue;
import lexicor.core.examination.ReadingValue.Code;
import lexicor.core.examination.ReadingValue.Codes;
import lexicor.core.examination.ReadingValue.Flag;
import lexicor.core.examination.ReadingValue.Quantity;

/**
 * What can be felt at one place of a test: for each sign that the test reads, the ways in which it can be there or not, the usual one
 * first. Numbers fall on either side of every limit of the place's criteria.
 */
final class Alternatives {
    private static final Set<ReadingLeaf> FLAGS = Set.of(
            APPREHENSION, CLUNK, CREPITUS, DROPS, HOLDS_POSITION, VISIBLE, TENDER, SENSATION_REDUCED, CANNOT_HOLD);

    private static final Set<ReadingLeaf> FORCES = Set.of(WEAKNESS_GRADE, WEAKNESS_MRC, FORCE_N);

    /** What a strong arm holds of the sound one's force, one that is a little weak, and one that is clearly weak. */
    private static final double[] HELD = {0.97, 0.72, 0.4};

    private static final String[] GRADES = {"none", "mild", "marked"};
    private static final double[] MRC = {5, 4, 3};

    private static final String THUMB_SIDE = "thumb-side-fingers";
    private static final String LITTLE_SIDE = "little-side-fingers";

    private final Catalogue catalogue;
    private final List<String> hurts;
    private final ClinicalTest test;
    private final String at;
    private final Draws draws;
    private final Map<ReadingLeaf, ReadingValue> baseline;
    private final Map<ReadingLeaf, List<Operator>> rules = new HashMap<>();
    private final List<List<Map<ReadingLeaf, ReadingValue>>> bundles = new ArrayList<>();

    /**
     * @param baseline what the other side measures; empty on that side itself
     */
    Alternatives(
            PatientWorld world, ClinicalTest test, String at, Draws draws, Map<ReadingLeaf, ReadingValue> baseline) {
        catalogue = world.catalogue;
        hurts = world.complaint.hurts();
        this.test = test;
        this.at = at;
        this.draws = draws;
        this.baseline = baseline;
        test.criteria().stream()
                .filter(c -> c.at().equals(at))
                .flatMap(c -> c.positiveWhen().comparisons())
                .forEach(c ->
                        rules.computeIfAbsent(c.leaf(), k -> new ArrayList<>()).add(c.operator()));
        lay();
    }

    /** Every way in which the place can turn out, as ordinary as possible first. */
    List<Map<ReadingLeaf, ReadingValue>> all() {
        List<Map<ReadingLeaf, ReadingValue>> all = List.of(Map.of());
        for (List<Map<ReadingLeaf, ReadingValue>> bundle : bundles) {
            List<Map<ReadingLeaf, ReadingValue>> longer = new ArrayList<>();
            for (Map<ReadingLeaf, ReadingValue> begun : all) {
                for (Map<ReadingLeaf, ReadingValue> one : bundle) {
                    Map<ReadingLeaf, ReadingValue> both = new LinkedHashMap<>(begun);
                    both.putAll(one);
                    if (canBe(both)) {
                        longer.add(both);
                    }
                }
            }
            all = longer;
        }
        return all;
    }

    /** Nobody who is strong cannot hold, and what comes after a time comes. */
    private static boolean canBe(Map<ReadingLeaf, ReadingValue> felt) {
        boolean strong = felt.get(WEAKNESS_GRADE) instanceof Code c && c.value().equals(GRADES[0]);
        boolean symptom = ReadingValue.isYes(felt.get(PAIN_PRESENT)) || ReadingValue.isYes(felt.get(TINGLING_PRESENT));
        return !(strong && ReadingValue.isYes(felt.get(CANNOT_HOLD)))
                && !(felt.containsKey(ONSET_SECONDS) && !symptom)
                // What is touched hurts where it is tender.
                && !(felt.containsKey(TENDER)
                        && ReadingValue.isYes(felt.get(PAIN_PRESENT))
                        && !ReadingValue.isYes(felt.get(TENDER)))
                && !(felt.containsKey(ARC_START_DEG) && !ReadingValue.isYes(felt.get(PAIN_PRESENT)));
    }

    private void lay() {
        if (test.offers(PAIN_PRESENT)) {
            bundles.add(pain());
        }
        if (test.offers(TINGLING_PRESENT)) {
            bundles.add(tingling());
        }
        for (ReadingLeaf leaf : ReadingLeaf.values()) {
            if (FLAGS.contains(leaf) && test.offers(leaf) && isAskedHere(leaf)) {
                boolean usual = leaf == HOLDS_POSITION;
                bundles.add(List.of(Map.of(leaf, new Flag(usual)), Map.of(leaf, new Flag(!usual))));
            }
        }
        if (test.offers(RELIEF) && rules.containsKey(RELIEF)) {
            bundles.add(List.of(Map.of(RELIEF, new Flag(false)), Map.of(RELIEF, new Flag(true))));
        }
        if (test.offers(CLICK_PRESENT)) {
            bundles.add(List.of(
                    Map.of(CLICK_PRESENT, new Flag(false)),
                    Map.of(CLICK_PRESENT, new Flag(true), CLICK_PAINFUL, new Flag(false)),
                    Map.of(CLICK_PRESENT, new Flag(true), CLICK_PAINFUL, new Flag(true))));
        }
        if (FORCES.stream().anyMatch(test::offers)) {
            bundles.add(strength());
        }
        if (test.offers(LAXITY_SIDE_DIFFERENCE) && rules.containsKey(LAXITY_SIDE_DIFFERENCE)) {
            bundles.add(List.of(
                    Map.of(LAXITY_SIDE_DIFFERENCE, new Flag(false)), Map.of(LAXITY_SIDE_DIFFERENCE, new Flag(true))));
        }
        if (test.offers(LAXITY_END_POINT) && rules.containsKey(LAXITY_END_POINT)) {
            bundles.add(
                    List.of(Map.of(LAXITY_END_POINT, new Code("firm")), Map.of(LAXITY_END_POINT, new Code("none"))));
        }
        if (rules.containsKey(CHEAT)) {
            bundles.add(cheats());
        }
        if (rules.containsKey(ARC_START_DEG) || rules.containsKey(ARC_WORST_DEG)) {
            bundles.add(arcs());
        }
        if (test.offers(ONSET_SECONDS)) {
            bundles.add(onsets());
        }
        numbers();
    }

    /** At a place of a test with several, only what is read there; a test with one set of readings is read as a whole. */
    private boolean isAskedHere(ReadingLeaf leaf) {
        return rules.containsKey(leaf) || test.places().size() == 1;
    }

    private List<Map<ReadingLeaf, ReadingValue>> pain() {
        List<Map<ReadingLeaf, ReadingValue>> ways = new ArrayList<>();
        ways.add(Map.of(PAIN_PRESENT, new Flag(false)));
        List<List<String>> sites = sites();
        ways.add(pain(false, draws.one("other site " + test.id(), sites)));
        if (rules.containsKey(PAIN_SITE)) {
            sites.forEach(s -> ways.add(pain(true, s)));
        } else {
            ways.add(pain(true, draws.one("site " + test.id() + at, sites)));
        }
        return ways;
    }

    private static Map<ReadingLeaf, ReadingValue> pain(boolean familiar, List<String> sites) {
        Map<ReadingLeaf, ReadingValue> pain = new LinkedHashMap<>();
        pain.put(PAIN_PRESENT, new Flag(true));
        pain.put(PAIN_FAMILIAR, new Flag(familiar));
        if (!sites.isEmpty()) {
            pain.put(PAIN_SITE, new Codes(sites));
        }
        return pain;
    }

    /** One site, or two where criteria of the place tell them apart. */
    private List<List<String>> sites() {
        List<String> named = test.particulars().sites().stream().map(Choice::id).toList();
        List<List<String>> sites = new ArrayList<>();
        named.forEach(s -> sites.add(List.of(s)));
        long apart =
                rules.getOrDefault(PAIN_SITE, List.of()).stream().distinct().count();
        if (apart > 1) {
            for (String a : named) {
                named.stream().filter(b -> b.compareTo(a) > 0).forEach(b -> sites.add(List.of(a, b)));
            }
        }
        return sites.isEmpty() ? List.of(List.of()) : sites;
    }

    private List<Map<ReadingLeaf, ReadingValue>> tingling() {
        List<Map<ReadingLeaf, ReadingValue>> ways = new ArrayList<>();
        ways.add(Map.of(TINGLING_PRESENT, new Flag(false)));
        Map<String, List<String>> byTerritory = new LinkedHashMap<>();
        catalogue.fingers().fingers().forEach(f -> byTerritory
                .computeIfAbsent(f.territory(), t -> new ArrayList<>())
                .add(f.id()));
        List<List<String>> fingers = new ArrayList<>(byTerritory.values());
        ways.add(tingling(false, draws.one("other fingers " + test.id(), fingers)));
        fingers.stream()
                .sorted(Comparator.comparing(f -> !f.equals(own(byTerritory))))
                .forEach(f -> ways.add(tingling(true, f)));
        return ways;
    }

    /** Where this patient's tingling is, where the test leaves it open. */
    private List<String> own(Map<String, List<String>> byTerritory) {
        List<String> usual = hurts.contains(THUMB_SIDE) == hurts.contains(LITTLE_SIDE)
                ? List.of("median", "ulnar")
                : List.of(hurts.contains(THUMB_SIDE) ? "median" : "ulnar");
        return byTerritory.get(draws.one("own fingers", usual));
    }

    private Map<ReadingLeaf, ReadingValue> tingling(boolean familiar, List<String> fingers) {
        Map<ReadingLeaf, ReadingValue> tingling = new LinkedHashMap<>();
        tingling.put(TINGLING_PRESENT, new Flag(true));
        tingling.put(TINGLING_FAMILIAR, new Flag(familiar));
        tingling.put(TINGLING_FINGERS, new Codes(fingers));
        tingling.put(
                TINGLING_TERRITORY,
                new Codes(List.copyOf(new TreeSet<>(catalogue.fingers().territoriesOf(fingers)))));
        return tingling;
    }

    private List<Map<ReadingLeaf, ReadingValue>> strength() {
        List<Map<ReadingLeaf, ReadingValue>> ways = new ArrayList<>();
        for (int level = 0; level < HELD.length; level++) {
            Map<ReadingLeaf, ReadingValue> held = new LinkedHashMap<>();
            if (test.offers(WEAKNESS_GRADE)) {
                held.put(WEAKNESS_GRADE, new Code(GRADES[level]));
            }
            if (rules.containsKey(WEAKNESS_MRC)) {
                held.put(WEAKNESS_MRC, new Quantity(MRC[level]));
            }
            if (test.offers(FORCE_N)) {
                held.put(FORCE_N, new Quantity(Math.rint(sound(FORCE_N) * HELD[level])));
            }
            if (!held.isEmpty()) {
                ways.add(held);
            }
        }
        return ways.isEmpty() ? List.of(Map.of()) : ways;
    }

    private List<Map<ReadingLeaf, ReadingValue>> cheats() {
        Set<String> codes = new TreeSet<>();
        rules.get(CHEAT).stream()
                .filter(Operator.In.class::isInstance)
                .forEach(o -> codes.addAll(((Operator.In) o).codes()));
        List<Map<ReadingLeaf, ReadingValue>> ways = new ArrayList<>();
        ways.add(Map.of(CHEAT, new Codes(List.of())));
        codes.forEach(c -> ways.add(Map.of(CHEAT, new Codes(List.of(c)))));
        return ways;
    }

    private List<Map<ReadingLeaf, ReadingValue>> arcs() {
        double early = 5 * Math.rint(draws.between("arc", 12, 16));
        return List.of(
                Map.of(),
                arc(early, early + 25, early + 45),
                arc(early + 80, early + 100, Math.min(180, early + 115)),
                arc(early - 30, early + 20, 180));
    }

    private static Map<ReadingLeaf, ReadingValue> arc(double from, double worst, double to) {
        return Map.of(
                ARC_START_DEG, new Quantity(from), ARC_WORST_DEG, new Quantity(worst), ARC_END_DEG, new Quantity(to));
    }

    private List<Map<ReadingLeaf, ReadingValue>> onsets() {
        double hold = test.holdSeconds().orElse(60);
        Set<Double> limits = new TreeSet<>();
        rules.getOrDefault(ONSET_SECONDS, List.of()).stream()
                .filter(Operator.AtMost.class::isInstance)
                .forEach(o -> limits.add(((Operator.AtMost) o).limit()));
        List<Map<ReadingLeaf, ReadingValue>> ways = new ArrayList<>();
        ways.add(Map.of());
        double from = 0;
        for (double limit : limits) {
            ways.add(onset(from, limit));
            from = limit;
        }
        if (hold > from) {
            ways.add(onset(from, hold));
        }
        return ways;
    }

    private Map<ReadingLeaf, ReadingValue> onset(double from, double to) {
        double seconds = Math.rint(draws.between("onset " + test.id() + to, from + 0.25 * (to - from), to - 1));
        return Map.of(ONSET_SECONDS, new Quantity(Math.max(1, seconds)));
    }

    /** Numbers that criteria of the place read, and those that a measuring test is done for. */
    private void numbers() {
        Set<ReadingLeaf> done =
                new HashSet<>(Set.of(WEAKNESS_MRC, FORCE_N, ONSET_SECONDS, ARC_START_DEG, ARC_WORST_DEG, ARC_END_DEG));
        for (ReadingLeaf leaf : ReadingLeaf.values()) {
            if (leaf.kind() == ReadingLeaf.Kind.QUANTITY
                    && !done.contains(leaf)
                    && test.offers(leaf)
                    && rules.containsKey(leaf)) {
                bundles.add(values(leaf).stream()
                        .map(v -> Map.<ReadingLeaf, ReadingValue>of(leaf, new Quantity(v)))
                        .toList());
            }
        }
    }

    private List<Double> values(ReadingLeaf leaf) {
        double sound = sound(leaf);
        Set<Double> limits = new TreeSet<>();
        for (Operator o : rules.get(leaf)) {
            if (o instanceof Operator.AtLeast least) {
                limits.add(least.limit());
            } else if (o instanceof Operator.AtMost most) {
                limits.add(most.limit());
            } else if (o instanceof Operator.Between between) {
                limits.add(between.low());
                limits.add(between.high());
            } else if (o instanceof Operator.MoreThanOtherSideBy more) {
                limits.add(sound + more.amount());
            } else if (o instanceof Operator.LessThanOtherSideByPercent less) {
                limits.add(sound * (1 - less.percent() / 100));
            }
        }
        List<Double> values = new ArrayList<>();
        values.add(rounded(leaf, sound));
        for (double limit : limits) {
            double step = Math.max(Math.abs(limit) * 0.25, least(leaf));
            String what = leaf.leafName() + " " + test.id() + at + limit;
            values.add(rounded(leaf, limit + draws.between(what + "+", 0.3, 1) * step));
            values.add(rounded(leaf, limit - draws.between(what + "-", 0.3, 1) * step));
            values.add(rounded(leaf, limit));
        }
        return values.stream()
                .map(v -> Math.min(leaf.high(), Math.max(leaf.low(), v)))
                .distinct()
                .collect(Collectors.toCollection(ArrayList::new));
    }

    /** The least by which a number is worth telling apart. */
    private static double least(ReadingLeaf leaf) {
        return leaf == RATIO ? 0.1 : leaf.unit().equals("degrees") ? 10 : 2;
    }

    private static double rounded(ReadingLeaf leaf, double value) {
        return switch (leaf) {
            case RATIO -> Math.rint(value * 100) / 100;
            case THRESHOLD_MM -> Math.rint(value * 10) / 10;
            case RANGE_ACTIVE_DEG, RANGE_PASSIVE_DEG -> 5 * Math.rint(value / 5);
            default -> Math.rint(value);
        };
    }

    /** What the sound side measures; on that side itself drawn from what is usual. */
    private double sound(ReadingLeaf leaf) {
        if (baseline.get(leaf) instanceof Quantity q) {
            return q.value();
        }
        return Sound.usual(catalogue.simulation(), draws, test.id() + "/" + at, leaf);
    }
}
