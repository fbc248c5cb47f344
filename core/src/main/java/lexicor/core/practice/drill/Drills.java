package lexicor.core.practice.drill;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Complaint;
import lexicor.core.catalogue.Condition;
import lexicor.core.catalogue.Criterion;
import lexicor.core.catalogue.Setting;
import lexicor.core.catalogue.figures.PlaceMap;
import lexicor.core.evidence.Accuracy;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.examination.Outcome;
import lexicor.core.practice.drill.Drill.Kind;
import lexicor.core.practice.drill.Drill.Option;
import lexicor.core.weighing.explain.Hundred;
import lexicor.core.weighing.explain.Separation;

/** Makes questions from the packs, each again from its key. Immutable but for what it has worked out; safe for several threads. */
public final class Drills {
    private static final String PART = "|";
    private static final int OPTIONS = 3;
    private static final int TRIES = 10;
    /** Most tests are negative and say no more: so many of those that come up are asked all the same. */
    private static final double PLAIN = 0.25;

    private static final int PLACES = 3;
    /** By so many bits the right test has to be ahead of the others. */
    private static final double AHEAD_BITS = 0.5;

    private final Catalogue catalogue;
    private final EvidenceBase evidence;
    private final Verdicts verdicts;
    /** Found by comparing every test for every two candidates; null until somebody asks. */
    private volatile List<String> pairs;

    public Drills(Catalogue catalogue, EvidenceBase evidence, Verdicts verdicts) {
        this.catalogue = catalogue;
        this.evidence = evidence;
        this.verdicts = verdicts;
    }

    /** A question of a kind, another with every seed; empty where the packs have none. */
    public Optional<Drill> fresh(Kind kind, long seed) {
        Random random = new Random(seed);
        List<String> keys = keys(kind, random);
        if (keys.isEmpty()) {
            return Optional.empty();
        }
        Optional<Drill> drill = Optional.empty();
        for (int tried = 0; tried < TRIES; tried++) {
            drill = again(kind, keys.get(random.nextInt(keys.size())));
            if (drill.filter(d -> !d.answer().equals(Outcome.NEGATIVE.id())).isPresent()
                    || drill.isPresent() && random.nextDouble() < PLAIN) {
                return drill;
            }
        }
        return drill;
    }

    private List<String> keys(Kind kind, Random random) {
        return switch (kind) {
            case SEPARATE -> pairsOnce();
            case BASE_RATE -> rates();
            case LANDMARK -> landmarks();
            case ARC, VERDICT -> verdicts.keys(kind == Kind.ARC, random);
        };
    }

    /** The question with a key; empty where the packs no longer have it. */
    public Optional<Drill> again(Kind kind, String key) {
        String[] parts = key.split("\\|", -1);
        return switch (kind) {
            case SEPARATE -> parts.length == 3 ? separate(key, parts[0], parts[1], parts[2]) : Optional.empty();
            case BASE_RATE -> parts.length == 3 ? baseRate(key, parts[0], parts[1], parts[2]) : Optional.empty();
            case LANDMARK -> parts.length == 3 ? landmark(key, parts[0], parts[1], parts[2]) : Optional.empty();
            case ARC, VERDICT -> verdicts.again(kind, key);
        };
    }

    private List<String> pairsOnce() {
        List<String> known = pairs;
        if (known == null) {
            known = pairs();
            pairs = known;
        }
        return known;
    }

    /** Two candidates of one complaint that some test separates and others do not. */
    private List<String> pairs() {
        Set<String> keys = new LinkedHashSet<>();
        for (Complaint complaint : catalogue.complaints()) {
            for (String a : complaint.candidates()) {
                for (String b : complaint.candidates()) {
                    if (a.compareTo(b) < 0 && options(complaint, a, b).size() == OPTIONS) {
                        keys.add(String.join(PART, complaint.id(), a, b));
                    }
                }
            }
        }
        return List.copyOf(keys);
    }

