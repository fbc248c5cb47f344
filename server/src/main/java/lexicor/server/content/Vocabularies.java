package lexicor.server.content;

import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Choice;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.HistoryItem;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.catalogue.Rule.Comparison;
import lexicor.core.catalogue.Rule.Operator;
import lexicor.core.catalogue.figures.BodyMap;
import lexicor.core.catalogue.packs.Packs;
import lexicor.core.catalogue.published.AccuracyRow;
import lexicor.core.catalogue.published.HowOften;
import lexicor.core.examination.Wording;
import lexicor.core.planning.Stage;

/** What the fields of entries are chosen from, with what each choice means, as it is in the content in force. */
final class Vocabularies {
    static final String REGION = "region";
    static final String KIND = "kind";
    static final String FAMILY = "family";
    static final String STRUCTURE = "structure";
    static final String POSITION = "position";
    static final String EQUIPMENT = "equipment";
    static final String READING = "reading";
    static final String LEAF = "leaf";
    static final String SIGN = "sign";
    static final String NERVE = "nerve";
    static final String PRECAUTION = "precaution";
    static final String SCOPE = "scope";
    static final String STAGE = "stage";
    static final String TEST_PLACE = "test-place";
    static final String COMPLAINT = "complaint";
    static final String WARNING = "warning";
    static final String TEST = "test";
    static final String CRITERION = "criterion";
    static final String FINDING = "finding";
    static final String ANSWER = "answer";
    static final String QUESTION = "question";
    static final String CONDITION = "condition";
    static final String AREA = "area";
    static final String BIAS = "bias";
    static final String CONFIDENCE = "confidence";
    static final String SPEAKS = "speaks";
    static final String ANSWERED_BY = "answered-by";
    static final String HOW_OFTEN = "how-often";

    /** The entry's own places and rungs, which the form knows. */
    static final String PLACE = "place";

    static final String RUNG = "rung";

    private static final Map<String, String> POSITIONS = Map.of(
            "arm-on-table", "Sitting, the arm on the table",
            "sitting", "Sitting",
            "standing-facing", "Standing, facing the examiner",
            "standing-back", "Standing, the examiner behind",
            "standing-side", "Standing, the examiner at the side",
            "supine", "Lying on the back",
            "side-lying", "Lying on the side",
            "prone", "Lying face down");
    private static final Map<String, String> KINDS = Map.of(
            "special-test", "provokes or eases a sign",
            "palpation", "feels for tenderness or a gap",
            "inspection", "looks",
            "movement", "moves, actively or passively",
            "strength", "resists, and grades or measures it",
            "sensation", "tests what is felt",
            "measurement", "measures a number");

    private final Catalogue catalogue;

