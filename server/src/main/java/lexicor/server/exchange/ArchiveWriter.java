package lexicor.server.exchange;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import lexicor.core.catalogue.AgeBand;
import lexicor.core.catalogue.Sex;
import lexicor.core.catalogue.packs.SpreadsheetText;
import lexicor.core.document.Table;
import lexicor.core.examination.Side;
import lexicor.server.casefiles.CaseFile;
import lexicor.server.casefiles.WholeCases.WholeCase;
import lexicor.server.cases.CaseViews.FindingView;
import lexicor.server.standing.Standing.ConditionStanding;
import tools.jackson.databind.json.JsonMapper;

/** All cases as one zip: the case files as JSON lines, and tables that a spreadsheet or R opens. */
final class ArchiveWriter {
    static final String LINES = "cases.jsonl";

    private final JsonMapper json;
    private final StringBuilder lines = new StringBuilder();
    private final Map<String, List<String>> heads = new LinkedHashMap<>();
    private final Map<String, List<List<String>>> tables = new LinkedHashMap<>();

    ArchiveWriter(JsonMapper json) {
        this.json = json;
        table("cases", "case", "complaint", "side", "setting", "age", "years", "sex", "dominant", "visits", "day");
        table("taps", "case", "visit", "day", "test", "at", "side", "changes", "taken_back");
        table("findings", "case", "criterion", "test", "side", "outcome");
        table("measured", "case", "visit", "day", "measure", "item", "side", "place", "amount", "word");
        table("ranking", "case", "rank", "condition", "pretest", "posttest", "low", "high", "verdict");
    }

    private void table(String name, String... columns) {
        heads.put(name, List.of(columns));
        tables.put(name, new ArrayList<>());
    }

    void add(CaseFile file, WholeCase whole) {
        lines.append(json.writeValueAsString(file)).append('\n');
        String code = file.code();
        row(
                "cases",
                code,
                file.intake().complaint(),
                file.intake().involvedSide().id(),
                file.intake().setting().id(),
                Optional.ofNullable(file.intake().ageBand()).map(AgeBand::id).orElse(null),
                file.intake().age(),
                Optional.ofNullable(file.intake().sex()).map(Sex::id).orElse(null),
                Optional.ofNullable(file.intake().dominantSide()).map(Side::id).orElse(null),
                file.visits().size(),
                file.visits().get(file.visits().size() - 1).day());
        file.taps()
                .forEach(t -> row(
                        "taps",
                        code,
                        t.visit(),
                        t.tapped().day(),
                        t.test(),
                        t.at(),
                        t.side(),
                        t.changes(),
                        t.takenBack()));
        file.measured()
                .forEach(m -> row(
                        "measured",
                        code,
                        m.visit(),
                        m.recorded().day(),
                        m.measure(),
                        m.item(),
                        m.side(),
                        m.place(),
                        m.amount(),
                        m.word()));
        for (FindingView f : whole.view().examination().findings()) {
            row(
                    "findings",
                    code,
                    f.criterion(),
                    f.test(),
                    f.side().id(),
                    f.outcome().id());
        }
        for (ConditionStanding c : whole.weighed().standing().conditions()) {
            row(
                    "ranking",
                    code,
                    c.rank(),
                    c.id(),
                    c.pretest(),
                    c.posttest(),
                    c.low(),
                    c.high(),
                    c.verdict().words());
        }
    }

    private void row(String table, Object... cells) {
        List<String> row = new ArrayList<>();
        for (Object cell : cells) {
            row.add(
                    cell == null
                            ? ""
                            : cell instanceof Number ? cell.toString() : SpreadsheetText.guarded(cell.toString()));
        }
        tables.get(table).add(row);
    }

    byte[] zip() {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            put(zip, LINES, lines.toString());
            for (String name : heads.keySet()) {
                put(zip, name + ".csv", Table.write(heads.get(name), tables.get(name)));
            }
        } catch (IOException e) {
            throw new UncheckedIOException("writing into memory", e);
        }
        return bytes.toByteArray();
    }

    private static void put(ZipOutputStream zip, String name, String text) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(text.getBytes(StandardCharsets.UTF_8));
        zip.closeEntry();
    }
}
