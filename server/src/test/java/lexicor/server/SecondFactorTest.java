package lexicor.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import java.time.Duration;
import java.time.Instant;
import javax.crypto.spec.SecretKeySpec;
import lexicor.server.Caller.Answer;
import org.apache.commons.codec.binary.Base32;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** A code of one's own app beside the password: by choice, or because the department wants it. */
@Tag("slow")
class SecondFactorTest {
    @RegisterExtension
    static final Running LEXICOR = Running.empty();

    private static String code(String secret, int steps) throws Exception {
        TimeBasedOneTimePasswordGenerator codes = new TimeBasedOneTimePasswordGenerator();
        return codes.generateOneTimePasswordString(
                new SecretKeySpec(new Base32().decode(secret), codes.getAlgorithm()),
                Instant.now().plus(Duration.ofSeconds(30L * steps)));
    }

    private static Answer signIn(Caller caller, String name, String code) {
        return caller.post(
                "/api/session",
                "{\"name\":\"%s\",\"password\":\"%s\",\"code\":\"%s\"}".formatted(name, Running.PASSWORD, code));
    }

    /** Sets one up; the answer has codes for when the app is gone, and the secret. */
    private static JsonNode setUp(Caller person, String[] secret) throws Exception {
        JsonNode offer = person.post("/api/session/second-factor", "{\"password\":\"" + Running.PASSWORD + "\"}")
                .body();
        secret[0] = offer.get("secret").asString();
        assertThat(offer.get("picture")).hasSizeGreaterThan(20);
        assertThat(person.post("/api/session/second-factor/begin", "{\"code\":\"000000\"}")
                        .status())
                .isEqualTo(422);
        return person.post("/api/session/second-factor/begin", "{\"code\":\"%s\"}".formatted(code(secret[0], 0)))
                .body()
                .get("codes");
    }

    @Test
    void aCodeIsWantedOnceItIsSetUpAndEachLetsInOnce() throws Exception {
        Caller person = Accounts.in(LEXICOR, "careful", "clinician");
        assertThat(person.post("/api/session/second-factor", "{\"password\":\"wrong\"}")
                        .status())
                .isEqualTo(422);
        String[] secret = new String[1];
        JsonNode codes = setUp(person, secret);
        assertThat(codes).hasSize(10);
        assertThat(person.get("/api/session").body().get("secondFactor").asBoolean())
                .isTrue();

        Caller other = LEXICOR.anotherCaller();
        Answer asked = other.signIn("careful", Running.PASSWORD);
        assertThat(asked.status()).isEqualTo(401);
        assertThat(asked.body().get("secondFactor").asBoolean()).isTrue();
        assertThat(other.get("/api/cases").status()).isEqualTo(401);
        // The one that switched it on is used up; the one after it is good once.
        assertThat(signIn(other, "careful", code(secret[0], 0)).status()).isEqualTo(401);
        String next = code(secret[0], 1);
        assertThat(signIn(other, "careful", next).status()).isEqualTo(200);
        assertThat(signIn(LEXICOR.anotherCaller(), "careful", next).status()).isIn(401, 429);

        String kept = codes.get(0).asString();
        assertThat(signIn(person, "careful", kept.toUpperCase(java.util.Locale.ROOT))
                        .status())
                .isEqualTo(200);
        assertThat(signIn(person, "careful", kept).status()).isEqualTo(401);

        // Guessing codes is counted by the name, from wherever they come.
        int last = 0;
        for (int i = 0; i < 4 && last != 429; i++) {
            last = signIn(LEXICOR.anotherCaller(), "careful", "12345" + i).status();
        }
        assertThat(last).isEqualTo(429);

        JsonNode account = Accounts.account(LEXICOR, "careful");
        assertThat(account.get("secondFactor").asBoolean()).isTrue();
        LEXICOR.put(
                "/api/people/" + account.get("id"),
                "{\"version\":%s,\"role\":\"clinician\",\"active\":true,\"dropSecondFactor\":true}"
                        .formatted(account.get("version")));
        assertThat(person.signIn("careful", Running.PASSWORD).status()).isEqualTo(200);
        assertThat(LEXICOR.get("/api/history").body().toString()).contains("Account of careful", "second factor");
    }

    @Test
    void aDepartmentThatWantsOneLetsNobodyWorkWithoutIt() throws Exception {
        Caller person = Accounts.in(LEXICOR, "reminded", "clinician");
        assertThat(person.get("/api/cases").status()).isEqualTo(200);
        assertThat(Accounts.settings(LEXICOR, "secondFactor", "maybe").status()).isEqualTo(422);
        assertThat(Accounts.settings(LEXICOR, "secondFactor", "everybody").status())
                .isEqualTo(200);
        try {
            assertThat(person.get("/api/session").body().get("state").asString())
                    .isEqualTo("second-factor");
            assertThat(person.get("/api/cases").status()).isEqualTo(403);
            setUp(person, new String[1]);
            assertThat(person.get("/api/session").body().get("state").asString())
                    .isEqualTo("signed-in");
            assertThat(person.get("/api/cases").status()).isEqualTo(200);
        } finally {
            // The lead has none yet either, and sets one up to change it back.
            setUp(LEXICOR.caller(), new String[1]);
            assertThat(Accounts.settings(LEXICOR, "secondFactor", "off").status())
                    .isEqualTo(200);
        }
    }
}
