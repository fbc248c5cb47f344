package lexicor.server;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Stream;
import lexicor.server.Caller.Answer;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** One walk for each kind of examination, over HTTP: from what is tapped to the sentences of the record. */
class WalksTest {
    @RegisterExtension
    static final Running LEXICOR = Running.empty();

    /** @param steps a word each and what it is about, as the file's head says */
    record Walk(String title, List<String> steps) {
        @Override
        public String toString() {
            return title;
        }
    }

    static Stream<Walk> walks() throws IOException {
        try (InputStream file = WalksTest.class.getResourceAsStream("/walks/walks.txt")) {
            return Arrays.stream(new String(file.readAllBytes(), UTF_8).split("\n## "))
                    .skip(1)
                    .map(w -> w.strip().lines().toList())
                    .map(lines -> new Walk(lines.get(0), lines.subList(1, lines.size())));
        }
    }

    @ParameterizedTest
    @MethodSource("walks")
    void fromTheTapsToTheSentence(Walk walk) {
        Patient patient = new Patient();
        for (String step : walk.steps()) {
            String[] words = (step + " ").split(" ", 2);
            patient.take(words[0], words[1].strip());
        }
    }

    private static final class Patient {
        private String at;
        private String side;
        private String record;

        void take(String what, String of) {
            String[] words = (of + " ").split(" ", 2);
            String rest = words[1].strip();
            switch (what) {
                case "open" -> open(words[0], rest);
                case "own" -> done(tap(words[0], side, rest));
                case "other" -> done(tap(words[0], side.equals("right") ? "left" : "right", rest));
                case "refused" -> assertThat(tap(words[0], side, rest).status()).isEqualTo(409);
                case "measure" -> measure(words[0], rest.split(" ", 2));
                case "bothSides" -> intake(i -> i.put("bothSides", true));
                case "precaution" -> intake(i -> i.putArray("precautions").add(of));
                case "override" ->
                    done(LEXICOR.post(
                            at + "/overrides", json("{'test':'%s','reason':'%s'}".formatted(words[0], rest))));
                case "next" -> done(LEXICOR.post(at + "/visits", json("{'version':%s}".formatted(version()))));
                case "visit" ->
                    done(LEXICOR.post(at + "/visits", json("{'version':%s,'day':'%s'}".formatted(version(), of))));
                case "days" ->
                    assertThat(LEXICOR.get(at + "/measures")
                                    .body()
                                    .at("/regrowth/0/points/0")
                                    .toString())
                            .contains(words[0], "\"distanceMm\":" + rest);
                case "says" -> assertThat(record()).contains(of);
                case "silent" -> assertThat(record()).doesNotContain(of);
                default -> throw new IllegalArgumentException("a walk has no step " + what);
            }
        }

        private void open(String complaint, String involved) {
            side = involved;
            JsonNode opened = done(LEXICOR.post(
                    "/api/cases", json("{'complaint':'%s','involvedSide':'%s'}".formatted(complaint, involved))));
            at = "/api/cases/" + opened.get("code").asString();
        }

        private Answer tap(String place, String tapped, String changes) {
            String[] test = (place + "@").split("@", 2);
            return LEXICOR.post(
                    at + "/taps",
                    json("{'tapId':'%s','test':'%s','at':'%s','side':'%s','changes':"
                                    .formatted(UUID.randomUUID(), test[0], test[1].replace("@", ""), tapped))
                            + changes
                            + "}");
        }

        private void measure(String measure, String[] sideAndTrials) {
            done(LEXICOR.put(
                    at + "/measures",
                    json("{'tapId':'%s','measure':'%s','side':'%s','changes':"
                                    .formatted(UUID.randomUUID(), measure, sideAndTrials[0]))
                            + sideAndTrials[1]
                            + "}"));
        }

        private void intake(Consumer<ObjectNode> change) {
            done(LEXICOR.intake(at, change));
        }

        private String version() {
            return LEXICOR.get(at).body().get("version").toString();
        }

        private String record() {
            if (record == null) {
                JsonNode report = done(LEXICOR.post(at + "/reports", json("{'kind':'record'}")));
                record = new String(
                        LEXICOR.caller().download(at + "/reports/" + report.get("id") + "/text?dates=false"), UTF_8);
            }
            return record;
        }

        private static JsonNode done(Answer answer) {
            assertThat(answer.status()).as("%s", answer.body()).isIn(200, 201);
            return answer.body();
        }

        private static String json(String single) {
            return single.replace('\'', '"');
        }
    }
}