    /**
     * The criterion that separates best, and two that do not: they tell clearly less, or provoke both, with figures for one alone.
     * Fewer where there are none.
     */
    private List<String> options(Complaint complaint, String a, String b) {
        Map<String, Separation> byTest = new LinkedHashMap<>();
        List<String> both = new ArrayList<>();
        for (ClinicalTest test : catalogue.tests()) {
            if (complaint.covers(test)) {
                test.criteria().stream()
                        .flatMap(c -> Separation.of(evidence, c.id(), a, b).stream())
                        .max(Comparator.comparingDouble(Separation::most))
                        .ifPresentOrElse(s -> byTest.put(test.id(), s), () -> test.criteria().stream()
                                .map(Criterion::id)
                                .filter(c -> provokesBoth(test, c, a, b))
                                .findFirst()
                                .ifPresent(both::add));
            }
        }
        List<Separation> ranked = byTest.values().stream()
                .sorted(Comparator.comparingDouble(Separation::most).reversed())
                .toList();
        if (ranked.isEmpty() || !ranked.get(0).separates()) {
            return List.of();
        }
        List<String> some = new ArrayList<>(List.of(ranked.get(0).criterion()));
        ranked.stream()
                .filter(s -> s.most() <= ranked.get(0).most() - AHEAD_BITS)
                .map(Separation::criterion)
                .forEach(some::add);
        some.addAll(both);
        return some.stream().limit(OPTIONS).toList();
    }

    /** Whether there are figures for one of the two, and the other is known to turn it positive as well. */
    private boolean provokesBoth(ClinicalTest test, String criterion, String a, String b) {
        Set<String> provoke = catalogue.provokes().conditionsOf(test, criterion);
        return evidence.accuracy(criterion, a).isPresent() && provoke.contains(b)
                || evidence.accuracy(criterion, b).isPresent() && provoke.contains(a);
    }

    private Optional<Drill> separate(String key, String complaintId, String a, String b) {
        Optional<Complaint> complaint = catalogue.complaint(complaintId);
        if (complaint.isEmpty()
                || catalogue.condition(a).isEmpty()
                || catalogue.condition(b).isEmpty()) {
            return Optional.empty();
        }
        List<String> options = options(complaint.get(), a, b);
        if (options.size() < OPTIONS) {
            return Optional.empty();
        }
        Separation best = Separation.of(evidence, options.get(0), a, b).orElseThrow();
        List<Option> shown = new ArrayList<>(options.stream()
                .map(c -> new Option(c, catalogue.findingName(c)))
                .toList());
        Collections.shuffle(shown, new Random(key.hashCode()));
        boolean byPositive = Math.abs(best.positiveBits()) >= Math.abs(best.negativeBits());
        double bits = byPositive ? best.positiveBits() : best.negativeBits();
        String why = String.format(
                Locale.ROOT,
                "%s: a %s moves the odds of %s against %s by %.1f bits. %s",
                catalogue.findingName(best.criterion()),
                byPositive ? "positive" : "negative",
                name(bits >= 0 ? a : b),
                name(bits >= 0 ? b : a),
                Math.abs(bits),
                options.stream().skip(1).map(c -> other(c, a, b)).collect(Collectors.joining(" ")));
        return Optional.of(new Drill(
                Kind.SEPARATE,
                key,
                "By the figures, which tells " + name(a) + " and " + name(b) + " apart best?",
                List.of(complaint.get().name()),
                List.copyOf(shown),
                best.criterion(),
                why,
                Optional.empty(),
                Optional.empty()));
    }

    private String other(String criterion, String a, String b) {
        return catalogue.findingName(criterion)
                + Separation.of(evidence, criterion, a, b)
                        .map(s -> String.format(Locale.ROOT, ": %.1f bits.", s.most()))
                        .orElse(": provoked by both, and no study compares them.");
    }

    private String name(String condition) {
        return catalogue.condition(condition).map(Condition::midSentence).orElse(condition);
    }

