package lexicor.core.planning;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.examination.Findings;
import lexicor.core.weighing.NextTest;
import lexicor.core.weighing.Verdict;
import lexicor.core.weighing.WeighedCase;
import lexicor.core.weighing.WeighedCondition;
import lexicor.core.weighing.input.ClusterProgress;
import lexicor.core.weighing.input.Result;

/** Tests not done yet that are better left: what they would add, and why that is little (method M16). */
public final class Restraint {
    /** Below this expected gain in bits a provoking test is said to tell little; a working line of ours. */
    public static final double LITTLE_BITS = 0.01;

    /** From this provocation on a test should have something to tell. */
    static final int PROVOKING = 2;

    /** Why a test is better left. */
    public enum Kind {
        /** Its clusters are decided whatever it shows. */
        DECIDED("decided"),
        /** It can hurt or startle, would tell next to nothing, and is not usually done for an undecided candidate. */
        FOR_NOTHING("forNothing");

        private final String id;

        Kind(String id) {
            this.id = id;
        }

        /** The name used in the API. */
        @JsonValue
        public String id() {
            return id;
        }
    }

    /**
     * One test that is better left.
     *
     * @param words the reason as a sentence
     */
    public record Left(String test, Kind kind, String words) {}

    private Restraint() {}

    /**
     * @param weighed the case as it stands, with the tests still offered
     */
    public static List<Left> of(Catalogue catalogue, Findings findings, WeighedCase weighed) {
        Set<String> candidates = weighed.conditions().stream().map(c -> c.id()).collect(Collectors.toSet());
        Set<String> undecided = weighed.conditions().stream()
                .filter(c -> c.verdict() == Verdict.UNDECIDED)
                .map(WeighedCondition::id)
                .collect(Collectors.toSet());
        List<ClusterProgress> clusters = catalogue.clusters().stream()
                .filter(c -> candidates.contains(c.condition()))
                .map(c -> ClusterProgress.of(c, findings))
                .toList();
        Map<String, Double> gains = weighed.nextTests().stream()
                .collect(Collectors.groupingBy(
                        t -> catalogue.testOf(t.id()).map(ClinicalTest::id).orElse(t.id()),
                        Collectors.summingDouble(NextTest::gain)));
        Set<String> done = findings.testsDone(catalogue);
        List<Left> left = new ArrayList<>();
        for (ClinicalTest test : catalogue.tests()) {
            if (!done.contains(test.id())) {
                boolean usual = catalogue.examinedBy(test).stream().anyMatch(undecided::contains);
                decided(test, clusters)
                        .or(() -> usual ? Optional.empty() : forNothing(test, gains.getOrDefault(test.id(), 0.0)))
                        .ifPresent(left::add);
            }
        }
        return List.copyOf(left);
    }

    private static Optional<Left> decided(ClinicalTest test, List<ClusterProgress> clusters) {
        Set<String> criteria = test.criterionIds();
        List<ClusterProgress> using = clusters.stream()
                .filter(c -> c.open().stream().anyMatch(criteria::contains))
                .toList();
        if (using.isEmpty() || !using.stream().allMatch(c -> c.isDecidedEarly() && c.speaks())) {
            return Optional.empty();
        }
        String words = using.stream().map(Restraint::words).collect(Collectors.joining(" ")) + " The rest adds little.";
        return Optional.of(new Left(test.id(), Kind.DECIDED, words));
    }

    private static String words(ClusterProgress c) {
        String outcome = c.decided().orElseThrow().equals(Result.POSITIVE.id())
                ? "decided, " + c.positives() + " of " + c.cluster().members().size() + " positive."
                : "decided against, it cannot reach its count any more.";
        return c.cluster().name() + ": " + outcome;
    }

    private static Optional<Left> forNothing(ClinicalTest test, double gain) {
        if (test.provocation() < PROVOKING || gain >= LITTLE_BITS) {
            return Optional.empty();
        }
        String words = gain == 0
                ? "Provocative, and nothing to gain here."
                : String.format(Locale.ROOT, "Provocative, little to gain of these candidates (%.3f bits).", gain);
        return Optional.of(new Left(test.id(), Kind.FOR_NOTHING, words));
    }
}
