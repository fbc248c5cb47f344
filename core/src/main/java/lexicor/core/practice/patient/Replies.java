package lexicor.core.practice.patient;

import static lexicor.core.catalogue.ReadingLeaf.*;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import lexicor.core.catalogue.Choice;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Criterion;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.catalogue.Rule;
import lexicor.core.catalogue.Rule.Operator;
import lexicor.core.catalogue.simulated.Chances;
import lexicor.core.examination.CriterionEvaluator;
import lexicor.core.examination.Outcome;
import lexicor.core.examination.Place;
import lexicor.core.examination.ReadingValue;
import lexicor.core.examination.ReadingValue.Codes;
import lexicor.core.examination.ReadingValue.Flag;
import lexicor.core.examination.ReadingValue.Quantity;
import lexicor.core.examination.Readings;
import lexicor.core.examination.Side;
import lexicor.core.examination.Tap;

/**
 * What a patient answers to a test: of all that could be felt at a place, what makes its criteria come out as they are meant to. Where
 * they cannot all, those with figures do.
 */
final class Replies {
    private static final int WITH_FIGURES = 100;
    private static final int HALF = 2;
    private static final Set<ReadingLeaf> LOOSENESS = Set.of(
            LAXITY_END_POINT, LAXITY_SIDE_DIFFERENCE, TRANSLATION_PERCENT, GAP_MM, VISIBLE, RANGE_PASSIVE_DEG, CLUNK);

    private static final Set<ReadingLeaf> CAN_EASE = Set.of(APPREHENSION, PAIN_PRESENT, TINGLING_PRESENT);

    private final SimulatedPatient patient;
    private final PatientWorld world;
    private final Draws draws;
    private final Chances chances;
    private final Map<Place, Map<ReadingLeaf, ReadingValue>> there = new ConcurrentHashMap<>();

    Replies(SimulatedPatient patient) {
        this.patient = patient;
        world = patient.world();
        draws = patient.draws();
        chances = world.catalogue.simulation().chances();
    }

    /**
     * @param time how often the place was done before; somebody who got round a test is watched the second time
     */
    Reply to(String testId, String at, Side side, int time) {
        ClinicalTest test = world.catalogue
                .test(testId)
                .filter(t -> t.places().contains(at))
                .orElseThrow(() -> new IllegalArgumentException("there is no test " + testId + " with a place " + at));
        Map<ReadingLeaf, ReadingValue> felt = new LinkedHashMap<>(felt(test, at, side));
        boolean involved = side == patient.person().involved();
        if (involved && !isPositive(test, at, felt, side)) {
            spoil(test, at, time, felt);
        }
        Map<ReadingLeaf, ReadingValue> eased =
                involved && test.particulars().relieves().isPresent() ? relieved(test, side) : Map.of();
        return new Voice(world.catalogue, test, at, draws.seed() + time, felt, isNothingToEase(test, eased, felt))
                .reply();
    }

    private static boolean isNothingToEase(
            ClinicalTest test, Map<ReadingLeaf, ReadingValue> eased, Map<ReadingLeaf, ReadingValue> felt) {
        return test.particulars().relieves().isPresent() && !felt.containsKey(RELIEF) && !isSomethingToEase(eased);
    }

    private static boolean isSomethingToEase(Map<ReadingLeaf, ReadingValue> found) {
        return CAN_EASE.stream().anyMatch(l -> ReadingValue.isYes(found.get(l)));
    }

    /** What is there, before the patient gets round it. */
    Map<ReadingLeaf, ReadingValue> felt(ClinicalTest test, String at, Side side) {
        Place place = new Place(test.id(), at, side);
        Map<ReadingLeaf, ReadingValue> known = there.get(place);
        if (known == null) {
            known = side == patient.person().involved() ? troubled(test, at, side) : sound(test, at);
            there.put(place, known);
        }
        return known;
    }

    private Map<ReadingLeaf, ReadingValue> troubled(ClinicalTest test, String at, Side side) {
        Map<ReadingLeaf, ReadingValue> sound = felt(test, at, side.other());
        Map<String, Boolean> meant = patient.meant(test);
        List<Criterion> here =
                test.criteria().stream().filter(c -> c.at().equals(at)).toList();
        here.stream().filter(c -> patient.isLoose() && isLooseness(test, c)).forEach(c -> meant.put(c.id(), true));
        Map<ReadingLeaf, ReadingValue> relieved = relieved(test, side);
        boolean nothingToEase = test.particulars().relieves().isPresent() && !isSomethingToEase(relieved);
        boolean unfamiliar = draws.happens("unfamiliar " + test.id() + at, more(chances.unfamiliar()));
        List<Map<ReadingLeaf, ReadingValue>> ways = new Alternatives(world, test, at, draws, sound).all();
        return ways.stream()
                .map(w -> nothingToEase ? without(w, RELIEF) : w)
                .distinct()
                .min(Comparator.comparingInt(w -> HALF * cost(test, here, meant, w, sound, relieved, side)
                        + (isUnfamiliar(w) == unfamiliar ? 0 : 1)))
                .orElse(Map.of());
    }

    private static Map<ReadingLeaf, ReadingValue> without(Map<ReadingLeaf, ReadingValue> way, ReadingLeaf leaf) {
        Map<ReadingLeaf, ReadingValue> less = new LinkedHashMap<>(way);
        less.remove(leaf);
        return less;
    }

