package lexicor.core.weighing;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import lexicor.core.evidence.Evidence;
import lexicor.core.evidence.HighBias;
import lexicor.core.evidence.Pooling;
import lexicor.core.evidence.Study.TwoByTwo;
import lexicor.core.weighing.input.Candidate;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.OfferedTest;
import lexicor.core.weighing.input.RecordedFinding;
import lexicor.core.weighing.input.Result;
import lexicor.core.weighing.input.WeighingSettings;
import lexicor.core.weighing.model.Item;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;

/** A finding in the fewest words, and cases of one condition made of such findings. */
record Simple(String family, boolean positive, double sensitivity, double specificity) {
    static final String CONDITION = "c";
    private static final double SIZE = 200;

    Map<String, Evidence> evidence() {
        double tp = SIZE * sensitivity;
        double tn = SIZE * specificity;
        TwoByTwo study = new TwoByTwo(tp, SIZE - tp, SIZE - tn, tn, false, false);
        return Map.of(CONDITION, Pooling.pool(List.of(study), HighBias.CORRECTED));
    }

    Item item(String id) {
        return Item.of(id, family, positive, (Evidence.Weighable) evidence().get(CONDITION));
    }

    /** It before it is done, at what its figures are on average over new clinics. */
    Item sober(String id) {
        return Item.of(id, family, true, (Evidence.Weighable) evidence().get(CONDITION))
                .sober();
    }

    double ratio() {
        return positive ? sensitivity / (1 - specificity) : (1 - sensitivity) / specificity;
    }

    /** Positive and negative exchanged, and the figures with them: the same evidence. */
    Simple mirrored() {
        return new Simple(family, !positive, 1 - sensitivity, 1 - specificity);
    }

    static WeighedCondition weigh(List<Simple> findings, double pretest, double family, double general) {
        return Weighing.weigh(caseOf(findings, List.of(), pretest, family, general))
                .conditions()
                .get(0);
    }

    static CaseToWeigh caseOf(
            List<Simple> findings, List<Simple> candidates, double pretest, double family, double general) {
        List<RecordedFinding> recorded = new ArrayList<>();
        for (Simple f : findings) {
            String id = "f" + recorded.size();
            recorded.add(new RecordedFinding(
                    id, id, f.family, f.positive ? Result.POSITIVE : Result.NEGATIVE, f.evidence()));
        }
        List<OfferedTest> offered = new ArrayList<>();
        for (Simple t : candidates) {
            String id = "t" + offered.size();
            offered.add(new OfferedTest(id, id, t.family, 1, false, t.evidence()));
        }
        return new CaseToWeigh(
                WeighingSettings.DEFAULT.withOverlap(family, general),
                List.of(new Candidate(CONDITION, pretest, Candidate.ASSUMED_LOGIT_SD, 0.05, 0.8, 1)),
                recorded,
                List.of(),
                offered);
    }

    static Arbitrary<Simple> any() {
        return Combinators.combine(
                        Arbitraries.of("A", "B", "C"),
                        Arbitraries.of(true, false),
                        Arbitraries.doubles().between(0.03, 0.97).ofScale(3),
                        Arbitraries.doubles().between(0.03, 0.97).ofScale(3))
                .as(Simple::new);
    }
}
