package lexicor.bench;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import lexicor.core.evidence.Evidence;
import lexicor.core.evidence.HighBias;
import lexicor.core.evidence.Pooling;
import lexicor.core.evidence.Study;
import lexicor.core.evidence.Study.TwoByTwo;
import lexicor.core.weighing.input.Candidate;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.OfferedTest;
import lexicor.core.weighing.input.RecordedFinding;
import lexicor.core.weighing.input.Result;
import lexicor.core.weighing.input.WeighingSettings;

/** Seeded cases of any size. */
final class MadeUpCase {
    private static final int FAMILY_SIZE = 4;

    private final Random random = new Random(5);
    private final int conditions;
    private final double informed;

    /**
     * @param informed share of the conditions for which a test has figures
     */
    private MadeUpCase(int conditions, double informed) {
        this.conditions = conditions;
        this.informed = informed;
    }

    static CaseToWeigh of(int conditions, int findings, int candidates, double informed) {
        return new MadeUpCase(conditions, informed).build(findings, candidates);
    }

    private CaseToWeigh build(int findings, int candidates) {
        List<Candidate> weighed = new ArrayList<>();
        for (int c = 0; c < conditions; c++) {
            weighed.add(new Candidate("c" + c, 0.02 + 0.5 * random.nextDouble(), 0.35, 0.03, 0.7, 1));
        }
        int families = Math.max(2, findings / FAMILY_SIZE);
        List<RecordedFinding> recorded = new ArrayList<>();
        for (int f = 0; f < findings; f++) {
            Result result = random.nextInt(3) == 0 ? Result.POSITIVE : Result.NEGATIVE;
            recorded.add(new RecordedFinding("f" + f, "f" + f, "family " + f % families, result, evidence()));
        }
        List<OfferedTest> offered = new ArrayList<>();
        for (int t = 0; t < candidates; t++) {
            offered.add(new OfferedTest("t" + t, "t" + t, "family " + t % (2 * families), 1, false, evidence()));
        }
        return new CaseToWeigh(WeighingSettings.DEFAULT, weighed, recorded, List.of(), offered);
    }

    private Map<String, Evidence> evidence() {
        Map<String, Evidence> evidence = new HashMap<>();
        for (int c = 0; c < conditions; c++) {
            if (random.nextDouble() < informed) {
                evidence.put("c" + c, Pooling.pool(List.of(study()), HighBias.CORRECTED));
            }
        }
        return evidence;
    }

    /** A test somewhat better than chance, as most are. */
    private Study study() {
        double diseased = 20 + random.nextInt(200);
        double healthy = 20 + random.nextInt(200);
        double sensitivity = 0.4 + 0.5 * random.nextDouble();
        double specificity = Math.min(0.97, 1.05 - sensitivity + 0.5 * random.nextDouble());
        double tp = Math.rint(diseased * sensitivity);
        double tn = Math.rint(healthy * specificity);
        return new TwoByTwo(tp, diseased - tp, healthy - tn, tn, false, false);
    }

    static List<Study> studies(int count) {
        MadeUpCase made = new MadeUpCase(1, 1);
        List<Study> studies = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            studies.add(made.study());
        }
        return studies;
    }
}
