package lexicor.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import lexicor.core.evidence.Evidence;
import lexicor.core.evidence.HighBias;
import lexicor.core.evidence.Pooling;
import lexicor.core.evidence.Study;
import lexicor.core.weighing.School;
import lexicor.core.weighing.WeighedCase;
import lexicor.core.weighing.Weighing;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.RecordedFinding;
import lexicor.core.weighing.model.SetsMemory;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Level;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import org.openjdk.jmh.infra.BenchmarkParams;

/**
 * The budgets: a large case under 60 ms, an ordinary one under 5, pooling 14 studies under 3; by the way that a department begins with,
 * a tap among 9 candidates with 30 findings under 60, and among 14 with 20 under 90, each with the tests that a page shows. One thread,
 * as it ships.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
public class CoreBenchmarks {
    /** Each test informs a sixth of the conditions, about eight: several times what any test in the packs does. */
    private final CaseToWeigh large = MadeUpCase.of(50, 40, 100, 1 / 6.0);

    /** Every test informs every condition, which no evidence does. */
    private final CaseToWeigh dense = MadeUpCase.of(50, 40, 100, 1);

    private final CaseToWeigh ordinary = MadeUpCase.of(9, 8, 30, 0.5);
    private final CaseToWeigh manyFindings = MadeUpCase.of(9, 30, 30, 0.5);
    private final CaseToWeigh manyCandidates = MadeUpCase.of(14, 20, 30, 0.5);
    private static final int SHOWN = 8;
    private final List<Study> studies = MadeUpCase.studies(14);

    @Benchmark
    public WeighedCase largeCase() {
        return Weighing.weigh(large);
    }

    @Benchmark
    public WeighedCase denseCase() {
        return Weighing.weigh(dense);
    }

    @Benchmark
    public WeighedCase ordinaryCase() {
        return Weighing.weigh(ordinary);
    }

    /** The conditions together, and what the tests that a page shows would do. */
    @Benchmark
    public double largeCaseTogether() {
        return shown(large);
    }

    @Benchmark
    public double ordinaryCaseTogether() {
        return shown(ordinary);
    }

    @Benchmark
    public double manyFindingsShown() {
        return shown(manyFindings);
    }

    @Benchmark
    public double manyCandidatesShown() {
        return shown(manyCandidates);
    }

    /** A tap: what the same case came to without its latest finding is still known. */
    @State(Scope.Thread)
    public static class Tapped {
        private final CaseToWeigh findings = MadeUpCase.of(9, 30, 30, 0.5);
        private final CaseToWeigh candidates = MadeUpCase.of(14, 20, 30, 0.5);
        private int next;
        private SetsMemory known;
        private CaseToWeigh after;

        @Setup(Level.Invocation)
        public void beforeTheTap(BenchmarkParams of) {
            CaseToWeigh all = of.getBenchmark().endsWith("manyFindingsTapped") ? findings : candidates;
            List<RecordedFinding> rest = new ArrayList<>(all.findings());
            RecordedFinding tapped = rest.remove(next++ % rest.size());
            CaseToWeigh before =
                    new CaseToWeigh(all.settings(), all.conditions(), rest, all.clusters(), all.candidates());
            after = before.with(tapped);
            known = new SetsMemory();
            shown(before, known);
        }
    }

    @Benchmark
    public double manyFindingsTapped(Tapped tapped) {
        return shown(tapped.after, tapped.known);
    }

    @Benchmark
    public double manyCandidatesTapped(Tapped tapped) {
        return shown(tapped.after, tapped.known);
    }

    private static double shown(CaseToWeigh given) {
        return shown(given, new SetsMemory());
    }

    private static double shown(CaseToWeigh given, SetsMemory known) {
        return Weighing.weigh(given, School.DEFAULT, known).nextTests().stream()
                .limit(SHOWN)
                .mapToDouble(t -> t.ifPositive().size() + t.ifNegative().size())
                .sum();
    }

    @Benchmark
    public Evidence poolFourteenStudies() {
        return Pooling.pool(studies, HighBias.AS_PRINTED);
    }
}
