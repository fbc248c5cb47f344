package lexicor.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** Database files as earlier versions wrote them open with everything in them, and go on. */
@Tag("slow")
class EarlierFilesTest {
    private static String tap(String test, String changes) {
        return "{\"tapId\":\"%s\",\"test\":\"%s\",\"at\":\"\",\"side\":\"left\",\"changes\":%s}"
                .formatted(UUID.randomUUID(), test, changes);
    }

    @Nested
    class Third {
        @RegisterExtension
        static final Running LEXICOR = Running.on("/schema/v3.mv.db");

        @Test
        void opensAndGoesOn() {
            JsonNode view = LEXICOR.get("/api/cases/HB-001").body();
            assertThat(view.at("/intake/mechanism").asString()).isEqualTo("Fell from the quay");
            assertThat(view.at("/intake/precautions/0").asString()).isEqualTo("open-wound");
            JsonNode examination = view.get("examination");
            assertThat(examination.get("readings").toString())
                    .contains("\"gapMm\":20.0")
                    .doesNotContain("\"gapMm\":30.0");
            assertThat(view.at("/plan/own").asBoolean()).isFalse();
            assertThat(view.get("visits")).hasSize(1);

            // The tap taken back then is still in the record; the order is that of recording.
            JsonNode taps = LEXICOR.get("/api/cases/HB-001/taps").body();
            assertThat(taps).hasSize(3);
            assertThat(taps.get(2).get("takenBack").asBoolean()).isTrue();
            assertThat(taps.get(0).get("tappedAt")).isEqualTo(taps.get(0).get("recordedAt"));
            assertThat(examination.at("/lastTaps/0/tapId"))
                    .isEqualTo(taps.get(1).get("tapId"));
            assertThat(examination.get("lastTaps")).hasSize(2);

            assertThat(LEXICOR.post("/api/cases/HB-001/taps", tap("sulcus", "{\"gapMm\":10}"))
                            .body()
                            .at("/readings/0/values/gapMm")
                            .asDouble())
                    .isEqualTo(10);
        }
    }

    /** Written before a case had visits: what was recorded is its first visit. */
    @Nested
    class Fifth {
        @RegisterExtension
        static final Running LEXICOR = Running.on("/schema/v5.mv.db");

        @Test
        void opensWithItsTrialsAsTheFirstVisit() {
            JsonNode view = LEXICOR.get("/api/cases/HB-001").body();
            assertThat(view.get("visits")).hasSize(1);
            assertThat(view.at("/visits/0")).isEqualTo(view.get("createdAt"));
            assertThat(LEXICOR.get("/api/cases/HB-001/taps").body())
                    .allSatisfy(t -> assertThat(t.get("visit").asInt()).isEqualTo(1));
            assertThat(LEXICOR.get("/api/cases/HB-001/measures")
                            .body()
                            .get("measures")
                            .toString())
                    .contains("\"trials\":[112.0,118.0,115.0]", "\"trials\":[58.0,49.0,52.0]");
            assertThat(LEXICOR.post("/api/cases/HB-001/taps", tap("sulcus", "{\"gapMm\":10}"))
                            .status())
                    .isEqualTo(200);
        }
    }

    /** Written, with its key, before there were figures of the department's own and closed cases. */
    @Nested
    class Seventh {
        @RegisterExtension
        static final Running LEXICOR = Running.on("/schema/v7.mv.db");

        @Test
        void opensWithItsPeopleAndVisitsAndCanBeClosed() {
            JsonNode view = LEXICOR.get("/api/cases/HB-001").body();
            assertThat(view.get("owner").asString()).isEqualTo("heron");
            assertThat(view.get("visits")).hasSize(2);
            assertThat(LEXICOR.get("/api/cases/HB-001/taps").body()).hasSize(3);
            assertThat(LEXICOR.get("/api/settings").body().get("checkedOnly").asBoolean())
                    .isFalse();
            assertThat(LEXICOR.put(
                                    "/api/cases/HB-001/closure",
                                    "{\"version\":%s,\"closed\":true}".formatted(view.get("version")))
                            .status())
                    .isEqualTo(200);
            assertThat(LEXICOR.get("/api/cases/HB-001/history").body().toString())
                    .contains("heron", "closed by");
        }
    }

    /** Written with a figure of the department's own and a closed case. */
    @Nested
    class Ninth {
        @RegisterExtension
        static final Running LEXICOR = Running.on("/schema/v9.mv.db");

        @Test
        void opensWithItsFiguresAndItsClosedCase() {
            assertThat(LEXICOR.get("/api/evidence/pair?criterion=neer/pain&condition=subacromial-pain")
                            .body()
                            .get("studies")
                            .toString())
                    .contains("Harbour audit");
            assertThat(LEXICOR.get("/api/cases/HB-001").body().get("closedBy").asString())
                    .isEqualTo("heron");
            assertThat(LEXICOR.get("/api/cases/HB-001/weighed")
                            .body()
                            .get("closed")
                            .get("today"))
                    .isNotEmpty();
        }
    }
}
