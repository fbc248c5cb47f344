package lexicor.core.weighing.model;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.IntStream;
import lexicor.core.weighing.model.ExplainedFindings.Cause;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** What is kept, cut off and screened for speed changes nothing that anybody sees (method M17). */
class ExplainedFindingsTest {
    /** Shared by all tries, as one memory serves many cases. */
    private static final SetsMemory SHARED = new SetsMemory();

    private static final List<double[]> OVERLAPS = List.of(
            new double[] {0.45, 0.20},
            new double[] {0.45, 0.20},
            new double[] {0.50, 0.25},
            new double[] {0.60, 0.30},
            new double[] {0.20, 0.05},
            new double[] {0.45, 0},
            new double[] {0, 0});

    private record Made(String id, String family, boolean positive, SortedMap<Integer, Cause> causes) {}

    private record MadeCase(double[] pretests, List<Made> findings) {
        static MadeCase of(Random random) {
            double[] pretests = random.doubles(4 + random.nextInt(5), 0.02, 0.6).toArray();
            List<Made> findings = new ArrayList<>();
            int families = 1 + random.nextInt(4);
            double informed = 0.2 + 0.7 * random.nextDouble();
            for (int f = 3 + random.nextInt(22); f > 0; f--) {
                SortedMap<Integer, Cause> causes = new TreeMap<>();
                causes.put(random.nextInt(pretests.length), figures(random));
                for (int c = 0; c < pretests.length; c++) {
                    if (random.nextDouble() < informed) {
                        causes.putIfAbsent(c, random.nextInt(4) == 0 ? Cause.assumed(0.1) : figures(random));
                    }
                }
                findings.add(new Made("f" + f, "family " + random.nextInt(families), random.nextInt(3) == 0, causes));
            }
            return new MadeCase(pretests, findings);
        }

        /** Sometimes a sign that is rarer where the condition is. */
        private static Cause figures(Random random) {
            double specificity = Math.log(0.4 + 0.55 * random.nextDouble());
            return random.nextInt(6) == 0
                    ? new Cause(0, 0.2 + 0.7 * random.nextDouble(), specificity)
                    : new Cause(0.95 * random.nextDouble(), 1, specificity);
        }

        ExplainedFindings explained(SetsMemory memory, Set<String> without) {
            return explained(0.45, 0.20, memory, without);
        }

        ExplainedFindings explained(double family, double general, SetsMemory memory, Set<String> without) {
            ExplainedFindings explained = new ExplainedFindings(
                    family, general, IntStream.range(0, pretests.length).toArray(), pretests, memory);
            findings.stream()
                    .filter(f -> !without.contains(f.id))
                    .forEach(f -> explained.add(f.id, f.family, f.positive, f.causes));
            return explained;
        }
    }

    @Property(tries = 120)
    void whatIsLeftOutIsAsIfItHadNeverBeenRecorded(@ForAll Random random) {
        MadeCase made = MadeCase.of(random);
        ExplainedFindings all = made.explained(SHARED, Set.of());
        Made one = made.findings.get(random.nextInt(made.findings.size()));
        ExplainedFindings never = made.explained(new SetsMemory(), Set.of(one.id));
        for (int c : one.causes.keySet()) {
            double without = all.logitWithout(one.id, c, Set.of());
            assertThat(all.logit(c, Set.of(one.id))).isCloseTo(without, within(1e-8));
            // As close as the nodes for one finding more and one fewer are.
            assertThat(never.logit(c, Set.of())).isCloseTo(without, within(2e-5));
        }
    }

    @Property(tries = 120)
    void oneMemoryForManyCasesSaysWhatANewOneSays(@ForAll Random random) {
        MadeCase made = MadeCase.of(random);
        Set<String> leftOut = Set.of(made.findings.get(0).id);
        for (Set<String> some : List.of(Set.<String>of(), leftOut)) {
            ExplainedFindings shared = made.explained(SHARED, Set.of());
            ExplainedFindings own = made.explained(new SetsMemory(), Set.of());
            for (int c = 0; c < made.pretests.length; c++) {
                assertThat(shared.logit(c, some)).isCloseTo(own.logit(c, some), within(1e-9));
            }
        }
    }

    /** A finding set aside wrongly, or kept, would be one that is nearly on the wrong side. */
    @Property(tries = 120)
    void whatIsNearlyKnownIsNeverSoFarOutThatItDecidesWrongly(@ForAll Random random) {
        MadeCase made = MadeCase.of(random);
        double[] overlap = OVERLAPS.get(random.nextInt(OVERLAPS.size()));
        ExplainedFindings all = made.explained(overlap[0], overlap[1], SHARED, Set.of());
        Set<String> leftOut = new LinkedHashSet<>();
        for (int more = 0; more < Math.min(4, made.findings.size() - 1); more++) {
            for (Made f : made.findings) {
                for (int c : leftOut.contains(f.id) ? Set.<Integer>of() : f.causes.keySet()) {
                    double added = all.logit(c, leftOut) - all.logitWithout(f.id, c, leftOut);
                    double nearly = all.nearlyAdded(List.of(f.id), c, leftOut).get(f.id);
                    assertThat(nearly).isCloseTo(added, within(all.nearlyWithin(leftOut) * (1 + Math.abs(added))));
                }
            }
            leftOut.add(made.findings.get(random.nextInt(made.findings.size())).id);
        }
    }
}
