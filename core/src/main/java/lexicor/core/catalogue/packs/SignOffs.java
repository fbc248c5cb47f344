package lexicor.core.catalogue.packs;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import lexicor.core.catalogue.published.SignOff;
import lexicor.core.document.InvalidDocumentException;
import lexicor.core.document.Problems;
import lexicor.core.document.Table;

/** Who checked which figure, as CSV: one line a figure that somebody looked at, named by its fingerprint. */
public final class SignOffs {
    private static final List<String> COLUMNS = List.of("figure", "state", "by", "on", "note");

    /** Not in files of an earlier time. */
    private static final String FROM = "from";

    private static final List<String> ALL =
            Stream.concat(COLUMNS.stream(), Stream.of(FROM)).toList();

    private SignOffs() {}

    /** By fingerprint; problems name the line and the column. */
    static Map<String, SignOff> read(String file, String text, Problems problems) {
        Map<String, SignOff> all = new LinkedHashMap<>();
        for (Table.Line line : Table.read(file, text, COLUMNS, List.of(FROM)).lines()) {
            problems.collect(() -> {
                all.put(line.get("figure"), signOff(line));
            });
        }
        return all;
    }

    private static SignOff signOff(Table.Line line) {
        SignOff.State state = SignOff.State.withId(line.get("state"))
                .orElseThrow(() -> new InvalidDocumentException(
                        line.problem("state", "expected checked or disputed, found " + line.get("state"))));
        try {
            return new SignOff(
                    state,
                    SpreadsheetText.plain(line.get("by")),
                    LocalDate.parse(line.get("on")),
                    SpreadsheetText.plain(line.get("note")),
                    SpreadsheetText.plain(line.get(FROM)));
        } catch (DateTimeParseException e) {
            throw new InvalidDocumentException(
                    line.problem("on", "expected a date such as 2026-03-01, found " + line.get("on")));
        }
    }

    public static String write(Map<String, SignOff> all) {
        return Table.write(
                ALL,
                all.entrySet().stream()
                        .map(e -> List.of(
                                e.getKey(),
                                e.getValue().state().id(),
                                SpreadsheetText.guarded(e.getValue().by()),
                                e.getValue().on().toString(),
                                SpreadsheetText.guarded(e.getValue().note()),
                                SpreadsheetText.guarded(e.getValue().from())))
                        .toList());
    }
}
