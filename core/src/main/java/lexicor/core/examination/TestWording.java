package lexicor.core.examination;

import static lexicor.core.catalogue.ReadingLeaf.*;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Choice;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Criterion;
import lexicor.core.catalogue.FingerMap;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.catalogue.ReadingLeaf.Kind;
import lexicor.core.catalogue.Rule.Comparison;
import lexicor.core.examination.ReadingValue.Code;
import lexicor.core.examination.ReadingValue.Codes;
import lexicor.core.examination.ReadingValue.Flag;
import lexicor.core.examination.ReadingValue.Quantity;
import lexicor.core.examination.ReadingValue.Text;

/** The readings of one test in words: its own where it has some. */
public final class TestWording {
    /** What a longer list of reasons would add is not read. */
    private static final int MOST_REASONS = 4;

    /** Said by another leaf already where both are recorded. */
    private static final Set<ReadingLeaf> SAID_BY_OTHERS =
            Set.of(MARK_CANNOT_TELL, MARK_NOT_DONE, MARK_CONFIRMED, TINGLING_TERRITORY);

    private final ClinicalTest test;
    private final FingerMap fingers;

    /**
     * @param fingers the parts of the hand, which have their words there
     */
    public TestWording(ClinicalTest test, FingerMap fingers) {
        this.test = test;
        this.fingers = fingers;
    }

    /** A value of a leaf as a phrase, for example {@code lag 12 degrees} or {@code the familiar pain}. */
    public String phrase(ReadingLeaf leaf, ReadingValue value) {
        if (value instanceof Flag flag) {
            return sign(leaf, flag.value());
        }
        if (value instanceof Quantity q) {
            return numberName(leaf) + Wording.quantity(leaf, q.value());
        }
        if (value instanceof Code c) {
            return code(leaf, c.value());
        }
        if (value instanceof Codes codes) {
            return codes(leaf, codes.values());
        }
        return Wording.of(leaf).name() + ": " + ((Text) value).value();
    }

    private String sign(ReadingLeaf leaf, boolean there) {
        return Optional.ofNullable(test.particulars().words().get(leaf))
                .map(w -> Wording.midSentence(there ? w.yes() : w.no()))
                .orElseGet(() ->
                        there ? Wording.of(leaf).whenTrue() : Wording.of(leaf).whenFalse());
    }

    private String numberName(ReadingLeaf leaf) {
        return Optional.ofNullable(test.particulars().words().get(leaf))
                .map(w -> Wording.midSentence(w.yes()) + ": ")
                .orElse(Wording.of(leaf).name() + " ");
    }

    private static String code(ReadingLeaf leaf, String code) {
        if (code.equals("none")) {
            return leaf == WEAKNESS_GRADE
                    ? "full strength"
                    : leaf == LAXITY_END_POINT
                            ? "no firm end point"
                            : "no " + Wording.of(leaf).name();
        }
        return Wording.code(code);
    }

    private String codes(ReadingLeaf leaf, List<String> codes) {
        if (codes.isEmpty()) {
            return "no " + Wording.of(leaf).name();
        }
        String listed = list(codes.stream().map(c -> name(leaf, c)).toList());
        return switch (leaf) {
            case TINGLING_FINGERS, TINGLING_TERRITORY ->
                Wording.of(TINGLING_FINGERS).name() + " " + listed;
            case MARK_SEEN -> Wording.of(leaf).name() + " " + listed;
            default -> listed;
        };
    }

    /** A value as files and the API carry it in words, without what it is of. */
    public String value(ReadingLeaf leaf, Object plain) {
        if (plain instanceof Boolean yes) {
            return yes ? "yes" : "no";
        }
        if (plain instanceof Number number) {
            return Wording.quantity(leaf, number.doubleValue());
        }
        if (plain instanceof List<?> codes) {
            return codes.isEmpty()
                    ? "none"
                    : list(codes.stream()
                            .map(c -> name(leaf, String.valueOf(c)))
                            .toList());
        }
        return leaf.kind() == Kind.TEXT ? String.valueOf(plain) : name(leaf, String.valueOf(plain));
    }

    /** One code of a leaf in words: a site, a way round the test, a part of the hand, an observation. */
    public String name(ReadingLeaf leaf, String code) {
        Stream<Choice> own =
                switch (leaf) {
                    case PAIN_SITE -> test.particulars().sites().stream();
                    case CHEAT -> test.particulars().cheats().stream();
                    case TINGLING_FINGERS -> fingers.fingers().stream().map(f -> new Choice(f.id(), f.label()));
                    case TINGLING_TERRITORY -> fingers.territories().stream();
                    case MARK_SEEN -> test.particulars().notes().stream().map(n -> new Choice(Slug.of(n), n));
                    default -> Stream.empty();
                };
        return own.filter(c -> c.id().equals(code))
                .map(c -> Wording.midSentence(c.label()))
                .findFirst()
                .orElseGet(() -> Wording.code(code));
    }

    /**
     * Everything recorded at a place, as a practitioner would say it; empty where nothing is.
     *
     * @param place as the criteria there name it
     */
    public String told(String place, SideReadings at) {
        List<String> parts = new ArrayList<>();
        if (isNothingFound(at)) {
            parts.add("nothing found");
        }
        for (var entry : at.leaves().entrySet()) {
            ReadingLeaf leaf = entry.getKey();
            if (!SAID_BY_OTHERS.contains(leaf)
                    && !isSaidBetter(leaf, at)
                    && !(leaf == MARK_NORMAL && isMeasured(at))
                    && !(isUsual(leaf, entry.getValue()) && (hasSign(at) || isNothingFound(at)))) {
                parts.add(
                        leaf == VISIBLE && entry.getValue() instanceof Flag seen
                                ? seen(place, seen.value())
                                : phrase(leaf, entry.getValue()));
            }
        }
        if (at.get(TINGLING_TERRITORY).isPresent() && at.get(TINGLING_FINGERS).isEmpty()) {
            parts.add(phrase(TINGLING_TERRITORY, at.get(TINGLING_TERRITORY).orElseThrow()));
        }
        return String.join(", ", new LinkedHashSet<>(parts));
    }