    private Vocabularies(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    static Map<String, List<Option>> of(Catalogue catalogue) {
        return new Vocabularies(catalogue).all();
    }

    private Map<String, List<Option>> all() {
        Map<String, List<Option>> all = new TreeMap<>();
        all.put(REGION, named(Packs.REGIONS, r -> Option.of(r, words(r))));
        all.put(KIND, named(values(t -> Stream.of(t.kind())), k -> Option.of(k, words(k))
                .meaning(KINDS.getOrDefault(k, ""))));
        all.put(FAMILY, named(values(t -> Stream.of(t.family())), this::family));
        all.put(STRUCTURE, plain(values(t -> t.structures().stream())));
        all.put(
                POSITION,
                named(
                        values(t -> Stream.concat(Stream.of(t.position()), t.otherPositions().stream())),
                        p -> Option.of(p, POSITIONS.getOrDefault(p, words(p)))));
        all.put(EQUIPMENT, plain(values(t -> t.equipment().stream())));
        all.put(READING, readings());
        all.put(
                LEAF,
                Arrays.stream(ReadingLeaf.values())
                        .filter(l -> !l.isMark())
                        .map(this::leaf)
                        .toList());
        all.put(
                SIGN,
                Arrays.stream(ReadingLeaf.values())
                        .filter(l -> !l.isMark() && l.kind() == ReadingLeaf.Kind.FLAG)
                        .map(this::leaf)
                        .toList());
        all.put(NERVE, plain(values(t -> t.particulars().nerve().stream())));
        all.put(
                PRECAUTION,
                catalogue.precautions().stream()
                        .map(p -> Option.of(p.id(), p.label()))
                        .toList());
        all.put(
                SCOPE,
                Stream.concat(
                                Stream.of(
                                        Option.of("all", "everywhere"),
                                        Option.of("limb", "the arm, not the neck"),
                                        Option.of("criterion", "the region of what raised it")),
                                Packs.REGIONS.stream().map(r -> Option.of(r, words(r))))
                        .toList());
        all.put(
                STAGE,
                Arrays.stream(Stage.values())
                        .map(s -> Option.of(s.id(), Wording.capital(s.id())))
                        .toList());
        all.put(
                TEST_PLACE,
                catalogue.tests().stream()
                        .filter(t -> t.places().size() > 1)
                        .flatMap(t -> t.places().stream()
                                .map(p -> Option.of(t.id() + "/" + p, p.isEmpty() ? t.name() : t.placeLabel(p))
                                        .under(t.name())))
                        .toList());
        all.put(
                COMPLAINT,
                catalogue.complaints().stream()
                        .map(c -> Option.of(c.id(), c.name()))
                        .toList());
        all.put(
                WARNING,
                catalogue.warnings().stream()
                        .map(w -> Option.of(w.id(), words(w.id())).meaning(w.when() + ": " + w.message()))
                        .toList());
        all.put(
                TEST,
                catalogue.tests().stream()
                        .map(t -> Option.of(t.id(), t.name())
                                .meaning(String.join(", ", t.aliases()))
                                .under(Wording.capital(t.region())))
                        .toList());
        List<Option> criteria = catalogue.tests().stream()
                .flatMap(t -> t.criteria().stream().map(c -> Option.of(c.id(), catalogue.findingName(c.id()))
                        .under(t.name())))
                .toList();
        all.put(CRITERION, criteria);
        all.put(FINDING, and(criteria, HistoryItem::finding));
        all.put(ANSWER, and(criteria, h -> true));
        all.put(QUESTION, and(List.of(), h -> true));
        all.put(
                CONDITION,
                catalogue.conditions().stream()
                        .map(c -> Option.of(c.id(), c.name()).under(Wording.capital(c.region())))
                        .toList());
        all.put(
                AREA,
                catalogue.figures().body().stream()
                        .flatMap(b -> b.areas().stream())
                        .map(this::area)
                        .toList());
        all.put(BIAS, plain(AccuracyRow.BIASES));
        all.put(CONFIDENCE, plain(AccuracyRow.CONFIDENCES));
        all.put(
                SPEAKS,
                List.of(
                        Option.of("both", "both ways"),
                        Option.of("positive", "when positive")
                                .meaning("it only rules in; its negative is not weighed")));
        all.put(HOW_OFTEN, plain(HowOften.allWords()));
        all.put(ANSWERED_BY, List.of(Option.of("ageBand", "the age band").meaning("nobody has to ask")));
        return all;
    }

    private List<Option> and(List<Option> criteria, java.util.function.Predicate<HistoryItem> which) {
        return Stream.concat(
                        criteria.stream(),
                        catalogue.history().stream().filter(which).map(h -> Option.of(h.id(), h.ask())
                                .under("Questions")))
                .toList();
    }

    private Option area(BodyMap.Area area) {
        return Option.of(area.id(), Wording.capital(area.name()));
    }

    private Set<String> values(Function<ClinicalTest, Stream<String>> of) {
        return catalogue.tests().stream().flatMap(of).collect(Collectors.toCollection(TreeSet::new));
    }

    private static List<Option> plain(Collection<String> values) {
        return named(values, v -> Option.of(v, v));
    }

    private static List<Option> named(Collection<String> values, Function<String, Option> option) {
        return values.stream().map(option).toList();
    }

    private static String words(String id) {
        return Wording.capital(id.replace('-', ' '));
    }

    /** A family goes by its tests, which say more than its name. */
    private Option family(String family) {
        List<String> tests = catalogue.tests().stream()
                .filter(t -> t.family().equals(family))
                .map(ClinicalTest::name)
                .toList();
        String first = String.join(", ", tests.subList(0, Math.min(3, tests.size())));
        return Option.of(family, words(family))
                .meaning(tests.size() > 3 ? first + " and " + (tests.size() - 3) + " more" : first);
    }

    /** A reading goes by what can be recorded of it. */
    private List<Option> readings() {
        Map<String, String> leaves = new LinkedHashMap<>();
        Arrays.stream(ReadingLeaf.values())
                .filter(l -> !l.isMark())
                .forEach(l -> leaves.merge(l.reading(), told(l), (a, b) -> a + "; " + b));
        return leaves.entrySet().stream()
                .map(e -> Option.of(e.getKey(), words(spaced(e.getKey()))).meaning(e.getValue()))
                .toList();
    }

    private static String told(ReadingLeaf leaf) {
        return Wording.label(leaf) + (leaf.unit().isEmpty() ? "" : " (" + leaf.unit() + ")");
    }

    private static String spaced(String reading) {
        return reading.replaceAll("([a-z])([A-Z])", "$1 $2").toLowerCase(Locale.ROOT);
    }

    private Option leaf(ReadingLeaf leaf) {
        return new Option(
                leaf.leafName(),
                Wording.capital(Wording.label(leaf)),
                "",
                leaf.reading(),
                leaf.kind().name().toLowerCase(Locale.ROOT),
                leaf.unit(),
                codes(leaf));
    }

    /** What a reading can be, by what tests and their criteria name; a test's own sites and ways round are in its form. */
    private List<Option.Code> codes(ReadingLeaf leaf) {
        Map<String, String> known = new TreeMap<>();
        catalogue.tests().forEach(test -> {
            if (leaf == ReadingLeaf.PAIN_SITE) {
                known.putAll(labels(test.particulars().sites()));
            } else if (leaf == ReadingLeaf.CHEAT) {
                known.putAll(labels(test.particulars().cheats()));
            }
            test.criteria().stream()
                    .flatMap(c -> c.positiveWhen().comparisons())
                    .filter(c -> c.leaf() == leaf)
                    .flatMap(Vocabularies::codes)
                    .forEach(code -> known.putIfAbsent(code, Wording.code(code)));
        });
        fixed(leaf).forEach(code -> known.putIfAbsent(code, Wording.code(code)));
        catalogue.fingers().territories().forEach(t -> {
            if (leaf == ReadingLeaf.TINGLING_TERRITORY) {
                known.put(t.id(), t.label());
            }
        });
        catalogue.fingers().fingers().forEach(f -> {
            if (leaf == ReadingLeaf.TINGLING_FINGERS) {
                known.put(f.id(), f.label());
            }
        });
        // The same code says that there is nothing of quite different things.
        known.computeIfPresent(
                "none", (code, words) -> leaf == ReadingLeaf.WEAKNESS_GRADE ? "full strength" : "no firm end point");
        return known.entrySet().stream()
                .map(e -> new Option.Code(e.getKey(), e.getValue()))
                .sorted(Comparator.comparing(Option.Code::label))
                .toList();
    }

    /** What the pads set. */
    private static List<String> fixed(ReadingLeaf leaf) {
        return switch (leaf) {
            case WEAKNESS_GRADE -> List.of("none", "mild", "marked");
            case LAXITY_END_POINT -> List.of("firm", "none");
            default -> List.of();
        };
    }

    private static Map<String, String> labels(List<Choice> choices) {
        return choices.stream().collect(Collectors.toMap(Choice::id, Choice::label, (a, b) -> a));
    }

    private static Stream<String> codes(Comparison c) {
        if (c.operator() instanceof Operator.IsCode is) {
            return Stream.of(is.code());
        }
        return c.operator() instanceof Operator.In in ? in.codes().stream() : Stream.empty();
    }
}
