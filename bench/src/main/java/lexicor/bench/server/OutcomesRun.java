package lexicor.bench.server;

import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import tools.jackson.databind.json.JsonMapper;

/** The pages of outcomes over many cases, of which some came out: while they are open, and right after a start. */
public final class OutcomesRun {
    private static final int CREATED = 201;
    private static final int OK = 200;
    private static final int ORIGINALS = 12;
    private static final int TAPS = 16;
    private static final int AT_ONCE = 4000;
    private static final List<String> PAGES =
            List.of("meeting", "accuracy", "rates", "foresight", "agreement", "waiting");
    private static final List<String> CONDITIONS =
            List.of("subacromial-pain", "full-thickness-cuff-tear", "frozen-shoulder", "biceps-tendon-disorder");

    private OutcomesRun() {}

    public static List<PageTimes> run(Path root, Path data, int cases, int noted)
            throws IOException, InterruptedException {
        List<PageTimes> results = new ArrayList<>();
        Map<String, String> slices = new LinkedHashMap<>();
        PAGES.forEach(p -> slices.put(p, ""));
        slices.put("accuracy, one reference", "accuracy?reference=mri");
        try (ServerProcess server = ServerProcess.start(root, data, "lexicor.requests-per-second=10000")) {
            Browser lead = Browser.lead(server);
            List<String> originals = originals(lead);
            for (int from = 0; from < cases; from += AT_ONCE) {
                Archives.bring(
                        lead, Archives.look(lead, Archives.of(originals, from, Math.min(AT_ONCE, cases - from))));
            }
            Random random = new Random(noted);
            for (int n = 0; n < noted; n++) {
                lead.expect(OK, "POST", "/api/cases/MV-" + 2 * n % cases + "/outcome/notes", note(random));
            }
            awaitAll(lead);
            for (Map.Entry<String, String> s : slices.entrySet()) {
                results.add(timed(lead, s.getKey(), s.getValue().isEmpty() ? s.getKey() : s.getValue()));
            }
            results.add(afterATap(lead));
        }
        try (ServerProcess server = ServerProcess.start(root, data, "lexicor.requests-per-second=10000")) {
            results.add(timed(Browser.lead(server), "accuracy, right after a start", "accuracy"));
        }
        return results;
    }

    private static List<String> originals(Browser lead) throws IOException, InterruptedException {
        List<String> files = new ArrayList<>();
        for (int k = 0; k < ORIGINALS; k++) {
            String code = "OR-" + k;
            lead.expect(CREATED, "POST", "/api/cases", Taps.newCase(code));
            for (int n = 0; n < TAPS; n++) {
                lead.expect(
                        OK, "POST", "/api/cases/" + code + "/taps", Taps.nth(UUID.randomUUID(), (n * (k + 1)) % 32));
            }
            files.add(lead.expect(OK, "GET", "/api/cases/" + code + "/file", ""));
        }
        return files;
    }

    private static String note(Random random) {
        StringBuilder answers = new StringBuilder();
        for (String condition : CONDITIONS) {
            answers.append(answers.isEmpty() ? "" : ",")
                    .append('"')
                    .append(condition)
                    .append("\":\"")
                    .append(random.nextInt(3) == 0 ? "present" : "absent")
                    .append('"');
        }
        return "{\"key\":\"%s\",\"reference\":\"%s\",\"on\":\"%s\",\"answers\":{%s}}"
                .formatted(UUID.randomUUID(), random.nextBoolean() ? "mri" : "ultrasound", LocalDate.now(), answers);
    }

    private static void awaitAll(Browser lead) throws IOException, InterruptedException {
        while (new JsonMapper()
                        .readTree(lead.expect(OK, "GET", "/api/outcomes/rates", ""))
                        .at("/restsOn/behind")
                        .asLong()
                > 0) {
            Thread.sleep(200);
        }
    }

    /** A page that has to take up what was just recorded. */
    private static PageTimes afterATap(Browser lead) throws IOException, InterruptedException {
        return PageTimes.of(
                lead,
                "accuracy, after a tap",
                "/api/outcomes/accuracy",
                i -> lead.expect(OK, "POST", "/api/cases/OR-1/taps", Taps.nth(UUID.randomUUID(), i)));
    }

    private static PageTimes timed(Browser lead, String page, String path) throws IOException, InterruptedException {
        return PageTimes.of(lead, page, "/api/outcomes/" + path, i -> {});
    }
}
