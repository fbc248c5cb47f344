package lexicor.server.measures;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Measure;
import lexicor.core.catalogue.MeasureGroup;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.server.problems.Refusal;

/** The values of one side of a measure as they were sent, checked; an item without values is to be cleared. */
public record MeasureChanges(Map<String, List<Value>> byItem) {
    static final String LEVER = "leverCm";
    static final String GRADE = "grade";
    static final String PAIN_AT_REST = "painAtRest";
    static final String PAIN_UNDER_LOAD = "painUnderLoad";
    static final String FAMILIAR_PAIN = "familiarPain";
    static final String CHEATED = "cheated";
    static final String END_FEEL = "endFeel";
    static final Set<String> END_FEELS = Set.of("hard", "firm", "soft", "springy", "empty", "guarded");

    private static final Map<String, String> NOTE_NAMES = Map.of(
            LEVER, "lever in cm",
            GRADE, "grade",
            PAIN_AT_REST, "pain at rest",
            PAIN_UNDER_LOAD, "pain under load",
            FAMILIAR_PAIN, "familiar pain",
            CHEATED, "got round it",
            END_FEEL, "end feel");

    private static final int MOST_TRIALS = 3;
    private static final double LONGEST_LEVER_CM = 100;
    private static final double MOST_PAIN = 10;
    private static final double BEST_GRADE = 5;
    /** A plus or a minus is a third of a grade. */
    private static final double GRADE_STEPS = 3;

    /** An amount or a word; the other is null. */
    public record Value(Double amount, String word) {}

    /** A note's name in words. */
    public static String noteName(String note) {
        return NOTE_NAMES.getOrDefault(note, note);
    }

    /** What can be noted beside the readings of a measure. */
    static List<String> notes(Measure measure) {
        if (measure.group() == MeasureGroup.STRENGTH) {
            return List.of(LEVER, GRADE, PAIN_AT_REST, PAIN_UNDER_LOAD, FAMILIAR_PAIN, CHEATED);
        }
        if (measure.group() == MeasureGroup.GRIP) {
            return List.of(PAIN_AT_REST, PAIN_UNDER_LOAD, FAMILIAR_PAIN);
        }
        return measure.readings().contains(ReadingLeaf.RANGE_PASSIVE_DEG)
                ? List.of(END_FEEL, FAMILIAR_PAIN)
                : List.of(FAMILIAR_PAIN);
    }

    static int mostTrials(Measure measure) {
        return measure.group().byTrials() ? MOST_TRIALS : 1;
    }

    /**
     * @param sure whether unusual values were asked about and are meant
     */
    static MeasureChanges read(Measure measure, Map<String, Object> changes, boolean sure) {
        Map<String, List<Value>> byItem = new LinkedHashMap<>();
        changes.forEach((item, value) -> byItem.put(item, values(measure, item, value, sure)));
        return new MeasureChanges(byItem);
    }

    /** Refuses a stored value that could not have been stored here: another item, one trial too many, out of range. */
    public static void checkStored(Measure measure, String item, int place, Value stored) {
        boolean isTruth = FAMILIAR_PAIN.equals(item) || CHEATED.equals(item);
        Object given =
                stored.amount() == null ? stored.word() : isTruth ? (Object) (stored.amount() != 0) : stored.amount();
        boolean reading = isReading(measure, item);
        int most = reading ? mostTrials(measure) : 1;
        if (place < 0 || place >= most) {
            throw Refusal.field("place", "expected 0 to " + (most - 1));
        }
        values(measure, item, reading ? List.of(given) : given, true);
    }

