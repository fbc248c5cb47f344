package lexicor.server;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A case made at random from the catalogue: any complaint, any pads of any test, taken back or not, over some visits. */
final class RandomCase {
    private static final Instant START = Instant.parse("2026-03-02T08:00:00Z");
    private static final int DAY = 86_400;

    private final JsonNode catalogue;
    private final String code;
    private final Random random;
    private final ObjectNode json = new JsonMapper().createObjectNode();

    RandomCase(JsonNode catalogue, String code, long seed) {
        this.catalogue = catalogue;
        this.code = code;
        random = new Random(seed);
        write();
    }

    String code() {
        return code;
    }

    ObjectNode json() {
        return json;
    }

    private void write() {
        json.put("format", "lexicor-case").put("version", 1).put("code", code);
        json.set("created", moment(0));
        intake(json.putObject("intake"));
        int visits = 1 + random.nextInt(3);
        ArrayNode began = json.putArray("visits");
        for (int v = 0; v < visits; v++) {
            began.add(moment(v * 7L * DAY));
        }
        ArrayNode plan = json.putArray("plan");
        if (random.nextBoolean()) {
            some("tests", 5).forEach(t -> plan.add(t.get("id").asString()));
        }
        json.putObject("ladders");
        ArrayNode taps = json.putArray("taps");
        for (int n = random.nextInt(60); n > 0; n--) {
            int visit = 1 + random.nextInt(visits);
            tap(taps.addObject(), visit, (visit - 1) * 7L * DAY + 60 + taps.size());
        }
        json.putArray("measured");
        json.putArray("overrides");
        order(taps);
    }

    /** As they are kept: by the time they were made. */
    private static void order(ArrayNode taps) {
        List<JsonNode> sorted = new ArrayList<>();
        taps.forEach(sorted::add);
        sorted.sort((a, b) -> Instant.parse(a.at("/tapped/at").asString())
                .compareTo(Instant.parse(b.at("/tapped/at").asString())));
        taps.removeAll();
        sorted.forEach(taps::add);
    }

    private void intake(ObjectNode intake) {
        JsonNode complaint = some("complaints", 1).get(0);
        intake.put("complaint", complaint.get("id").asString());
        intake.put("involvedSide", random.nextBoolean() ? "left" : "right");
        if (random.nextBoolean()) {
            intake.put("dominantSide", random.nextBoolean() ? "left" : "right");
        }
        if (random.nextBoolean()) {
            intake.put("ageBand", some("ageBands", 1).get(0).get("id").asString());
        }
        intake.put("setting", some("settings", 1).get(0).get("id").asString());
        intake.put("mechanism", random.nextBoolean() ? "" : "=pulled, \"hard\"; on the slipway \u2013 na\u00efve");
        ArrayNode candidates = intake.putArray("candidates");
        for (JsonNode id : complaint.get("candidates")) {
            ObjectNode candidate = candidates.addObject().put("condition", id.asString());
            if (random.nextBoolean()) {
                candidate.put("baseRate", 0.01 + random.nextDouble() * 0.9);
            }
            candidate.put("suspicion", some("suspicions", 1).get(0).get("id").asString());
        }
        intake.putObject("answers");
        intake.putArray("precautions");
        intake.putArray("warnings");
    }

    private void tap(ObjectNode tap, int visit, long seconds) {
        JsonNode test = some("tests", 1).get(0);
        JsonNode board =
                test.get("boards").get(random.nextInt(test.get("boards").size()));
        JsonNode pad = board.get("pads").get(random.nextInt(board.get("pads").size()));
        tap.put("id", new UUID(random.nextLong(), random.nextLong()).toString());
        tap.put("visit", visit).put("test", test.get("id").asString());
        tap.put("at", board.get("at").asString()).put("side", random.nextBoolean() ? "left" : "right");
        ObjectNode changes = tap.putObject("changes");
        pad.get("sets")
                .properties()
                .forEach(p -> changes.set(p.getKey(), random.nextInt(5) == 0 ? null : p.getValue()));
        tap.set("tapped", moment(seconds));
        tap.set("recorded", moment(seconds + 1));
        tap.put("device", "d" + random.nextInt(3));
        boolean takenBack = random.nextInt(6) == 0;
        tap.put("takenBack", takenBack);
        if (takenBack) {
            tap.set("takenBackAt", moment(seconds + 2));
        }
    }

    private List<JsonNode> some(String list, int most) {
        List<JsonNode> all = new ArrayList<>();
        catalogue.get(list).forEach(all::add);
        java.util.Collections.shuffle(all, random);
        return all.subList(0, Math.min(most, all.size()));
    }

    private static ObjectNode moment(long seconds) {
        return new JsonMapper()
                .createObjectNode()
                .put("at", START.plusSeconds(seconds).toString())
                .put("day", seconds / DAY);
    }
}
