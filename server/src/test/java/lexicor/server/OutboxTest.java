package lexicor.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.UUID;
import lexicor.standin.RecordSystem;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Documents on their way to a record system that is slow, full or down, and over a restart: each arrives once. */
class OutboxTest {
    @RegisterExtension
    static final Running LEXICOR = Running.demo().with("send-every-millis", "100");

    private static RecordSystem records;

    @BeforeAll
    static void startRecordSystem() throws IOException {
        records = RecordSystem.start(0);
    }

    @AfterAll
    static void stopRecordSystem() {
        records.close();
    }

    private static Caller.Answer address(String address) {
        ObjectNode settings = ((ObjectNode) LEXICOR.get("/api/settings").body())
                .deepCopy()
                .put("recordSystem", address)
                .put("insideHost", "127.0.0.1");
        return LEXICOR.put("/api/settings", settings.toString());
    }

    private static JsonNode waitFor(String code, String state) throws InterruptedException {
        long until = System.nanoTime() + 60_000_000_000L;
        JsonNode sending = latest(code);
        while (!sending.get("state").asString().equals(state) && System.nanoTime() < until) {
            Thread.sleep(100);
            sending = latest(code);
        }
        assertThat(sending.get("state").asString()).as(sending.toString()).isEqualTo(state);
        return sending;
    }

    private static JsonNode latest(String code) {
        return LEXICOR.get("/api/cases/" + code + "/outbox").body().at("/sendings/0");
    }

    private static void send(String code) {
        assertThat(LEXICOR.post("/api/cases/" + code + "/outbox", "").status()).isEqualTo(200);
    }

    @Test
    void whatIsSentArrivesOnceHoweverTheRecordSystemBehaves() throws InterruptedException {
        assertThat(LEXICOR.post("/api/cases/HB-001/outbox", "").status()).isEqualTo(409);
        for (String wrong : new String[] {"http://records.example/in", "file:///etc", "https://a:b@c", "nonsense"}) {
            assertThat(address(wrong).status()).as(wrong).isEqualTo(422);
        }
        assertThat(address(records.address()).status()).isEqualTo(200);

        records.behave(RecordSystem.Mode.DOWN);
        send("HB-001");
        while (latest("HB-001").get("tries").asInt() == 0) {
            Thread.sleep(50);
        }
        assertThat(latest("HB-001").get("error").asString()).isEqualTo("It cannot be reached.");
        LEXICOR.restart();
        records.behave(RecordSystem.Mode.FULL);
        send("HB-002");
        while (latest("HB-002").get("tries").asInt() == 0) {
            Thread.sleep(50);
        }
        assertThat(latest("HB-002").get("error").asString()).contains("507", "full");
        records.behave(RecordSystem.Mode.OK);
        assertThat(waitFor("HB-001", "sent").get("tries").asInt()).isGreaterThan(1);
        waitFor("HB-002", "sent");
        assertThat(records.received()).hasSize(2);

        // The same case again is the same document; one that was gone on with is another.
        send("HB-001");
        assertThat(LEXICOR.get("/api/cases/HB-001/outbox").body().get("sendings"))
                .hasSize(1);
        LEXICOR.post(
                "/api/cases/HB-001/taps",
                "{\"tapId\":\"%s\",\"test\":\"neer\",\"at\":\"\",\"side\":\"left\",\"changes\":{\"pain.familiar\":true}}"
                        .formatted(UUID.randomUUID()));
        records.behave(RecordSystem.Mode.SLOW);
        send("HB-001");
        waitFor("HB-001", "sent");
        assertThat(records.received()).hasSize(3).allSatisfy((id, times) -> assertThat(times)
                .isEqualTo(1));
        records.behave(RecordSystem.Mode.OK);
    }
}
