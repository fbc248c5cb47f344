package lexicor.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** A record system that behaves badly holds up nothing, and nothing goes out that may not any more. */
@Tag("slow")
class SendingTest {
    @RegisterExtension
    static final Running LEXICOR =
            Running.empty().with("send-every-millis", "100").with("send-patience-seconds", "1");

    private interface Behaviour {
        void answer(HttpExchange exchange) throws IOException, InterruptedException;
    }

    private static final AtomicReference<Behaviour> BEHAVIOUR =
            new AtomicReference<>(e -> e.sendResponseHeaders(201, -1));
    private static final AtomicInteger ARRIVED = new AtomicInteger();
    private static final CountDownLatch END = new CountDownLatch(1);
    private static HttpServer records;
    private static Caller tern;

    @BeforeAll
    static void start() throws IOException {
        records = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        records.createContext("/", exchange -> {
            ARRIVED.incrementAndGet();
            exchange.getRequestBody().readAllBytes();
            try {
                BEHAVIOUR.get().answer(exchange);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
            exchange.close();
        });
        records.setExecutor(task -> {
            Thread thread = new Thread(task);
            thread.setDaemon(true);
            thread.start();
        });
        records.start();
        tern = Accounts.in(LEXICOR, "tern", "clinician");
        assertThat(address("").status()).isEqualTo(422);
        assertThat(address("127.0.0.1").status()).isEqualTo(200);
    }

    @AfterAll
    static void stop() {
        END.countDown();
        records.stop(0);
    }

    private static Caller.Answer address(String insideHost) {
        var settings = LEXICOR.get("/api/settings").body().deepCopy().asObject();
        settings.put("recordSystem", "http://127.0.0.1:" + records.getAddress().getPort() + "/in");
        settings.put("insideHost", insideHost);
        return LEXICOR.put("/api/settings", settings.toString());
    }

    private static JsonNode sent(String code) {
        Accounts.newCase(tern, code);
        return tern.post("/api/cases/" + code + "/outbox", "").body().at("/sendings/0");
    }

    private static JsonNode waitFor(String code, String field, String value) throws InterruptedException {
        JsonNode sending = tern.get("/api/cases/" + code + "/outbox").body().at("/sendings/0");
        for (int i = 0; i < 300 && !sending.path(field).asString("").contains(value); i++) {
            Thread.sleep(100);
            sending = tern.get("/api/cases/" + code + "/outbox").body().at("/sendings/0");
        }
        assertThat(sending.path(field).asString("")).contains(value);
        return sending;
    }

    @Test
    void oneThatNeverAnswersHoldsUpNothingElse() throws Exception {
        BEHAVIOUR.set(exchange -> END.await());
        sent("SN-1");
        long before = LEXICOR.count("select count(*) from failed_sign_in");
        LEXICOR.anotherCaller().signIn("tern", "four wet ropes on the slipway");
        // Written by the clock, which goes on while the record system is waited for.
        for (int i = 0; i < 300 && LEXICOR.count("select count(*) from failed_sign_in") == before; i++) {
            Thread.sleep(100);
        }
        assertThat(LEXICOR.count("select count(*) from failed_sign_in")).isGreaterThan(before);
        waitFor("SN-1", "error", "longer than 1 s");
    }

    @Test
    void anAnswerWithoutEndIsReadToItsBeginningAlone() throws Exception {
        BEHAVIOUR.set(exchange -> {
            exchange.sendResponseHeaders(422, 0);
            try (OutputStream out = exchange.getResponseBody()) {
                for (byte[] much = new byte[1 << 16]; END.getCount() > 0; ) {
                    java.util.Arrays.fill(much, (byte) 'x');
                    out.write(much);
                }
            }
        });
        sent("SN-2");
        JsonNode refused = waitFor("SN-2", "state", "refused");
        assertThat(refused.get("error").asString())
                .startsWith("It was refused (422): xxx")
                .hasSizeLessThan(400);
    }

    @Test
    void aDocumentOfADeletedCaseOrOfOneNoLongerOpenToItsSenderStaysHere() throws Exception {
        BEHAVIOUR.set(exchange -> exchange.sendResponseHeaders(503, -1));
        sent("SN-3");
        waitFor("SN-3", "error", "503");
        JsonNode asked = tern.post("/api/cases/SN-3/deletion", "{\"reason\":\"Opened for a try\"}")
                .body();
        tern.delete("/api/cases/SN-3?confirmation=" + asked.get("confirmation").asString());
        waitForState("The case was deleted");

        sent("SN-4");
        waitFor("SN-4", "error", "503");
        LEXICOR.part(JdbcTemplate.class).update("update examination_case set owner = 'heron' where code = 'SN-4'");
        BEHAVIOUR.set(exchange -> exchange.sendResponseHeaders(201, -1));
        waitForState("may no longer open the case");

        // Open to them again, it goes out when they send it again.
        LEXICOR.part(JdbcTemplate.class).update("update examination_case set owner = 'tern' where code = 'SN-4'");
        tern.post("/api/cases/SN-4/outbox", "");
        waitFor("SN-4", "state", "sent");
    }

    private static void waitForState(String why) throws InterruptedException {
        String query = "select count(*) from outbox where state = 'withdrawn' and error like '%" + why + "%'";
        for (int i = 0; i < 300 && LEXICOR.count(query) == 0; i++) {
            Thread.sleep(100);
        }
        assertThat(LEXICOR.count(query)).as(why).isEqualTo(1);
    }
}