    private List<String> rates() {
        List<String> keys = new ArrayList<>();
        for (Condition condition : catalogue.conditions()) {
            for (ClinicalTest test : catalogue.tests()) {
                for (Criterion c : test.criteria()) {
                    if (evidence.accuracy(c.id(), condition.id()).isPresent()) {
                        for (Setting s : Setting.values()) {
                            keys.add(String.join(PART, c.id(), condition.id(), s.id()));
                        }
                    }
                }
            }
        }
        return keys;
    }

    private Optional<Drill> baseRate(String key, String criterion, String conditionId, String settingId) {
        Optional<Condition> condition = catalogue.condition(conditionId);
        Optional<Setting> setting = Setting.withId(settingId);
        Optional<Accuracy> accuracy = evidence.accuracy(criterion, conditionId);
        if (condition.isEmpty() || setting.isEmpty() || accuracy.isEmpty()) {
            return Optional.empty();
        }
        double pretest = condition.get().pretest().get(setting.get());
        double sn = accuracy.get().sensitivity();
        double sp = accuracy.get().specificity();
        double with = pretest * sn;
        double posttest = with / (with + (1 - pretest) * (1 - sp));
        Hundred people = Hundred.of(pretest, sn, sp);
        String why = String.format(
                Locale.ROOT,
                "%s. Of %d people like these %d have it, and %d of them are positive; so are %d of the other %d.",
                percent(posttest),
                people.outOf(),
                people.with(),
                people.positiveWith(),
                people.positiveWithout(),
                people.without());
        return Optional.of(new Drill(
                Kind.BASE_RATE,
                key,
                String.format(
                        Locale.ROOT,
                        "Of people like these %s have %s. %s is positive. How likely is it now?",
                        percent(pretest),
                        condition.get().midSentence(),
                        catalogue.findingName(criterion)),
                List.of(String.format(
                        Locale.ROOT,
                        "Sensitivity %s, specificity %s, as the program weighs them.",
                        percent(sn),
                        percent(sp))),
                List.of(),
                String.format(Locale.ROOT, "%.1f", 100 * posttest),
                why,
                Optional.empty(),
                Optional.of(people)));
    }

    private static String percent(double p) {
        return p < 0.095 ? String.format(Locale.ROOT, "%.1f %%", 100 * p) : Math.round(100 * p) + " %";
    }

    private List<String> landmarks() {
        List<String> keys = new ArrayList<>();
        for (PlaceMap map : catalogue.figures().maps()) {
            if (map.marks().size() >= PLACES) {
                map.marks().forEach(m -> keys.add(String.join(PART, map.drawn().id(), m.test(), m.at())));
            }
        }
        return keys;
    }

    private Optional<Drill> landmark(String key, String mapId, String testId, String at) {
        Optional<PlaceMap> map = catalogue.figures().maps().stream()
                .filter(m -> m.drawn().id().equals(mapId))
                .findFirst();
        Optional<ClinicalTest> test = catalogue.test(testId);
        if (map.isEmpty() || test.isEmpty()) {
            return Optional.empty();
        }
        // As it is named: by its own name, the place's, or the test's.
        List<Option> options = map.get().marks().stream()
                .map(m -> new Option(m.test() + PART + m.at(), label(m)))
                .toList();
        return options.stream()
                .filter(o -> o.id().equals(testId + PART + at))
                .findFirst()
                .map(o -> new Drill(
                        Kind.LANDMARK,
                        key,
                        "Where is it: " + o.label() + "?",
                        List.of(map.get().name()),
                        options,
                        o.id(),
                        o.label() + ", on: " + map.get().name() + ".",
                        Optional.of(mapId),
                        Optional.empty()));
    }

    private String label(PlaceMap.Mark mark) {
        if (!mark.name().isEmpty()) {
            return mark.name();
        }
        ClinicalTest test = catalogue.test(mark.test()).orElseThrow();
        String place = test.placeLabel(mark.at());
        return place.isEmpty() ? test.particulars().shortName().orElse(test.name()) : place;
    }
}
