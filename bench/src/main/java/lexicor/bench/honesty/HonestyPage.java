package lexicor.bench.honesty;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import lexicor.core.honesty.Calibration;
import lexicor.core.honesty.Estimate;
import lexicor.core.honesty.Judged;
import lexicor.core.honesty.Misled;
import lexicor.core.honesty.Orders;
import lexicor.core.honesty.Scenario;
import lexicor.core.honesty.Scores;
import lexicor.core.weighing.School;
import tools.jackson.databind.json.JsonMapper;

/** Writes what a run came to: tables for the terminal, docs/honesty.md with its picture, and the same for the program's page. */
final class HonestyPage {
    private static final Map<School, String> NAMES = Map.of(
            School.SOBER, "sober",
            School.DIFFERENTIAL, "weighed together",
            School.OVERLAP_AWARE, "overlap counted, each by itself",
            School.INDEPENDENT, "each counts in full",
            School.STRONGEST_PER_FAMILY, "strongest of a family",
            School.PUBLISHED_CLUSTERS, "clusters only");
    private static final List<School> ORDER = List.of(
            School.SOBER,
            School.DIFFERENTIAL,
            School.OVERLAP_AWARE,
            School.INDEPENDENT,
            School.STRONGEST_PER_FAMILY,
            School.PUBLISHED_CLUSTERS);

    private final HonestyRun run;

    HonestyPage(HonestyRun run) {
        this.run = run;
    }

    String tables() {
        return String.join("\n\n", schools(), complaints().markdown(), frozen().markdown(), orders().markdown()) + "\n";
    }

    /** What a table says; the first column names the row. */
    record Table(String caption, List<String> header, List<List<String>> rows) {
        String markdown() {
            List<String> lines = new ArrayList<>();
            if (!caption.isEmpty()) {
                lines.add("### " + caption + "\n");
            }
            lines.add("| " + String.join(" | ", header) + " |");
            lines.add("|" + "---|".repeat(header.size()));
            rows.forEach(r -> lines.add("| " + String.join(" | ", r) + " |"));
            return String.join("\n", lines);
        }
    }

    private String schools() {
        return String.join("\n\n", bySchool().stream().map(Table::markdown).toList());
    }

    private List<Table> bySchool() {
        List<Table> blocks = new ArrayList<>();
        for (Scenario scenario : Scenario.values()) {
            Judged judged = run.together.get(scenario);
            List<List<String>> rows = new ArrayList<>();
            for (School school : ORDER) {
                Scores s = judged.by(school);
                Calibration line = s.calibration();
                rows.add(List.of(
                        NAMES.get(school),
                        number(s.logLoss()),
                        school == School.OVERLAP_AWARE ? "" : signed(s.savedAgainst(judged.by(School.OVERLAP_AWARE))),
                        number(s.brier()),
                        number(line.intercept()),
                        number(line.slope()),
                        counted(s.atEighty()),
                        percent(s.coverage(false)),
                        percent(s.coverage(true))));
            }
            blocks.add(new Table(
                    capital(scenario.words()),
                    List.of(
                            "way to weigh",
                            "log loss a patient",
                            "saved over each by itself",
                            "Brier score",
                            "calibration: intercept",
                            "slope",
                            "\"80 %\" was right",
                            "inner band holds the truth",
                            "new clinic's band does"),
                    rows));
        }
        return blocks;
    }

    private Table complaints() {
        List<List<String>> rows = new ArrayList<>();
        run.judged.get(Scenario.MILD).keySet().forEach(complaint -> {
            List<String> row = new ArrayList<>(List.of(complaint.name()));
            for (Scenario scenario : Scenario.values()) {
                Judged judged = run.judged.get(scenario).get(complaint);
                row.add(signed(judged.by(School.SOBER).savedAgainst(judged.by(School.OVERLAP_AWARE))));
            }
            rows.add(row);
        });
        return new Table("", byScenario("log loss a patient saved by sober over each by itself"), rows);
    }

    private Table frozen() {
        List<List<String>> rows = new ArrayList<>();
        for (School school : ORDER) {
            List<String> row = new ArrayList<>(List.of(NAMES.get(school)));
            for (Scenario scenario : Scenario.values()) {
                Misled frozen = run.frozen.get(scenario);
                row.add(share(frozen.share(school)));
            }
            rows.add(row);
        }
        return new Table("", byScenario("an absent condition beyond its act line in a true frozen shoulder"), rows);
    }

