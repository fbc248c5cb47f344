package lexicor.server;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import lexicor.core.document.Place;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** A case's file with one thing in it of another kind, or away: never brought in unseen, never a failure. */
@Tag("slow")
class DamagedCasesTest {
    @RegisterExtension
    static final Running CLINIC = Running.demo();

    @RegisterExtension
    static final Running OTHER = Running.empty();

    private static final int TRIES = 150;

    @ParameterizedTest
    @ValueSource(strings = {"HB-001", "HB-003", "HB-005"})
    void isRefusedWhole(String code) {
        JsonNode file = CLINIC.get("/api/cases/" + code + "/file").body();
        // What it needs to be weighed elsewhere is worked out anew, and the case may do without it.
        List<Place> places = new ArrayList<>(Place.all(file));
        places.removeIf(p -> p.toString().startsWith("weigh"));
        // One code alone is how several at once were written when there could be only one.
        places.removeIf(p -> p.toString().matches(".*changes\\.(pain\\.site|cheat|tingling\\.fingers)"));
        Random random = new Random(code.hashCode());
        for (int n = 0; n < TRIES; n++) {
            Place place = places.get(random.nextInt(places.size()));
            List<JsonNode> wrong = place.otherKinds(file);
            JsonNode damaged = place.with(file, wrong.get(random.nextInt(wrong.size())));
            Caller.Answer answer = upload(damaged);
            assertThat(answer.status()).as(place + ": " + answer.body()).isIn(200, 400, 422);
            if (answer.status() == 200) {
                assertThat(answer.body().get("refused").asInt())
                        .as(place + " as " + place.in(damaged) + ": " + answer.body())
                        .isEqualTo(1);
                assertThat(answer.body().at("/cases/0/why").asString()).isNotBlank();
            }
            Caller.Answer without = upload(place.without(file));
            assertThat(without.status()).as("without " + place).isIn(200, 400, 422);
        }
        assertThat(OTHER.get("/api/cases").body()).isEmpty();
    }

    private static Caller.Answer upload(JsonNode file) {
        return OTHER.caller().upload("/api/exchange/import", file.toString().getBytes(UTF_8));
    }
}
