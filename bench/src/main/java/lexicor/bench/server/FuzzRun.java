package lexicor.bench.server;

import java.io.IOException;
import java.net.URLEncoder;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Sends requests that know the API's description and keep to it badly. */
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

    private static final int SIGNED_OUT = 401;

    private FuzzRun() {}

    /**
     * What came of it.
     *
     * @param faults requests that were answered as nothing may be: by a 5xx, or with a stack trace
     */
    public record Result(
            int requests, Map<Integer, Integer> byStatus, List<String> faults, double before, double after) {
        @Override
        public String toString() {
            return String.format(
                    Locale.ROOT,
                    "%d requests, by status %s, %d faults; memory %.0f, then %.0f MB",
                    requests,
                    byStatus,
                    faults.size(),
                    before,
                    after);
        }
    }

    private record Operation(String method, String path, JsonNode description) {}

    public static Result run(Path root, Path data, int requests, long seed) throws IOException, InterruptedException {
        JsonNode api = new JsonMapper().readTree(Files.readString(root.resolve("web/openapi.json")));
        List<Operation> operations = operations(api);
        Random random = new Random(seed);
        Nonsense nonsense = new Nonsense(api, random);
        Map<Integer, Integer> byStatus = new TreeMap<>();
        List<String> faults = new ArrayList<>();
        try (ServerProcess server = ServerProcess.start(root, data, "lexicor.requests-per-second=100000")) {
            Browser lead = Browser.lead(server);
            lead.expect(201, "POST", "/api/cases", Taps.newCase("HB-001"));
            double before = 0;
            for (int n = 0; n < requests; n++) {
                if (n == requests / 4) {
                    before = server.residentMegabytes();
                }
                Operation op = operations.get(random.nextInt(operations.size()));
                String path = path(op, nonsense, random);
                JsonNode schema = op.description().at("/requestBody/content/application~1json/schema");
                String body = op.method().equals("GET") ? "" : nonsense.body(schema);
                HttpResponse<String> answer =
                        lead.send(op.method(), path, TYPES.get(random.nextInt(TYPES.size())), body);
                if (answer.statusCode() == SIGNED_OUT) {
                    lead.signIn("heron");
                }
                byStatus.merge(answer.statusCode(), 1, Integer::sum);
                if (answer.statusCode() >= 500
                        || answer.body().contains("\tat ")
                        || answer.body().contains("Exception")) {
                    faults.add(op.method() + " " + path + " " + body.substring(0, Math.min(300, body.length())) + " -> "
                            + answer.statusCode() + " " + answer.body());
                }
            }
            return new Result(requests, byStatus, faults, before, server.residentMegabytes());
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

    private static String path(Operation op, Nonsense nonsense, Random random) {
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
