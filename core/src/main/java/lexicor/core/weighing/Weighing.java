package lexicor.core.weighing;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import lexicor.core.numbers.Interval;
import lexicor.core.numbers.Logit;
import lexicor.core.weighing.Prospects.OpenClusters;
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
        return weigh(given, school, OpenClusters.FOLLOW);
    }

    /**
     * The same as a self-contained case has it: what a candidate would show is taken by itself, so that a cluster which is open
     * stays so (method M10).
     */
    public static WeighedCase weighOneByOne(CaseToWeigh given, School school) {
        return weigh(given, school, OpenClusters.STAY);
    }

    private static WeighedCase weigh(CaseToWeigh given, School school, OpenClusters openClusters) {
        SetsMemory memory = new SetsMemory();
        List<ConditionWeighing> weighed =
                List.copyOf(conditions(given, school, memory).values());
        NextTests next = new NextTests(new Prospects(given, school, openClusters, weighed, memory), given, weighed);
        Map<School, Map<String, Double>> schools = schools(given, weighed, school);
        return new WeighedCase(
                ranking(weighed, given), schools, dependsOnSchool(weighed, schools), next.ranked(), next.isSettled());
    }

    /** The conditions of {@link #weigh} alone, without working out what could be tested next, which is most of the work. */
    public static List<WeighedCondition> rank(CaseToWeigh given, School school) {
        return ranking(List.copyOf(conditions(given, school).values()), given);
    }

    /** The posttest probability of every condition by every school, without what could be tested next (method M8). */
    public static Map<School, Map<String, Double>> bySchool(CaseToWeigh given) {
        return schools(
                given, List.copyOf(conditions(given, School.OVERLAP_AWARE).values()), School.OVERLAP_AWARE);
    }

    /** Every condition weighed, by its id in the order given, for what explains and advises. */
    public static Map<String, ConditionWeighing> conditions(CaseToWeigh given, School school) {
        return conditions(given, school, new SetsMemory());
    }

    private static Map<String, ConditionWeighing> conditions(CaseToWeigh given, School school, SetsMemory memory) {
        Families families = new Families(given);
        Map<String, ConditionWeighing> conditions = new LinkedHashMap<>();
        given.conditions().forEach(c -> conditions.put(c.id(), new ConditionWeighing(given, families, c, school)));
        if (school == School.DIFFERENTIAL) {
            Rivalry rivalry = rivalry(given, conditions.values(), memory);
            conditions.replaceAll((id, c) -> c.among(rivalry));
        }
        return conditions;
    }

    private static Rivalry rivalry(CaseToWeigh given, Collection<ConditionWeighing> conditions, SetsMemory memory) {
        return new Rivalry(
                given, conditions.stream().map(ConditionWeighing::alone).toList(), memory);
    }

    private static List<WeighedCondition> ranking(List<ConditionWeighing> weighed, CaseToWeigh given) {
        double[] first = ChanceOfFirst.of(weighed, given.settings());
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < weighed.size(); i++) {
            order.add(i);
        }
        order.sort(Comparator.comparingDouble(i -> -weighed.get(i).posttest()));
        List<WeighedCondition> ranking = new ArrayList<>();
        for (int index : order) {
            ranking.add(condition(weighed.get(index), ranking.size() + 1, first[index]));
        }
        return List.copyOf(ranking);
    }

    private static WeighedCondition condition(ConditionWeighing w, int rank, double probabilityFirst) {
        Candidate c = w.candidate;
        Interval average = w.band(w.spread().average());
        return new WeighedCondition(
                c.id(),
                rank,
                c.pretest(),
                Math.exp(w.logRatio()),
                w.posttest(),
                average,
                w.band(w.spread().newClinic()),
                probabilityFirst,
                Verdict.of(w.posttest(), c),
                straddles(average, c.ruleOutBelow()) || straddles(average, c.actAbove()),
                w.ledger(),
                w.among().map(AmongRivals::rivals).orElse(List.of()),
                w.among().map(AmongRivals::clusterPull).orElse(OptionalDouble.empty()),
                w.among().map(AmongRivals::clusterShare).orElse(1.0));
    }

    private static boolean straddles(Interval band, double line) {
        return band.low() < line && line < band.high();
    }

    private static Map<School, Map<String, Double>> schools(
            CaseToWeigh given, List<ConditionWeighing> weighed, School inForce) {
        Map<School, Map<String, Double>> schools = new EnumMap<>(School.class);
        for (School school : School.values()) {
            Map<String, Double> byCondition = new LinkedHashMap<>();
            if (school == inForce) {
                weighed.forEach(w -> byCondition.put(w.candidate.id(), w.posttest()));
            } else if (school == School.DIFFERENTIAL) {
                Rivalry rivalry = rivalry(given, weighed, new SetsMemory());
                weighed.forEach(
                        w -> byCondition.put(w.candidate.id(), Logit.inverse(rivalry.posttestLogit(w.alone()))));
            } else {
                weighed.forEach(w -> byCondition.put(w.candidate.id(), w.posttestBy(school)));
            }
            schools.put(school, byCondition);
        }
        return schools;
    }

    /** With no decided cluster, the clusters' school shows the pretests and has no say. */
    private static boolean dependsOnSchool(List<ConditionWeighing> weighed, Map<School, Map<String, Double>> schools) {
        boolean anyCluster = weighed.stream().anyMatch(w -> !w.selection.clusters.isEmpty());
        Set<String> firsts = new HashSet<>();
        schools.forEach((school, byCondition) -> {
            if (school != School.PUBLISHED_CLUSTERS || anyCluster) {
                firsts.add(first(byCondition));
            }
        });
        return firsts.size() > 1;
    }

    private static String first(Map<String, Double> byCondition) {
        String first = "";
        double largest = Double.NEGATIVE_INFINITY;
        for (Map.Entry<String, Double> e : byCondition.entrySet()) {
            if (e.getValue() > largest) {
                first = e.getKey();
                largest = e.getValue();
            }
        }
        return first;
    }
}
