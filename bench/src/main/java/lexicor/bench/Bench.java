package lexicor.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collection;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import lexicor.bench.honesty.HonestyRun;
import lexicor.bench.server.EvidenceRun;
import lexicor.bench.server.FuzzRun;
import lexicor.bench.server.ImportRun;
import lexicor.bench.server.KillRun;
import lexicor.bench.server.LoadRun;
import lexicor.bench.server.OutcomesRun;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.VerboseMode;

/** {@code lexicor bench}: medians against their budgets, the plain alternative, and the table of the schools. */
public final class Bench {
    private static final Map<String, String> BUDGETS = Map.of(
            "largeCase",
            "50 conditions, 40 findings, 100 candidates: under 60 ms, aim for 20",
            "denseCase",
            "the same, every test informing every condition: no budget",
            "ordinaryCase",
            "9 conditions, 8 findings, 30 candidates: under 5 ms",
            "largeCaseTogether",
            "the large case with its conditions together and eight tests shown: no budget",
            "ordinaryCaseTogether",
            "the ordinary case so: no budget",
            "manyFindingsShown",
            "9 conditions, 30 findings, eight tests shown: under 60 ms",
            "manyCandidatesShown",
            "14 conditions, 20 findings, eight tests shown: under 90 ms",
            "manyFindingsTapped",
            "the 30 findings, one of them just tapped: under 60 ms",
            "manyCandidatesTapped",
            "the 20 findings, one of them just tapped: under 90 ms",
            "poolFourteenStudies",
            "bivariate pooling of 14 studies: under 3 ms");

    private Bench() {}

    public static void main(String[] args) throws Exception {
        if (args.length > 0) {
            wholeProgram(args[0]);
            return;
        }
        Map<String, Double> medians = medians();
        System.out.println("Medians, one thread");
        medians.forEach((name, ms) -> System.out.printf(Locale.ROOT, "%10.3f ms  %s%n", ms, BUDGETS.get(name)));
        System.out.println();
        new PlainSimulation(MadeUpCase.of(9, 8, 30, 0.5)).millisecondsNeeded();
        double plain = new PlainSimulation(MadeUpCase.of(9, 8, 30, 0.5)).millisecondsNeeded();
        System.out.printf(
                Locale.ROOT,
                "A plain simulation of the ordinary case's ratios alone, to 1 in 1000: about %.0f ms, "
                        + "%.0f times the whole weighing%n%n",
                plain,
                plain / medians.get("ordinaryCase"));
        SchoolsTable.print();
    }

    /** Runs of the whole program, each on records of its own that are thrown away. */
    private static void wholeProgram(String run) throws Exception {
        Path root = Path.of(System.getProperty("lexicor.root"));
        if (run.equals("honesty")) {
            HonestyRun.run(root);
            return;
        }
        if (run.equals("nodes")) {
            NodesTable.print();
            return;
        }
        Path data = Files.createTempDirectory("lexicor-bench").resolve("data");
        switch (run) {
            case "load" -> LoadRun.run(root, data, 50, 5000, 120, 200).forEach(System.out::println);
            case "import" -> System.out.println(ImportRun.run(root, data, 3000, 62));
            case "evidence" -> EvidenceRun.run(root, data).forEach(System.out::println);
            case "outcomes" -> OutcomesRun.run(root, data, 20_000, 10_000).forEach(System.out::println);
            case "kill" ->
                System.out.println(
                        KillRun.run(root, data, 200) + " taps were acknowledged over 200 kills; all of them are there");
            case "fuzz" -> {
                FuzzRun.Result result = FuzzRun.run(root, data, 50_000, System.nanoTime());
                result.faults().forEach(System.out::println);
                System.out.println(result);
            }
            default ->
                System.err.println(
                        "lexicor: bench knows honesty, nodes, load, import, evidence, outcomes, kill and fuzz");
        }
    }

    private static Map<String, Double> medians() throws RunnerException {
        Collection<RunResult> results = new Runner(new OptionsBuilder()
                        .include(CoreBenchmarks.class.getName())
                        .verbosity(VerboseMode.SILENT)
                        .build())
                .run();
        Map<String, Double> medians = new TreeMap<>();
        for (RunResult r : results) {
            medians.put(
                    r.getPrimaryResult().getLabel(),
                    r.getPrimaryResult().getStatistics().getPercentile(50));
        }
        return medians;
    }
}
