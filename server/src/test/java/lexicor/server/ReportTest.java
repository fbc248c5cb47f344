package lexicor.server;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import lexicor.server.build.Build;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Reports from composing to signing, and what is in their PDF. */
class ReportTest {
    @RegisterExtension
    static final Running LEXICOR = Running.demo();

    private static JsonNode compose(String code, String kind, String recipient) {
        String body = recipient.isEmpty()
                ? "{\"kind\":\"%s\"}".formatted(kind)
                : "{\"kind\":\"%s\",\"recipient\":\"%s\"}".formatted(kind, recipient);
        Caller.Answer answer = LEXICOR.post("/api/cases/" + code + "/reports", body);
        assertThat(answer.status()).as(String.valueOf(answer.body())).isEqualTo(201);
        return answer.body();
    }

    private static String at(String code, JsonNode report) {
        return "/api/cases/" + code + "/reports/" + report.get("id");
    }

    @Test
    void thePdfIsTaggedHasItsFontsInsideAndSaysWhatTheCaseSays() throws IOException {
        JsonNode report = compose("HB-002", "record", "");
        byte[] pdf = LEXICOR.caller().download(at("HB-002", report) + "/pdf");
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isLessThanOrEqualTo(2);
            assertThat(document.getDocumentCatalog().getMarkInfo().isMarked()).isTrue();
            assertThat(document.getDocumentCatalog().getStructureTreeRoot().getKids())
                    .isNotEmpty();
            assertThat(document.getDocumentCatalog().getLanguage()).isEqualTo("en");
            int fonts = 0;
            for (PDPage page : document.getPages()) {
                for (COSName name : page.getResources().getFontNames()) {
                    assertThat(page.getResources().getFont(name).isEmbedded()).isTrue();
                    assertThat(page.getResources().getFont(name).getName()).contains("AtkinsonHyperlegible");
                    fonts++;
                }
                assertThat(page.getResources().getXObjectNames())
                        .allMatch(n -> !page.getResources().isImageXObject(n));
            }
            assertThat(fonts).isPositive();
            String text = new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
            JsonNode leading = LEXICOR.get("/api/cases/HB-002/weighed").body().at("/standing/conditions/0");
            assertThat(text)
                    .contains(
                            "Draft, not signed off", "1. " + leading.get("name").asString())
                    .contains(
                            "Anterior apprehension Apprehension, external rotation at which fear or pain comes: 72 degrees.")
                    .contains("Positive: fear of slipping.", "2 of 2 positive")
                    .contains(
                            "86 % before, 99.9 % now",
                            "overlap within a family 0.45", "not checked against their source")
                    .contains("It does not diagnose");
        }
    }

    /** Word by word, so that whoever changes what a report says sees what a reader will see. */
    @Test
    void theThreeReportsOfACaseReadAsTheyAreKept() throws IOException {
        for (String[] kind : new String[][] {{"record", ""}, {"referral", "imaging"}, {"patient", ""}}) {
            JsonNode report = compose("HB-002", kind[0], kind[1]);
            String text = new String(LEXICOR.caller().download(at("HB-002", report) + "/text?dates=false"), UTF_8);
            try (InputStream kept = getClass().getResourceAsStream("/reports/HB-002-%s.txt".formatted(kind[0]))) {
                assertThat(text.replace(Build.version(), "VERSION")).isEqualTo(new String(kept.readAllBytes(), UTF_8));
            }
        }
    }

    @Test
    void everyReportOfEveryCaseCarriesTheCautionAndNoName() {
        for (JsonNode c : LEXICOR.get("/api/cases").body()) {
            String code = c.get("code").asString();
            for (String[] kind : new String[][] {
                {"record", ""}, {"referral", "imaging"}, {"referral", "nerve-studies"}, {"patient", ""}
            }) {
                JsonNode report = compose(code, kind[0], kind[1]);
                String text = new String(LEXICOR.caller().download(at(code, report) + "/text?dates=false"), UTF_8);
                assertThat(text)
                        .contains("It does not diagnose", "Case " + code)
                        // A year is a study's or none.
                        .doesNotContainPattern("(?<!, )\\b20\\d\\d\\b")
                        .doesNotContain("null", "{", "diagnosed");
                String warning = LEXICOR.get("/api/cases/" + code)
                        .body()
                        .at("/examination/warnings/0/message")
                        .asString("");
                assertThat(text).contains(warning);
                String page = new String(LEXICOR.caller().download(at(code, report) + "/html"), UTF_8);
                // On the patient's page as many people as the numbers say, before and after.
                int outOf = report.toString().contains("\"outOf\":1000") ? 1000 : 100;
                boolean pictured = report.toString().contains("\"outOf\"");
                assertThat(page.split("<(rect|circle) ", -1).length - 1)
                        .as(code + " " + kind[0])
                        .isGreaterThanOrEqualTo(pictured ? 2 * outOf : 0);
                assertThat(new String(LEXICOR.caller().download(at(code, report) + "/pdf"), UTF_8))
                        .startsWith("%PDF");
            }
        }
    }

    @Test
    void aLetterIsEditedSignedAndThenStaysWithItsOriginal() {
        JsonNode draft = compose("HB-001", "referral", "surgeon");
        String at = at("HB-001", draft);
        List<String> texts = new ArrayList<>();
        draft.get("sections").forEach(s -> texts.add(s.get("text").asString()));
        texts.set(0, "Thank you for your help with this patient.");
        JsonNode edited = LEXICOR.put(at, edit(0, texts, false)).body();
        assertThat(edited.at("/sections/0/text").asString()).isEqualTo(texts.get(0));
        assertThat(edited.at("/original/0").asString()).startsWith("Thank you for seeing");
        assertThat(LEXICOR.put(at, edit(0, texts, false)).status()).isEqualTo(409);
        texts.set(0, "Born on 3 May 1961, mail a.b@c.example");
        Caller.Answer asked = LEXICOR.put(at, edit(1, texts, false));
        assertThat(asked.status()).isEqualTo(422);
        assertThat(asked.body().get("question").asBoolean()).isTrue();

        JsonNode signed = LEXICOR.post(at + "/signature", "{\"version\":1}").body();
        assertThat(signed.get("signedBy").asString()).isEqualTo("heron");
        assertThat(LEXICOR.put(at, edit(2, texts, true)).status()).isEqualTo(409);
        assertThat(LEXICOR.delete(at + "?version=2").status()).isEqualTo(409);
        assertThat(LEXICOR.get("/api/cases/HB-002/reports/" + draft.get("id") + "/pdf")
                        .status())
                .isEqualTo(404);
        assertThat(LEXICOR.post("/api/cases/HB-001/reports", "{\"kind\":\"referral\"}")
                        .status())
                .isEqualTo(422);
        JsonNode unwanted = compose("HB-001", "patient", "");
        assertThat(LEXICOR.delete(at("HB-001", unwanted) + "?version=0").status())
                .isEqualTo(204);
        String page = new String(LEXICOR.caller().download(at + "/html"), UTF_8);
        assertThat(page).contains("Signed off by heron", "<svg").doesNotContain("Draft");
        String letter = draft.get("title").asString();
        assertThat(told("HB-001"))
                .endsWith(
                        letter + ":  > draft",
                        letter + ", To the hand and shoulder surgeon: Thank you for seeing > Thank you for your h",
                        letter + ": draft > signed off",
                        "What we found at your visit:  > draft",
                        "What we found at your visit: draft > ");
    }

    /** What a case's history says of its reports. */
    /** Every area that can be tapped on has its place in the drawing for paper, on both sides. */
    @Test
    void whereItHurtsIsDrawnOnPaperAsItWasTapped() {
        List<String> areas = LEXICOR.get("/api/figures").body().get("body").findValues("areas").stream()
                .flatMap(JsonNode::valueStream)
                .map(a -> a.get("id").asString())
                .toList();
        JsonNode opened = LEXICOR.post("/api/cases", "{\"complaint\":\"shoulder-pain\",\"involvedSide\":\"left\"}")
                .body();
        String code = opened.get("code").asString();
        ObjectNode intake = (ObjectNode) opened.get("intake");
        for (String side : List.of("left", "right")) {
            areas.forEach(a -> intake.withArray("hurts").add(side + "." + a));
        }
        Caller.Answer kept = LEXICOR.put(
                "/api/cases/" + code + "/intake",
                "{\"version\":%s,\"intake\":%s}".formatted(opened.get("version"), intake));
        assertThat(kept.status()).isEqualTo(200);
        String html = new String(LEXICOR.caller().download(at(code, compose(code, "record", "")) + "/html"), UTF_8);
        assertThat(html.split("fill=\"#945003\"", -1)).hasSize(2 * areas.size() + 1);
        assertThat(areas).hasSizeGreaterThan(20);
    }

    private static List<String> told(String code) {
        List<String> lines = new ArrayList<>();
        for (JsonNode h : LEXICOR.get("/api/cases/" + code + "/history").body()) {
            if (h.get("what").asString().equals("Reports")) {
                assertThat(h.get("who").asString()).isEqualTo("heron");
                h.get("lines")
                        .forEach(l -> lines.add("%s: %.20s > %.20s"
                                .formatted(
                                        l.get("field").asString(),
                                        l.get("before").asString(),
                                        l.get("after").asString())));
            }
        }
        return lines;
    }

    /** A later visit changes nothing of what an earlier one is reported to have found. */
    @Test
    void anEarlierVisitIsReportedAsItWas() {
        String at = "/api/cases/HB-001/reports";
        JsonNode visits = LEXICOR.get("/api/cases/HB-001/visits").body().get("visits");
        for (int n = 1; n <= visits.size(); n++) {
            JsonNode report = LEXICOR.post(at, "{\"kind\":\"record\",\"visit\":%d}".formatted(n))
                    .body();
            JsonNode then = visits.get(n - 1).at("/conditions/0");
            assertThat(report.get("visit").asInt()).isEqualTo(n);
            JsonNode rail = null;
            for (JsonNode section : report.get("sections")) {
                rail = rail == null ? section.at("/rails/0") : rail;
                rail = rail.isMissingNode() ? null : rail;
            }
            assertThat(rail.get("name")).isEqualTo(then.get("name"));
            assertThat(rail.get("posttest")).isEqualTo(then.get("posttest"));
        }
        JsonNode first = LEXICOR.post(at, "{\"kind\":\"record\",\"visit\":1}").body();
        JsonNode last = LEXICOR.post(at, "{\"kind\":\"record\"}").body();
        assertThat(last.get("visit").asInt()).isEqualTo(visits.size());
        assertThat(first.get("sections")).isNotEqualTo(last.get("sections"));
        assertThat(LEXICOR.post(at, "{\"kind\":\"record\",\"visit\":9}").status())
                .isEqualTo(422);
        assertThat(LEXICOR.get("/api/cases/HB-001").body().get("visits")).hasSize(visits.size());
    }

    private static String edit(long version, List<String> texts, boolean sure) {
        ObjectNode body =
                JsonMapper.shared().createObjectNode().put("version", version).put("sure", sure);
        texts.forEach(body.putArray("texts")::add);
        return body.toString();
    }

    @Test
    void textIsShownAsText() {
        String code = LEXICOR.post("/api/cases", "{\"complaint\":\"shoulder-pain\",\"involvedSide\":\"left\"}")
                .body()
                .get("code")
                .asString();
        JsonNode view = LEXICOR.get("/api/cases/" + code).body();
        ObjectNode intake =
                ((ObjectNode) view.get("intake")).deepCopy().put("mechanism", "<script>alert(1)</script> & more");
        LEXICOR.put(
                "/api/cases/" + code + "/intake",
                "{\"version\":%s,\"sure\":true,\"intake\":%s}".formatted(view.get("version"), intake));
        JsonNode report = compose(code, "record", "");
        String page = new String(LEXICOR.caller().download(at(code, report) + "/html"), UTF_8);
        assertThat(page)
                .contains("&lt;script&gt;alert(1)&lt;/script&gt; &amp; more")
                .doesNotContain("<script>");
        assertThat(new String(LEXICOR.caller().download(at(code, report) + "/pdf"), UTF_8))
                .startsWith("%PDF");
    }
}
