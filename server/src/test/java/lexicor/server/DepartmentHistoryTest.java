package lexicor.server;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Who changed what, from what, and why: found by whatever somebody remembers of it. */
class DepartmentHistoryTest {
    @RegisterExtension
    static final Running LEXICOR = Running.empty();

    private static final String PAIR = "/api/evidence/pair?criterion=neer/pain&condition=subacromial-pain";
    private static final String NEER = "/api/evidence/entries/test/neer";

    private static JsonNode michener() {
        return LEXICOR.get(PAIR)
                .body()
                .get("studies")
                .valueStream()
                .filter(s -> s.get("source").asString().startsWith("Michener"))
                .findFirst()
                .orElseThrow();
    }

    /** A figure changed from 0.81 to 0.76 and signed off, a test's steps and time changed, and a setting. */
    @BeforeAll
    static void changes() {
        String at = "/api/evidence/figures/" + michener().get("fingerprint").asString();
        String figure =
                "{\"criterion\":\"neer/pain\",\"condition\":\"subacromial-pain\",\"kind\":\"study\",\"year\":2009,"
                        + "\"sensitivity\":0.76,\"specificity\":0.54,\"diseased\":16,\"healthy\":39,"
                        + "\"source\":\"Michener et al., Arch Phys Med Rehabil\",\"referenceStandard\":\"arthroscopy\","
                        + "\"population\":\"secondary care shoulder pain\",\"bias\":\"low\",\"confidence\":\"high\","
                        + "\"why\":\"recounted from the printed table\"}";
        assertThat(LEXICOR.put(at, figure).status()).isEqualTo(200);
        assertThat(LEXICOR.put(
                                "/api/evidence/checks/"
                                        + michener().get("fingerprint").asString(),
                                "{\"state\":\"checked\",\"note\":\"page 7\"}")
                        .status())
                .isEqualTo(204);
        ObjectNode neer = (ObjectNode) LEXICOR.get(NEER).body().get("fields").deepCopy();
        neer.put("minutes", 2).withArray("steps").remove(0);
        neer.withArray("steps").add("Ask again where it hurts.");
        assertThat(LEXICOR.put(NEER, "{\"version\":0,\"why\":\"as we teach it\",\"fields\":%s}".formatted(neer))
                        .status())
                .isEqualTo(200);
        ObjectNode settings = (ObjectNode) LEXICOR.get("/api/settings").body().deepCopy();
        assertThat(LEXICOR.put("/api/settings", settings.put("lockMinutes", 25).toString())
                        .status())
                .isEqualTo(200);
    }

    private static List<JsonNode> found(String asked) {
        return LEXICOR.get("/api/history?" + asked)
                .body()
                .get("changes")
                .valueStream()
                .toList();
    }

    private static List<String> kinds(String asked) {
        return found(asked).stream().map(c -> c.get("subject").asString()).toList();
    }

    @Test
    void aFigureIsFoundByItsOldValueHoweverThatIsWritten() {
        for (String value : List.of("0.81", "0,81")) {
            List<JsonNode> found = found("q=" + value);
            assertThat(found).hasSize(1);
            JsonNode change = found.get(0);
            assertThat(change.get("what").asString())
                    .isEqualTo(
                            "Neer sign: Familiar pain, for Subacromial (cuff-related) pain: Michener et al., Arch Phys Med Rehabil,"
                                    + " 2009");
            assertThat(change.get("lines").toString())
                    .isEqualTo("[{\"field\":\"sensitivity\",\"before\":\"0.81\",\"after\":\"0.76\"}]");
            assertThat(change.get("why").asString()).isEqualTo("recounted from the printed table");
            assertThat(change.get("did").asString()).isEqualTo("changed");
            assertThat(change.at("/about/test").asString()).isEqualTo("neer");
        }
    }

    @Test
    void itIsFoundByWhatItIsAboutByWhomAndWhen() {
        assertThat(kinds("criterion=neer/pain&condition=subacromial-pain")).containsExactly("Sign-offs", "Figures");
        assertThat(kinds("test=neer")).containsExactly("Content", "Sign-offs", "Figures");
        assertThat(kinds("entry=test%20neer")).containsExactly("Content");
        assertThat(kinds("kind=Settings")).containsExactly("Settings");
        assertThat(kinds("who=heron&condition=subacromial-pain")).containsExactly("Sign-offs", "Figures");
        assertThat(kinds("who=plover")).isEmpty();
        assertThat(kinds("condition=slap-tear")).isEmpty();
        assertThat(kinds("to=2000-01-01")).isEmpty();
        assertThat(kinds("from=2000-01-01&q=page+7")).containsExactly("Sign-offs");
        assertThat(LEXICOR.get("/api/history?from=yesterday").status()).isEqualTo(422);
    }

    @Test
    void ofAnEntryThoseItemsAreToldThatDiffer() {
        JsonNode lines = found("entry=test%20neer").get(0).get("lines");
        assertThat(lines.valueStream().map(l -> l.get("field").asString())).containsExactly("Minutes", "Steps");
        assertThat(lines.at("/1/after").asString()).isEqualTo("Ask again where it hurts.");
        assertThat(lines.at("/1/before").asString()).doesNotContain("\n");
    }

    @Test
    void anAuditorReadsAndTakesItAwayAsATableAndChangesNothing() {
        Caller auditor = Accounts.in(LEXICOR, "watching", "auditor");
        assertThat(auditor.get("/api/history?q=0.81").body().get("changes")).hasSize(1);
        for (String read : List.of(PAIR, "/api/evidence", "/api/evidence/entries", NEER, "/api/evidence/forms")) {
            assertThat(auditor.get(read).status()).as(read).isEqualTo(200);
        }
        String table = new String(auditor.download("/api/history/csv?condition=subacromial-pain"), UTF_8);
        assertThat(table.lines().toList()).hasSize(4);
        assertThat(table)
                .startsWith("when (")
                .contains(
                        "heron,Figures,\"Neer sign: Familiar pain, for",
                        ",changed,sensitivity,0.81,0.76,recounted from the");
        assertThat(auditor.put(NEER, "{}").status()).isEqualTo(403);
        assertThat(auditor.post("/api/evidence/trials/test/neer", "{}").status())
                .isEqualTo(403);
        Caller clinician = Accounts.in(LEXICOR, "treating", "clinician");
        assertThat(clinician.get("/api/history?kind=People").body().get("changes"))
                .isEmpty();
        assertThat(clinician.get("/api/history").body().get("subjects").toString())
                .doesNotContain("People");
    }
}
