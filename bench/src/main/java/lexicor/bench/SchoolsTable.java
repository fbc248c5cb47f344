package lexicor.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import lexicor.core.evidence.Evidence;
import lexicor.core.evidence.HighBias;
import lexicor.core.evidence.Pooling;
import lexicor.core.evidence.Study.TwoByTwo;
import lexicor.core.weighing.School;
import lexicor.core.weighing.WeighedCase;
import lexicor.core.weighing.Weighing;
import lexicor.core.weighing.input.Candidate;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.RecordedFinding;
import lexicor.core.weighing.input.Result;
import lexicor.core.weighing.input.WeighingSettings;

/**
 * Expected log loss of each school over all results of six tests in two families, whatever the true overlap: the reason
 * why the overlap-aware school is the default (method M8). What is true is the joint model at the true overlap, so the
 * best possible is that model used as it is; the others are used as they ship.
 */
final class SchoolsTable {
    private static final double PRETEST = 0.35;
    private static final String CONDITION = "c";
    private static final double[][] OVERLAPS = {
        {0, 0}, {0.20, 0.05}, {0.45, 0.10}, {0.45, 0.20}, {0.60, 0.30}, {0.75, 0.30}
    };
    /** Sensitivity and specificity of six usual bedside tests, three of each family. */
    private static final double[][] TESTS = {
        {0.75, 0.65}, {0.70, 0.60}, {0.65, 0.75}, {0.60, 0.85}, {0.70, 0.70}, {0.50, 0.90}
    };

    private static final int RESULTS = 1 << TESTS.length;

    private SchoolsTable() {}

    static void print() {
        System.out.println("Expected log loss, six tests in two families, pretest 35 %");
        System.out.println("true overlap   best possible   overlap-aware   independent   strongest   "
                + "right where independent says 90 % or more   where overlap-aware does");
        for (double[] overlap : OVERLAPS) {
            System.out.println(row(overlap[0], overlap[1]));
        }
    }

    private static String row(double family, double general) {
        double best = 0;
        double[] loss = new double[3];
        double[] sure = new double[2];
        double[] right = new double[2];
        for (int results = 0; results < RESULTS; results++) {
            WeighedCase asShipped = weigh(results, WeighingSettings.DEFAULT);
            double ifPresent = TrueModel.probability(TESTS, results, family, general, true);
            double ifAbsent = TrueModel.probability(TESTS, results, family, general, false);
            double with = PRETEST * ifPresent;
            double without = (1 - PRETEST) * ifAbsent;
            best += loss(with, without, with / (with + without));
            School[] schools = {School.OVERLAP_AWARE, School.INDEPENDENT, School.STRONGEST_PER_FAMILY};
            for (int s = 0; s < schools.length; s++) {
                double p = asShipped.schools().get(schools[s]).get(CONDITION);
                loss[s] += loss(with, without, p);
                if (s < 2 && p >= 0.9) {
                    sure[s] += with + without;
                    right[s] += with;
                }
            }
        }
        return String.format(
                Locale.ROOT,
                "%.2f / %.2f    %.3f           %.3f           %.3f         %.3f       %.0f %%   %.0f %%",
                family,
                general,
                best,
                loss[0],
                loss[1],
                loss[2],
                100 * right[1] / sure[1],
                100 * right[0] / sure[0]);
    }

    private static double loss(double with, double without, double p) {
        return -with * Math.log(p) - without * Math.log1p(-p);
    }

    private static WeighedCase weigh(int results, WeighingSettings settings) {
        List<RecordedFinding> findings = new ArrayList<>();
        for (int i = 0; i < TESTS.length; i++) {
            findings.add(new RecordedFinding(
                    "t" + i,
                    "t" + i,
                    i < TESTS.length / 2 ? "first" : "second",
                    (results >> i & 1) == 1 ? Result.POSITIVE : Result.NEGATIVE,
                    evidence(TESTS[i])));
        }
        return Weighing.weigh(new CaseToWeigh(
                settings, List.of(new Candidate(CONDITION, PRETEST, 0, 0.05, 0.9, 1)), findings, List.of(), List.of()));
    }

    private static Map<String, Evidence> evidence(double[] figures) {
        double n = 1e6;
        double tp = n * figures[0];
        double tn = n * figures[1];
        return Map.of(
                CONDITION,
                Pooling.pool(List.of(new TwoByTwo(tp, n - tp, n - tn, tn, false, false)), HighBias.AS_PRINTED));
    }
}
