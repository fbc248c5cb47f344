package lexicor.bench.server;

import java.io.IOException;
import java.net.URLEncoder;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Sends requests that know the API's description and keep to it badly: nonsense, addresses written otherwise, damaged case files,
 * and taps into a case that was closed meanwhile. Taps that were acknowledged on the way have to be there at the end.
 */
public final class FuzzRun {
    /** They would end the session that sends, or never end themselves. */
    private static final Set<String> LEFT_OUT = Set.of(
            "DELETE /api/session",
            "POST /api/session/everywhere",
            "POST /api/session/lock",
            "POST /api/session/unlock",
            "GET /api/devices/events",
            "POST /api/devices/simulated");

    private static final List<String> TYPES =
            List.of("application/json", "application/json", "application/json", "text/plain", "application/xml");

    /** After so many requests the next case is recorded in, so that none grows as no patient's does. */
    private static final int REQUESTS_A_CASE = 1000;

    private static final int OK = 200;
    private static final int FIRST_REFUSAL = 400;
    private static final int SIGNED_OUT = 401;
    private static final int FIRST_FAULT = 500;

    /** One sender alone asks for more than a whole department may. */
    static final String UNHURRIED = "lexicor.requests-per-second=100000";

    private final Random random;
    private final Nonsense nonsense;
    private final Browser lead;
    private final List<Operation> operations;
    private final Map<Integer, Integer> byStatus = new TreeMap<>();
    private final List<String> faults = new ArrayList<>();
    private final Set<UUID> acknowledged = new HashSet<>();
    private String recorded = "";
    private int kept;
    private long lost;

    private FuzzRun(JsonNode api, long seed, Browser lead) {
        this.random = new Random(seed);
        this.nonsense = new Nonsense(api, random);
        this.lead = lead;
        this.operations = operations(api);
    }

    /**
     * What came of it.
     *
     * @param faults requests that were answered as nothing may be: by a 5xx, with a stack trace, or let in by another address
     * @param acknowledged taps that were said to be stored
     * @param lost how many of them are not there at the end
     */
    public record Result(
            int requests,
            Map<Integer, Integer> byStatus,
            List<String> faults,
            int acknowledged,
            long lost,
            double before,
            double after) {
        @Override
        public String toString() {
            return String.format(
                    Locale.ROOT,
                    "%d requests, by status %s, %d faults; %d taps acknowledged, %d lost; memory %.0f, then %.0f MB",
                    requests,
                    byStatus,
                    faults.size(),
                    acknowledged,
                    lost,
                    before,
                    after);
        }
    }

    private record Operation(String method, String path, JsonNode description) {}

    public static Result run(Path root, Path data, int requests, long seed) throws IOException, InterruptedException {
        try (ServerProcess server = ServerProcess.start(root, data, UNHURRIED)) {
            return run(root, server, Browser.lead(server), requests, seed);
        }
    }

    /** The same on a server that runs already. */
    static Result run(Path root, ServerProcess server, Browser lead, int requests, long seed)
            throws IOException, InterruptedException {
        JsonNode api = new JsonMapper().readTree(Files.readString(root.resolve("web/openapi.json")));
        lead.expect(201, "POST", "/api/cases", Taps.newCase("HB-001"));
        FuzzRun run = new FuzzRun(api, seed, lead);
        double before = 0;
        for (int n = 0; n < requests; n++) {
            if (n == requests / 4) {
                before = server.residentMegabytes();
            }
            if (n % REQUESTS_A_CASE == 0) {
                run.nextCase("FZ-" + n / REQUESTS_A_CASE);
            }
            run.one();
        }
        run.lookForTheAcknowledged();
        return new Result(requests, run.byStatus, run.faults, run.kept, run.lost, before, server.residentMegabytes());
    }

    private void nextCase(String code) throws IOException, InterruptedException {
        lookForTheAcknowledged();
        lead.expect(201, "POST", "/api/cases", Taps.newCase(code));
        recorded = "/api/cases/" + code;
    }

    private void lookForTheAcknowledged() throws IOException, InterruptedException {
        if (!acknowledged.isEmpty()) {
            String there = lead.expect(OK, "GET", recorded + "/taps", "");
            lost += acknowledged.stream()
                    .filter(id -> !there.contains(id.toString()))
                    .count();
            kept += acknowledged.size();
            acknowledged.clear();
        }
    }

    private void one() throws IOException, InterruptedException {
        switch (random.nextInt(20)) {
            case 0, 1 -> written(operations.get(random.nextInt(operations.size())));
            case 2 -> damagedFile();
            case 3 -> tap();
            case 4 -> closeUnderATap();
            default -> nonsense(operations.get(random.nextInt(operations.size())));
        }
    }

