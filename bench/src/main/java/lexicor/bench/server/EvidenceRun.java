package lexicor.bench.server;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The index of the evidence at a small, the usual and the largest overlap, of a department that keeps many counts of its own. */
public final class EvidenceRun {
    private static final int OK = 200;
    private static final int CREATED = 201;
    private static final int OWN_CLUSTERS = 20;
    private static final int MEMBERS = 8;
    private static final String CONDITION = "subacromial-pain";
    private static final double[][] OVERLAPS = {{0.1, 0.05}, {0.45, 0.2}, {0.9, 0.5}};

    private EvidenceRun() {}

    public static List<PageTimes> run(Path root, Path data) throws IOException, InterruptedException {
        JsonMapper json = new JsonMapper();
        List<PageTimes> results = new ArrayList<>();
        try (ServerProcess server = ServerProcess.start(root, data, "lexicor.requests-per-second=10000")) {
            Browser lead = Browser.lead(server);
            JsonNode index = json.readTree(lead.expect(OK, "GET", "/api/evidence", ""));
            String criteria = index.get("pairs")
                    .valueStream()
                    .filter(p -> p.get("condition").asString().equals(CONDITION))
                    .filter(p -> p.get("status").asString().equals("weighable"))
                    .map(p -> "\"" + p.get("criterion").asString() + "\"")
                    .limit(MEMBERS)
                    .collect(Collectors.joining(","));
            for (int n = 0; n < OWN_CLUSTERS; n++) {
                String design = "{\"condition\":\"%s\",\"criteria\":[%s],\"familyOverlap\":0.45,\"generalOverlap\":0.2}"
                        .formatted(CONDITION, criteria);
                lead.expect(
                        CREATED,
                        "POST",
                        "/api/evidence/clusters",
                        "{\"name\":\"Count %d\",\"design\":%s,\"atLeast\":%d,\"why\":\"for the timing\"}"
                                .formatted(n, design, 1 + n % MEMBERS));
            }
            for (double[] overlap : OVERLAPS) {
                ObjectNode settings = (ObjectNode) json.readTree(lead.expect(OK, "GET", "/api/settings", ""));
                settings.put("familyOverlap", overlap[0])
                        .put("generalOverlap", overlap[1])
                        .put("why", "for the timing");
                lead.expect(OK, "PUT", "/api/settings", settings.toString());
                results.add(
                        PageTimes.of(lead, "overlap " + overlap[0] + " and " + overlap[1], "/api/evidence", i -> {}));
            }
        }
        return results;
    }
}
