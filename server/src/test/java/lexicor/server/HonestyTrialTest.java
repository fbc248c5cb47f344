package lexicor.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import lexicor.server.Caller.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** A lead tries the program with the department's own base rates; a few patients are enough to see that it is tried. */
class HonestyTrialTest {
    private static final String PATH = "/api/settings/honesty";
    private static final int PATIENTS = 25;

    @RegisterExtension
    static final Running LEXICOR = Running.demo().with("honesty-patients", "" + PATIENTS);

    private static JsonNode tried(String complaint, String setting) throws InterruptedException {
        Answer begun = LEXICOR.post(PATH, "{\"complaint\":\"%s\",\"setting\":\"%s\"}".formatted(complaint, setting));
        assertThat(begun.status()).isEqualTo(202);
        Instant end = Instant.now().plus(Duration.ofMinutes(3));
        double progress = 0;
        while (true) {
            JsonNode now = LEXICOR.get(PATH).body();
            assertThat(now.get("progress").asDouble()).isBetween(progress, 1.0);
            progress = now.get("progress").asDouble();
            if (!now.get("state").asString().equals("running")) {
                return now;
            }
            assertThat(Instant.now()).as("the trial never ends").isBefore(end);
            Thread.sleep(50);
        }
    }

    private static List<Double> losses(JsonNode trial) {
        List<Double> losses = new ArrayList<>();
        for (JsonNode clinic : trial.get("clinics")) {
            assertThat(clinic.get("patients").asInt()).isEqualTo(PATIENTS);
            assertThat(clinic.get("ways")).hasSize(6);
            clinic.get("ways").forEach(w -> losses.add(w.at("/logLoss/value").asDouble()));
        }
        return losses;
    }

    @Test
    void everyWayIsTriedInEveryClinicAtTheBaseRatesOfTheSetting() throws Exception {
        JsonNode trial = tried("thumb-side-tingling", "specialist");
        assertThat(trial.get("state").asString()).isEqualTo("done");
        assertThat(trial.get("clinics")).hasSize(6);
        List<Double> losses = losses(trial);
        assertThat(trial.at("/clinics/0/ways/0/slope/within").asDouble()).isPositive();
        assertThat(losses).allSatisfy(l -> assertThat(l).isPositive());
        assertThat(losses(tried("thumb-side-tingling", "specialist"))).isEqualTo(losses);
        assertThat(losses(tried("thumb-side-tingling", "community"))).isNotEqualTo(losses);
    }

    @Test
    void itIsForLeadsAndNamesWhatIsWrongWithWhatIsAsked() {
        String body = "{\"complaint\":\"thumb-side-tingling\",\"setting\":\"sports\"}";
        Caller clinician = Accounts.in(LEXICOR, "wren", "clinician");
        assertThat(clinician.get(PATH).status()).isEqualTo(403);
        assertThat(clinician.post(PATH, body).status()).isEqualTo(403);
        Answer unknown = LEXICOR.post(PATH, body.replace("thumb-side-tingling", "no-such-complaint"));
        assertThat(unknown.status()).isEqualTo(422);
        assertThat(unknown.body().get("detail").asString()).contains("complaint");
        assertThat(LEXICOR.post(PATH, "{\"complaint\":\"thumb-side-tingling\"}")
                        .body()
                        .get("detail")
                        .asString())
                .contains("setting");
    }
}