    private void nonsense(Operation op) throws IOException, InterruptedException {
        String path = path(op);
        JsonNode schema = op.description().at("/requestBody/content/application~1json/schema");
        String body = op.method().equals("GET") ? "" : nonsense.body(schema);
        send(op.method(), path, TYPES.get(random.nextInt(TYPES.size())), body);
    }

    /** An address that reads otherwise than it is routed lets nobody in, whoever asks. */
    private void written(Operation op) throws IOException, InterruptedException {
        String path = nonsense.otherwise(op.path().replaceAll("\\{[a-z]+}", "HB-001"));
        HttpResponse<String> answer = send(op.method(), path, "application/json", "");
        boolean unchanged = path.equals(op.path());
        if (answer.statusCode() < FIRST_REFUSAL && !unchanged) {
            faults.add(op.method() + " " + path + " was let in: " + answer.statusCode());
        }
    }

    private void damagedFile() throws IOException, InterruptedException {
        byte[] file = lead.expect(OK, "GET", recorded + "/file", "").getBytes(StandardCharsets.UTF_8);
        HttpResponse<String> look = lead.upload("/api/exchange/import", nonsense.damaged(file));
        judge("POST /api/exchange/import", "a damaged file", look);
        if (look.statusCode() == OK) {
            String id = new JsonMapper().readTree(look.body()).get("id").asString();
            send(
                    "POST",
                    "/api/exchange/import/" + id,
                    "application/json",
                    "{\"sure\":true,\"reason\":\"For a try only\"}");
        }
    }

    private HttpResponse<String> tap() throws IOException, InterruptedException {
        UUID id = UUID.randomUUID();
        HttpResponse<String> answer =
                send("POST", recorded + "/taps", "application/json", Taps.gap(id, random.nextInt(50)));
        if (answer.statusCode() == OK) {
            acknowledged.add(id);
        } else if (answer.statusCode() < FIRST_REFUSAL || !answer.body().contains("detail")) {
            faults.add("a tap went nowhere: " + answer.statusCode() + " " + answer.body());
        }
        return answer;
    }

    /** A tap that comes after the case was closed is refused with the reason, and gets in once it is open again. */
    private void closeUnderATap() throws IOException, InterruptedException {
        closure(true);
        if (tap().statusCode() == OK) {
            faults.add("a closed case took a tap");
        }
        closure(false);
        tap();
    }

    private void closure(boolean closed) throws IOException, InterruptedException {
        String view = lead.expect(OK, "GET", recorded, "");
        String version = new JsonMapper().readTree(view).get("version").asString();
        send(
                "PUT",
                recorded + "/closure",
                "application/json",
                "{\"version\":" + version + ",\"closed\":" + closed + "}");
    }

    private HttpResponse<String> send(String method, String path, String type, String body)
            throws IOException, InterruptedException {
        HttpResponse<String> answer = lead.send(method, path, type, body);
        judge(method + " " + path, body, answer);
        return answer;
    }

    private void judge(String what, String body, HttpResponse<String> answer) throws IOException, InterruptedException {
        byStatus.merge(answer.statusCode(), 1, Integer::sum);
        if (answer.statusCode() >= FIRST_FAULT
                || answer.body().contains("\tat ")
                || answer.body().contains("Exception")) {
            faults.add(what + " " + body.substring(0, Math.min(300, body.length())) + " -> " + answer.statusCode() + " "
                    + answer.body());
        }
        if (answer.statusCode() == SIGNED_OUT) {
            lead.signIn("heron");
        }
    }

    private static List<Operation> operations(JsonNode api) {
        List<Operation> operations = new ArrayList<>();
        for (Map.Entry<String, JsonNode> path : api.get("paths").properties()) {
            for (Map.Entry<String, JsonNode> method : path.getValue().properties()) {
                String name = method.getKey().toUpperCase(Locale.ROOT);
                if (!LEFT_OUT.contains(name + " " + path.getKey())
                        && !path.getKey().startsWith("/api/maintenance")) {
                    operations.add(new Operation(name, path.getKey(), method.getValue()));
                }
            }
        }
        return operations;
    }

    private String path(Operation op) {
        String path = op.path();
        StringBuilder query = new StringBuilder();
        for (JsonNode parameter : op.description().path("parameters")) {
            String name = parameter.get("name").asString();
            String value = name.equals("code") && random.nextInt(3) > 0 ? "HB-001" : nonsense.word();
            String encoded = URLEncoder.encode(value.isEmpty() ? "-" : value, StandardCharsets.UTF_8)
                    .replace("+", "%20");
            if (parameter.get("in").asString().equals("path")) {
                path = path.replace("{" + name + "}", encoded);
            } else if (random.nextInt(5) > 0) {
                query.append(query.isEmpty() ? '?' : '&')
                        .append(name)
                        .append('=')
                        .append(encoded);
            }
        }
        return path + query;
    }
}