    /** The header of a table with a column for each scenario. */
    private static List<String> byScenario(String rowsAre) {
        List<String> header = new ArrayList<>(List.of(rowsAre));
        for (Scenario scenario : Scenario.values()) {
            header.add(scenario.words());
        }
        return header;
    }

    private Table orders() {
        List<List<String>> rows = new ArrayList<>();
        for (Scenario scenario : Scenario.values()) {
            for (Orders.Way way : Orders.Way.values()) {
                Orders.Tally t = run.orders.get(scenario).by(way);
                rows.add(List.of(
                        scenario.words(),
                        way.words(),
                        share(t.decided()),
                        String.format(Locale.ROOT, "%.1f", t.testsToVerdict()),
                        t.rightly() + " of " + t.verdicts()));
            }
        }
        return new Table(
                "",
                List.of(
                        "clinic",
                        "order of testing",
                        "come to \"act\" within 12 tests",
                        "tests that takes",
                        "and the verdict is right"),
                rows);
    }

    void writeTo(Path root) throws IOException {
        Path docs = root.resolve("docs");
        Files.writeString(docs.resolve("honesty.svg"), CalibrationPlot.svg(run));
        Path page = docs.resolve("honesty.md");
        String text = Files.readString(page);
        text = between(text, "schools", schools());
        text = between(text, "complaints", complaints().markdown());
        text = between(text, "frozen", frozen().markdown());
        Files.writeString(page, between(text, "orders", orders().markdown()));
        Path shown = root.resolve("web/src/honesty/measured.json");
        Files.writeString(
                shown,
                JsonMapper.builder().build().writerWithDefaultPrettyPrinter().writeValueAsString(measured()) + "\n");
    }

    /** The same for the program's own page. */
    private Map<String, Object> measured() {
        Map<String, Object> all = new LinkedHashMap<>();
        all.put("patients", run.patients * run.judged.get(Scenario.MILD).size());
        all.put("schools", bySchool());
        all.put("complaints", complaints());
        all.put("frozen", frozen());
        all.put("orders", orders());
        List<Map<String, Object>> plot = new ArrayList<>();
        for (Scenario scenario : Scenario.values()) {
            Map<String, Object> lines = new LinkedHashMap<>();
            for (School school : CalibrationPlot.DRAWN) {
                lines.put(school.id(), run.together.get(scenario).by(school).points());
            }
            plot.add(Map.of("scenario", capital(scenario.words()), "lines", lines));
        }
        all.put("plot", plot);
        return all;
    }

    /** The prose is written by people; only what stands between its marks is put there by a run. */
    private static String between(String text, String mark, String table) {
        String start = "<!-- " + mark + " -->";
        String end = "<!-- end of " + mark + " -->";
        int from = text.indexOf(start) + start.length();
        return text.substring(0, from) + "\n\n" + table + "\n\n" + text.substring(text.indexOf(end));
    }

    /** As many digits as the interval leaves standing. */
    private static String number(Estimate e) {
        return worded(e, "%." + digits(e) + "f");
    }

    private static String signed(Estimate e) {
        return worded(e, "%+." + digits(e) + "f");
    }

    private static String worded(Estimate e, String form) {
        if (!Double.isFinite(e.within())) {
            return "too few";
        }
        return String.format(Locale.ROOT, form, e.value()) + " ± "
                + String.format(Locale.ROOT, "%." + digits(e) + "f", e.within());
    }

    private static int digits(Estimate e) {
        return (int) Math.max(0, Math.min(3, Math.ceil(-Math.log10(e.within()))));
    }

    private static String percent(Estimate e) {
        return String.format(Locale.ROOT, "%.0f ± %.0f %%", 100 * e.value(), Math.ceil(100 * e.within()));
    }

    private static String share(double share) {
        return String.format(Locale.ROOT, "%.0f %%", 100 * share);
    }

    /** A share is said of how many; of few, only the numbers. */
    private static String counted(Scores.Counted c) {
        if (c.of() < 20) {
            return c.right() + " of " + c.of();
        }
        return share((double) c.right() / c.of()) + " of " + c.of();
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