    /** What the values say as readings of the test that they go to, as far as it takes them. */
    Map<String, Object> reading(ClinicalTest test) {
        Map<String, Object> reading = new HashMap<>();
        byItem.forEach((item, amounts) -> {
            Double amount = amounts.isEmpty() ? null : MeasuredValues.mean(trials(amounts));
            Boolean yes = amount == null ? null : amount > 0;
            switch (item) {
                case GRADE -> put(reading, test, ReadingLeaf.WEAKNESS_MRC, amount);
                case PAIN_UNDER_LOAD -> put(reading, test, ReadingLeaf.PAIN_SEVERITY, amount);
                case FAMILIAR_PAIN -> {
                    put(reading, test, ReadingLeaf.PAIN_FAMILIAR, yes);
                    put(reading, test, ReadingLeaf.PAIN_PRESENT, yes);
                }
                case CHEATED -> put(reading, test, ReadingLeaf.MARK_CHEATED, yes);
                case LEVER, PAIN_AT_REST, END_FEEL -> {}
                default -> put(reading, test, ReadingLeaf.named(item).orElseThrow(), amount);
            }
        });
        return reading;
    }

    private static List<Double> trials(List<Value> amounts) {
        return amounts.stream().map(Value::amount).map(a -> a == null ? 1.0 : a).toList();
    }

    private static void put(Map<String, Object> reading, ClinicalTest test, ReadingLeaf leaf, Object value) {
        if (leaf.isMark() || test.offers(leaf)) {
            reading.put(leaf.leafName(), value);
        }
    }

    private static boolean isReading(Measure measure, String item) {
        return measure.readings().stream().anyMatch(r -> r.leafName().equals(item));
    }

    private static List<Value> values(Measure measure, String item, Object value, boolean sure) {
        boolean reading = isReading(measure, item);
        if (!reading && !notes(measure).contains(item)) {
            throw Refusal.field("changes." + item, measure.name() + " has no " + item + " to measure");
        }
        if (value == null) {
            return List.of();
        }
        if (reading) {
            return trials(measure, item, value, sure);
        }
        return List.of(
                switch (item) {
                    case LEVER -> number(item, value, 1, LONGEST_LEVER_CM, "cm");
                    case GRADE -> grade(value);
                    case PAIN_AT_REST, PAIN_UNDER_LOAD -> number(item, value, 0, MOST_PAIN, "of 10");
                    case FAMILIAR_PAIN, CHEATED -> truth(item, value);
                    default -> endFeel(value);
                });
    }

    private static List<Value> trials(Measure measure, String item, Object value, boolean sure) {
        int most = mostTrials(measure);
        if (!(value instanceof List<?> list) || list.size() > most) {
            throw Refusal.field(
                    "changes." + item, "expected a list of at most " + most + (most == 1 ? " number" : " trials"));
        }
        List<Value> trials = new ArrayList<>();
        String unit = ReadingLeaf.named(item).orElseThrow().unit();
        for (Object trial : list) {
            Value v = number(
                    item, trial, measure.possible().low(), measure.possible().high(), unit);
            if (!sure && !measure.usual().contains(v.amount())) {
                throw Refusal.question(
                        "changes." + item,
                        String.format(
                                Locale.ROOT,
                                "%s of %.4g %s is unusual; send it again with sure if it is meant",
                                measure.name(),
                                v.amount(),
                                unit));
            }
            trials.add(v);
        }
        return trials;
    }

    private static Value number(String item, Object value, double low, double high, String unit) {
        if (value instanceof Number n && n.doubleValue() >= low && n.doubleValue() <= high) {
            return new Value(n.doubleValue(), null);
        }
        throw Refusal.field(
                "changes." + item,
                String.format(Locale.ROOT, "expected numbers from %.0f to %.0f %s, found %s", low, high, unit, value));
    }

    private static Value grade(Object value) {
        Value grade = number(GRADE, value, 0, BEST_GRADE, "of 5");
        double steps = grade.amount() * GRADE_STEPS;
        return new Value(Math.rint(steps) / GRADE_STEPS, null);
    }

    private static Value truth(String item, Object value) {
        if (value instanceof Boolean yes) {
            return new Value(yes ? 1.0 : 0.0, null);
        }
        throw Refusal.field("changes." + item, "expected true or false, found " + value);
    }

    private static Value endFeel(Object value) {
        if (value instanceof String word && END_FEELS.contains(word)) {
            return new Value(null, word);
        }
        throw Refusal.field(
                "changes." + END_FEEL,
                "expected one of " + END_FEELS.stream().sorted().toList() + ", found " + value);
    }
}
