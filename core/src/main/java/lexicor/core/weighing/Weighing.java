package lexicor.core.weighing;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Collectors;
import lexicor.core.numbers.Interval;
import lexicor.core.numbers.Logit;
import lexicor.core.weighing.input.Candidate;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.Families;
import lexicor.core.weighing.model.SetsMemory;

/** Weighs a case: findings, clusters and pretests in, ranked conditions with their reasons out (method M3 to M11). */
public final class Weighing {
    private Weighing() {}

    /**
     * Weighs the case by all the schools; ranks, intervals, verdicts and next tests follow the overlap-aware one, as a
     * self-contained case has it that names no other.
     *
     * @return the same result for the same case, whatever the order of its findings
     */
    public static WeighedCase weigh(CaseToWeigh given) {
        return weigh(given, School.OVERLAP_AWARE);
    }

    /** Weighs by all the schools; ranks, intervals, verdicts, ledgers and next tests follow the one chosen. */
    public static WeighedCase weigh(CaseToWeigh given, School school) {
        return weigh(given, school, new SetsMemory());
    }

    /**
     * @param known what was worked out when the same case and others were weighed, which changes no digit of the result
     */
    public static WeighedCase weigh(CaseToWeigh given, School school, SetsMemory known) {
        SetsMemory memory = known.forOneWeighing();
        List<ConditionWeighing> weighed =
                List.copyOf(conditions(given, school, memory).values());
        NextTests next = new NextTests(new Prospects(given, school, weighed, memory), given, weighed);
        return new WeighedCase(
                ranking(weighed, given),
                next.ranked(),
                () -> schools(given, weighed, school, memory),
                weighed.stream().anyMatch(w -> !w.selection.clusters.isEmpty()),
                next::isSettled);
    }

    /** The conditions of {@link #weigh} alone, without working out what could be tested next, which is most of the work. */
    public static List<WeighedCondition> rank(CaseToWeigh given, School school) {
        return rank(given, school, new SetsMemory());
    }

    /**
     * @param known what was worked out when the same case and others were weighed, which changes no digit of the result
     */
    public static List<WeighedCondition> rank(CaseToWeigh given, School school, SetsMemory known) {
        return ranking(
                List.copyOf(conditions(given, school, known.forOneWeighing()).values()), given);
    }

    /** The posttest probability of every condition by every school, without what could be tested next (method M8). */
    public static Map<School, Map<String, Double>> bySchool(CaseToWeigh given) {
        SetsMemory memory = new SetsMemory();
        return schools(
                given,
                List.copyOf(conditions(given, School.OVERLAP_AWARE, memory).values()),
                School.OVERLAP_AWARE,
                memory);
    }

    /** Every condition weighed, by its id in the order given, for what explains and advises. */
    public static Map<String, ConditionWeighing> conditions(CaseToWeigh given, School school) {
        return conditions(given, school, new SetsMemory());
    }

    private static Map<String, ConditionWeighing> conditions(CaseToWeigh given, School school, SetsMemory memory) {
        Families families = new Families(given);
        Map<String, ConditionWeighing> conditions = new LinkedHashMap<>();
        given.conditions().forEach(c -> conditions.put(c.id(), new ConditionWeighing(given, families, c, school)));
        if (school.isTogether()) {
            Rivalries rivalries = rivalries(given, conditions.values(), school, memory);
            conditions.replaceAll((id, c) -> c.among(rivalries));
        }
        return conditions;
    }

    private static Rivalries rivalries(
            CaseToWeigh given, Collection<ConditionWeighing> conditions, School school, SetsMemory memory) {
        return new Rivalries(
                given, conditions.stream().map(c -> c.alone(school)).toList(), memory);
    }

    private static List<WeighedCondition> ranking(List<ConditionWeighing> weighed, CaseToWeigh given) {
        double[] first = ChanceOfFirst.of(weighed, given.settings());
        Map<String, ConditionWeighing> byId =
                weighed.stream().collect(Collectors.toMap(w -> w.candidate.id(), Function.identity()));
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < weighed.size(); i++) {
            order.add(i);
        }
        order.sort(Comparator.comparingDouble(i -> -weighed.get(i).posttest()));
        List<WeighedCondition> ranking = new ArrayList<>();
        for (int index : order) {
            ranking.add(condition(weighed.get(index), byId, ranking.size() + 1, first[index]));
        }
        return List.copyOf(ranking);
    }

    private static WeighedCondition condition(
            ConditionWeighing w, Map<String, ConditionWeighing> all, int rank, double probabilityFirst) {
        Candidate c = w.candidate;
        Interval average = w.band(w.spread().average());
        Verdict byLines = Verdict.of(w.posttest(), c);
        List<String> settle = byLines == Verdict.ACT ? toBeSettled(c, all) : List.of();
        return new WeighedCondition(
                c.id(),
                rank,
                c.pretest(),
                Math.exp(w.logRatio()),
                w.posttest(),
                average,
                w.band(w.spread().newClinic()),
                probabilityFirst,
                settle.isEmpty() ? byLines : Verdict.SETTLE_FIRST,
                settle,
                straddles(average, c.ruleOutBelow()) || straddles(average, c.actAbove()),
                w.ledger(),
                w.among().map(AmongRivals::rivals).orElse(List.of()),
                w.among().map(AmongRivals::clusterPull).orElse(OptionalDouble.empty()),
                w.among().map(AmongRivals::clusterShare).orElse(1.0));
    }

    /** What stands at or above its rule-out line and has to be settled before the condition is acted on (method M11). */
    private static List<String> toBeSettled(Candidate c, Map<String, ConditionWeighing> all) {
        return c.settleFirst().stream()
                .filter(all::containsKey)
                .filter(id -> all.get(id).posttest() >= all.get(id).candidate.ruleOutBelow())
                .toList();
    }

    private static boolean straddles(Interval band, double line) {
        return band.low() < line && line < band.high();
    }

    private static Map<School, Map<String, Double>> schools(
            CaseToWeigh given, List<ConditionWeighing> weighed, School inForce, SetsMemory memory) {
        Map<School, Map<String, Double>> schools = new EnumMap<>(School.class);
        for (School school : School.values()) {
            Map<String, Double> byCondition = new LinkedHashMap<>();
            if (school == inForce) {
                weighed.forEach(w -> byCondition.put(w.candidate.id(), w.posttest()));
            } else if (school.isTogether()) {
                Rivalries rivalries = rivalries(given, weighed, school, memory);
                weighed.forEach(w -> {
                    Alone alone = w.alone(school);
                    double logRatio = school.between(alone.logRatio(), rivalries.logRatio(alone));
                    byCondition.put(w.candidate.id(), Logit.inverse(w.pretestLogit + logRatio));
                });
            } else {
                weighed.forEach(w -> byCondition.put(w.candidate.id(), w.posttestBy(school)));
            }
            schools.put(school, byCondition);
        }
        return schools;
    }
}
