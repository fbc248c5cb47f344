package lexicor.core.weighing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import lexicor.core.catalogue.published.ClusterRule;
import lexicor.core.evidence.Evidence;
import lexicor.core.evidence.HighBias;
import lexicor.core.evidence.Pooling;
import lexicor.core.evidence.Study.TwoByTwo;
import lexicor.core.weighing.input.Candidate;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.OfferedTest;
import lexicor.core.weighing.input.RecordedCluster;
import lexicor.core.weighing.input.RecordedFinding;
import lexicor.core.weighing.input.Result;
import lexicor.core.weighing.input.WeighingSettings;

/** Made-up cases of several conditions that share findings. */
final class Rivals {
    private static final double SIZE = 200;

    private Rivals() {}

    static Evidence figures(double sensitivity, double specificity) {
        double tp = SIZE * sensitivity;
        double tn = SIZE * specificity;
        return Pooling.pool(List.of(new TwoByTwo(tp, SIZE - tp, SIZE - tn, tn, false, false)), HighBias.CORRECTED);
    }

    static Candidate condition(String id, double pretest) {
        return new Candidate(id, pretest, Candidate.ASSUMED_LOGIT_SD, 0.05, 0.8, 1);
    }

    static RecordedFinding finding(
            String id, String family, boolean positive, Map<String, Evidence> evidence, String... provokes) {
        return new RecordedFinding(
                id,
                id,
                family,
                positive ? Result.POSITIVE : Result.NEGATIVE,
                evidence,
                Set.of(provokes),
                Optional.empty(),
                Set.of(),
                false);
    }

    static CaseToWeigh given(List<Candidate> conditions, RecordedFinding... findings) {
        return new CaseToWeigh(WeighingSettings.DEFAULT, conditions, List.of(findings), List.of(), List.of());
    }

    static CaseToWeigh with(CaseToWeigh given, WeighingSettings settings) {
        return new CaseToWeigh(settings, given.conditions(), given.findings(), given.clusters(), given.candidates());
    }

    /** Two to twelve conditions, a few findings with figures for some of them and known to provoke others, a cluster, two tests left. */
    static CaseToWeigh any(Random random) {
        int count = random.nextInt(8) == 0 ? 12 : 2 + random.nextInt(4);
        List<Candidate> conditions = new ArrayList<>();
        for (int c = 0; c < count; c++) {
            conditions.add(condition("c" + c, 0.03 + 0.6 * random.nextDouble()));
        }
        List<RecordedFinding> findings = new ArrayList<>();
        int recorded = random.nextInt(7);
        for (int i = 0; i < recorded; i++) {
            findings.add(
                    anyTest("f" + i, count, random).recorded(random.nextBoolean() ? Result.POSITIVE : Result.NEGATIVE));
        }
        List<OfferedTest> offered = List.of(anyTest("t0", count, random), anyTest("t1", count, random));
        List<RecordedCluster> clusters = new ArrayList<>();
        if (recorded > 1) {
            List<String> members = random.nextBoolean() ? List.of("f0", "f1") : List.of("f0", "f1", "t0");
            clusters.add(new RecordedCluster(
                    "k",
                    "c0",
                    members,
                    new ClusterRule.AtLeast(2),
                    Map.of("c0", figures(0.3 + 0.6 * random.nextDouble(), 0.75 + 0.2 * random.nextDouble()))));
        }
        return new CaseToWeigh(WeighingSettings.DEFAULT, conditions, findings, clusters, offered);
    }

    private static OfferedTest anyTest(String id, int conditions, Random random) {
        Map<String, Evidence> evidence = new HashMap<>();
        Set<String> provokes = new LinkedHashSet<>();
        for (int c = 0; c < conditions; c++) {
            int kind = random.nextInt(4);
            if (kind == 0) {
                double sensitivity = 0.2 + 0.75 * random.nextDouble();
                evidence.put(
                        "c" + c, figures(sensitivity, 1 - sensitivity + (sensitivity - 0.05) * random.nextDouble()));
            } else if (kind == 1) {
                provokes.add("c" + c);
            }
        }
        return new OfferedTest(id, id, "family " + random.nextInt(3), 1, false, evidence, provokes, Set.of(), false);
    }
}
