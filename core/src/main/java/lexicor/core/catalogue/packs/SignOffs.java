package lexicor.core.catalogue.packs;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import lexicor.core.catalogue.published.SignOff;
import lexicor.core.document.InvalidDocumentException;
import lexicor.core.document.Problems;
import lexicor.core.document.Table;

/** Who checked which figure, as CSV: one line a figure that somebody looked at, named by its fingerprint. */
public final class SignOffs {
    private static final List<String> COLUMNS = List.of("figure", "state", "by", "on", "note");

    private SignOffs() {}

    /** By fingerprint; problems name the line and the column. */
    static Map<String, SignOff> read(String file, String text, Problems problems) {
        Map<String, SignOff> all = new LinkedHashMap<>();
        for (Table.Line line : Table.read(file, text, COLUMNS)) {
            problems.collect(() -> {
                if (!line.isWhole()) {
                    throw new InvalidDocumentException(line.problem("", "expected " + COLUMNS.size() + " columns"));
                }
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
                    SpreadsheetText.plain(line.get("note")));
        } catch (DateTimeParseException e) {
            throw new InvalidDocumentException(
                    line.problem("on", "expected a date such as 2026-03-01, found " + line.get("on")));
        }
    }

    public static String write(Map<String, SignOff> all) {
        return Table.write(
                COLUMNS,
                all.entrySet().stream()
                        .map(e -> List.of(
                                e.getKey(),
                                e.getValue().state().id(),
                                SpreadsheetText.guarded(e.getValue().by()),
                                e.getValue().on().toString(),
                                SpreadsheetText.guarded(e.getValue().note())))
                        .toList());
    }
}