    /** A number that is there says it better than that it was found normal. */
    private static boolean isMeasured(SideReadings at) {
        return at.leaves().keySet().stream().anyMatch(l -> l.kind() == Kind.QUANTITY);
    }

    /** What is to be seen, by the name of the only criterion that asks for it there. */
    private String seen(String place, boolean there) {
        List<String> signs = test.criteria().stream()
                .filter(c -> c.at().equals(place))
                .filter(c -> c.positiveWhen().comparisons().allMatch(r -> r.leaf() == VISIBLE))
                .map(c -> Wording.midSentence(c.label()))
                .toList();
        return signs.size() == 1 && !test.particulars().words().containsKey(VISIBLE)
                ? signs.get(0) + (there ? "" : ": not seen")
                : sign(VISIBLE, there);
    }

    /** Pain is said by whether it is familiar, a click by whether it hurts; where there is none, that alone. */
    private static boolean isSaidBetter(ReadingLeaf leaf, SideReadings at) {
        return switch (leaf) {
            case PAIN_PRESENT -> at.isFlag(PAIN_PRESENT, true) && at.has(PAIN_FAMILIAR);
            case PAIN_FAMILIAR, PAIN_SITE -> at.isFlag(PAIN_PRESENT, false);
            case CLICK_PRESENT -> at.isFlag(CLICK_PRESENT, true) && at.has(CLICK_PAINFUL);
            case CLICK_PAINFUL -> at.isFlag(CLICK_PRESENT, false);
            case TINGLING_PRESENT ->
                at.isFlag(TINGLING_PRESENT, true)
                        && (at.has(TINGLING_FAMILIAR) || at.has(TINGLING_FINGERS) || at.has(TINGLING_TERRITORY));
            case TINGLING_FAMILIAR, TINGLING_FINGERS -> at.isFlag(TINGLING_PRESENT, false);
            default -> false;
        };
    }

    /** Whether several signs were said not to be there, and none to be. */
    private static boolean isNothingFound(SideReadings at) {
        return !hasSign(at)
                && at.leaves().entrySet().stream()
                                .filter(e -> Signs.isSign(e.getKey()) && isUsual(e.getKey(), e.getValue()))
                                .count()
                        > 1;
    }

    /** What nobody has to be told where something was found: signs that are not there, and a gap or a lag of nothing. */
    private static boolean isUsual(ReadingLeaf leaf, ReadingValue value) {
        return leaf != LAXITY_END_POINT && isNothing(value)
                || leaf == HOLDS_POSITION && value instanceof Flag flag && flag.value()
                || leaf == LAXITY_END_POINT
                        && value instanceof Code code
                        && code.value().equals("firm")
                || (leaf == GAP_MM || leaf == LAG_DEGREES) && value instanceof Quantity q && q.value() == 0;
    }

    private static boolean isNothing(ReadingValue value) {
        return value instanceof Flag flag && !flag.value()
                || value instanceof Codes codes && codes.values().isEmpty()
                || value instanceof Code code && code.value().equals("none");
    }

    private static boolean hasSign(SideReadings at) {
        return at.leaves().entrySet().stream()
                .anyMatch(e -> Signs.isSign(e.getKey())
                        && e.getKey() != HOLDS_POSITION
                        && (e.getValue() instanceof Flag flag && flag.value()
                                || e.getValue() instanceof Code code
                                        && !code.value().equals("none")));
    }

    /** The readings that decided, each once; those that are recorded come first. */
    String reason(Criterion criterion, List<Comparison> decisive, Bedside bedside) {
        return decisive.stream()
                .map(c -> bedside.ruledOutBy(c.leaf()).orElse(c.leaf()))
                .distinct()
                .sorted(Comparator.comparing(leaf -> !bedside.own.has(leaf)))
                .map(leaf -> decided(leaf, bedside))
                .distinct()
                .limit(MOST_REASONS)
                .collect(Collectors.joining(", "));
    }

    private String decided(ReadingLeaf leaf, Bedside bedside) {
        // A territory follows from the fingers, which is what was said.
        ReadingLeaf said = leaf == TINGLING_TERRITORY && bedside.own.has(TINGLING_FINGERS) ? TINGLING_FINGERS : leaf;
        Optional<ReadingValue> value = bedside.value(said);
        if (value.isPresent()) {
            return phrase(said, value.get());
        }
        if (Normal.isFound(leaf, bedside.own)) {
            return Wording.of(MARK_NORMAL).whenTrue();
        }
        return leaf.kind() == Kind.FLAG
                ? sign(leaf, false)
                : "no " + Wording.of(leaf).name();
    }

    /** What has to be recorded before the outcome is known, as a question. */
    String missing(ReadingLeaf leaf) {
        return Optional.ofNullable(test.particulars().words().get(leaf))
                .filter(w -> leaf.kind() == Kind.FLAG)
                .map(w -> Wording.midSentence(w.yes()) + "?")
                .orElseGet(() -> Wording.of(leaf).missing());
    }

    private static String list(List<String> names) {
        int last = names.size() - 1;
        return last < 1
                ? String.join("", names)
                : String.join(", ", names.subList(0, last)) + " and " + names.get(last);
    }

    /** The wording of the test with the catalogue's parts of the hand. */
    public static TestWording of(ClinicalTest test, Catalogue catalogue) {
        return new TestWording(test, catalogue.fingers());
    }
}