    private static boolean isUnfamiliar(Map<ReadingLeaf, ReadingValue> way) {
        return way.get(PAIN_FAMILIAR) instanceof Flag f && !f.value();
    }

    private int cost(
            ClinicalTest test,
            List<Criterion> here,
            Map<String, Boolean> meant,
            Map<ReadingLeaf, ReadingValue> way,
            Map<ReadingLeaf, ReadingValue> sound,
            Map<ReadingLeaf, ReadingValue> relieved,
            Side side) {
        if (here.isEmpty()) {
            return 0;
        }
        Map<String, Outcome> outcomes = outcomes(test, here.get(0).at(), way, sound, relieved, side);
        int cost = 0;
        for (Criterion c : here) {
            Outcome wanted = Boolean.TRUE.equals(meant.get(c.id())) ? Outcome.POSITIVE : Outcome.NEGATIVE;
            if (outcomes.get(c.id()) != wanted) {
                cost += world.hasFigures(c.id()) ? WITH_FIGURES : 1;
            }
        }
        return cost;
    }

    private Map<String, Outcome> outcomes(
            ClinicalTest test,
            String at,
            Map<ReadingLeaf, ReadingValue> way,
            Map<ReadingLeaf, ReadingValue> sound,
            Map<ReadingLeaf, ReadingValue> relieved,
            Side side) {
        List<Tap> taps = new ArrayList<>();
        add(taps, new Place(test.id(), at, side), way);
        add(taps, new Place(test.id(), at, side.other()), sound);
        patient.relieved(test).ifPresent(r -> add(taps, new Place(r.id(), "", side), relieved));
        Map<String, Outcome> outcomes = new HashMap<>();
        new CriterionEvaluator(world.catalogue, Readings.of(taps))
                .evaluate(test.at(at), side)
                .forEach(f -> outcomes.put(f.criterion(), f.outcome()));
        return outcomes;
    }

    private static void add(List<Tap> taps, Place place, Map<ReadingLeaf, ReadingValue> felt) {
        if (!felt.isEmpty()) {
            taps.add(Tap.of(place, felt));
        }
    }

    private Map<ReadingLeaf, ReadingValue> relieved(ClinicalTest test, Side side) {
        return patient.relieved(test).map(r -> felt(r, "", side)).orElse(Map.of());
    }

    /** The sound side: nothing positive, but what is loose in somebody who is. */
    private Map<ReadingLeaf, ReadingValue> sound(ClinicalTest test, String at) {
        Side other = patient.person().involved().other();
        List<Criterion> here =
                test.criteria().stream().filter(c -> c.at().equals(at)).toList();
        Map<String, Boolean> meant = new HashMap<>();
        here.forEach(c -> meant.put(c.id(), patient.isLoose() && isLooseness(test, c)));
        return new Alternatives(world, test, at, draws, Map.of())
                .all().stream()
                        .min(Comparator.comparingInt(w -> wrongOnSoundSide(test, here, meant, w, other)))
                        .orElse(Map.of());
    }

    private int wrongOnSoundSide(
            ClinicalTest test,
            List<Criterion> here,
            Map<String, Boolean> meant,
            Map<ReadingLeaf, ReadingValue> way,
            Side side) {
        if (here.isEmpty()) {
            return 0;
        }
        Map<String, Outcome> outcomes = outcomes(test, here.get(0).at(), way, Map.of(), Map.of(), side);
        return (int) here.stream()
                .filter(c -> (outcomes.get(c.id()) == Outcome.POSITIVE) != meant.get(c.id()))
                .count();
    }

    /** Whether looseness alone makes it positive. */
    private static boolean isLooseness(ClinicalTest test, Criterion criterion) {
        return test.particulars().looseness()
                && criterion
                        .positiveWhen()
                        .comparisons()
                        .filter(c -> !(c.operator() instanceof Operator.Is is && !is.expected()))
                        .map(Rule.Comparison::leaf)
                        .allMatch(LOOSENESS::contains);
    }

    private boolean isPositive(ClinicalTest test, String at, Map<ReadingLeaf, ReadingValue> felt, Side side) {
        Map<String, Outcome> outcomes =
                outcomes(test, at, felt, felt(test, at, side.other()), relieved(test, side), side);
        return test.criteria().stream().anyMatch(c -> c.at().equals(at) && outcomes.get(c.id()) == Outcome.POSITIVE);
    }

    /** Guarding and ways round a test, which make a negative unreliable; the more so in somebody irritable. */
    private void spoil(ClinicalTest test, String at, int time, Map<ReadingLeaf, ReadingValue> felt) {
        List<String> named =
                test.particulars().cheats().stream().map(Choice::id).toList();
        if (time > 0) {
            return;
        }
        if (!named.isEmpty()
                && !(felt.get(CHEAT) instanceof Codes)
                && draws.happens("cheats " + test.id() + at, more(chances.cheats()))) {
            felt.put(CHEAT, new Codes(List.of(draws.one("cheat " + test.id(), named))));
        } else if (test.provocation() > 0 && draws.happens("guards " + test.id() + at, more(chances.guards()))) {
            felt.put(MARK_GUARDED, new Flag(true));
        }
    }

    private double more(double chance) {
        return Math.min(0.8, chance * Math.exp(patient.person().irritable() / 2));
    }

    static OptionalInt seconds(Map<ReadingLeaf, ReadingValue> felt) {
        return felt.get(ONSET_SECONDS) instanceof Quantity q ? OptionalInt.of((int) q.value()) : OptionalInt.empty();
    }
}
