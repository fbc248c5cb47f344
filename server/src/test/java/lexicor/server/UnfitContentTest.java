package lexicor.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The department's own content, and a version of the program that it does not fit. */
@Tag("slow")
class UnfitContentTest {
    @RegisterExtension
    static final Running LEXICOR = Running.empty();

    @Test
    void everybodyIsToldAndWhatWasRecordedOnItStaysReadableUntilALeadHasMendedIt() {
        JsonNode neer = LEXICOR.get("/api/evidence/entries/test/neer").body();
        ObjectNode own = (ObjectNode) neer.get("fields").deepCopy();
        own.put("id", "neer-harbour").put("name", "Neer as done at the harbour");
        own.get("criteria")
                .forEach(c -> ((ObjectNode) c).put("id", c.get("id").asString().replace("neer", "neer-harbour")));
        var added = LEXICOR.put(
                "/api/evidence/entries/test/neer-harbour",
                "{\"version\":0,\"fields\":" + own + ",\"why\":\"Our way of doing it\"}");
        assertThat(added.status()).as(String.valueOf(added.body())).isEqualTo(200);
        Caller tern = Accounts.in(LEXICOR, "tern", "clinician");
        Accounts.newCase(tern, "UF-1");
        assertThat(tern.post(
                                "/api/cases/UF-1/taps",
                                "{\"tapId\":\"%s\",\"test\":\"neer-harbour\",\"at\":\"\",\"side\":\"right\",\"changes\":{\"pain.familiar\":true}}"
                                        .formatted(UUID.randomUUID()))
                        .status())
                .isEqualTo(200);
        assertThat(tern.get("/api/cases/UF-1").body().at("/examination/unknown"))
                .isEmpty();

        LEXICOR.part(JdbcTemplate.class)
                .update(
                        "update own_entry set content = content || '\nnoSuchField: 1\n' where entry_id = 'neer-harbour'");
        LEXICOR.restart();
        assertThat(tern.get("/api/session").body().get("contentUnfit").asBoolean())
                .isTrue();
        JsonNode view = tern.get("/api/cases/UF-1").body();
        assertThat(view.at("/examination/unknown").toString()).contains("neer-harbour, right", "yes");
        assertThat(tern.get("/api/cases").body()).hasSize(1);
        assertThat(tern.get("/api/cases/UF-1/weighed").status()).isEqualTo(200);
        assertThat(tern.get("/api/cases/UF-1/measures").status()).isEqualTo(200);
        assertThat(tern.get("/api/cases/UF-1/history").body().toString()).contains("neer-harbour");
        assertThat(tern.get("/api/cases/UF-1/file").body().at("/taps/0/test").asString())
                .isEqualTo("neer-harbour");
        assertThat(LEXICOR.get("/api/evidence/entries").body().get("unfit").toString())
                .contains("noSuchField");

        JsonNode broken = LEXICOR.get("/api/evidence/entries/test/neer-harbour").body();
        ObjectNode mended = (ObjectNode) broken.get("fields").deepCopy();
        mended.remove("noSuchField");
        assertThat(LEXICOR.put(
                                "/api/evidence/entries/test/neer-harbour",
                                "{\"version\":%s,\"fields\":%s,\"why\":\"Fits again\"}"
                                        .formatted(broken.get("version"), mended))
                        .status())
                .isEqualTo(200);
        assertThat(tern.get("/api/session").body().get("contentUnfit").asBoolean())
                .isFalse();
        assertThat(tern.get("/api/cases/UF-1").body().at("/examination/unknown"))
                .isEmpty();
    }
}
