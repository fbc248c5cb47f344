package lexicor.core.catalogue.packs;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import lexicor.core.catalogue.published.AccuracyRow;
import lexicor.core.catalogue.published.AccuracyRow.Kind;
import lexicor.core.catalogue.published.Figures;
import lexicor.core.document.Dialect;
import lexicor.core.document.InvalidDocumentException;
import lexicor.core.document.Problem;
import lexicor.core.document.Table;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

class AccuracyTableTest {
    /** Among them what a spreadsheet would run, what CSV quotes, and what is written with more than one character. */
    @Provide
    Arbitrary<String> texts() {
        return Arbitraries.strings()
                .withChars("=+-@'\",;\t\r\n aZ0\u00e9\u4e2d")
                .withChars("\ud83e\udd80")
                .ofMaxLength(12);
    }

    @Provide
    Arbitrary<AccuracyRow> rows() {
        Arbitrary<String> named = texts().filter(t -> !t.isBlank());
        Arbitrary<Double> share = Arbitraries.doubles().between(0, 1);
        Arbitrary<OptionalDouble> size = Arbitraries.oneOf(
                Arbitraries.just(OptionalDouble.empty()),
                Arbitraries.integers().between(1, 9999).map(OptionalDouble::of),
                Arbitraries.doubles().between(1, 500).map(OptionalDouble::of));
        Arbitrary<Figures> figures = Combinators.combine(share, share, size, size)
                .as((sn, sp, d, h) -> new Figures(sn, OptionalDouble.of(sp), d, h));
        Arbitrary<List<String>> words = Combinators.combine(
                        Arbitraries.of(AccuracyRow.BIASES), Arbitraries.of(AccuracyRow.CONFIDENCES))
                .as(List::of);
        return Combinators.combine(
                        figures,
                        Arbitraries.of(Kind.STUDY, Kind.POOLED),
                        named,
                        Arbitraries.integers().between(1900, 2200),
                        texts(),
                        texts(),
                        words,
                        texts())
                .as((f, kind, source, year, reference, population, w, note) -> new AccuracyRow(
                        "neer/pain", "c", kind, f, source, year, reference, population, w.get(0), w.get(1), note));
    }

    @Property
    void whatIsWrittenIsReadBackEqualAndStartsNoFormula(@ForAll("rows") AccuracyRow row) {
        AccuracyRow only = new AccuracyRow(
                "history/x",
                "c",
                Kind.SENSITIVITY_ONLY,
                new Figures(0.5, OptionalDouble.empty(), OptionalDouble.of(9), OptionalDouble.empty()),
                row.note().isBlank() ? "A" : row.note(),
                row.year(),
                "",
                "",
                "low",
                "high",
                row.source());
        String table = AccuracyTable.write(List.of(row, only));
        assertThat(AccuracyTable.read("t", table).lines())
                .extracting(l -> l.row().orElseThrow())
                .containsExactly(row, only);
        for (String text : List.of(row.source(), row.note(), row.population(), row.referenceStandard())) {
            assertThat(SpreadsheetText.guarded(text)).doesNotMatch("(?s)[=+\\-@\t\r].*");
        }
    }

    @Provide
    Arbitrary<Dialect> dialects() {
        return Combinators.combine(Arbitraries.of(',', ';', '\t'), Arbitraries.of('.', ','))
                .as(Dialect::new);
    }

    /** What any spreadsheet may do to a table on its way: another dialect, order, more columns, empty rows, a byte order mark. */
    @Property(tries = 300)
    void theSameRowsComeBackWhateverASpreadsheetDidToTheTable(
            @ForAll("rows") AccuracyRow row,
            @ForAll("rows") AccuracyRow other,
            @ForAll("dialects") Dialect dialect,
            @ForAll Random order,
            @ForAll boolean mark,
            @ForAll boolean loudHeads) {
        List<String> heads = new ArrayList<>(AccuracyTable.COLUMNS);
        heads.add("checked by whom");
        Collections.shuffle(heads, order);
        Table written = Table.read("t", AccuracyTable.write(List.of(row, other)), AccuracyTable.COLUMNS);
        List<List<String>> rows = new ArrayList<>();
        List<String> nothing = Collections.nCopies(heads.size(), "");
        for (Table.Line line : written.lines()) {
            rows.add(nothing);
            rows.add(heads.stream()
                    .map(h -> !AccuracyTable.COLUMNS.contains(h)
                            ? "somebody"
                            : isNumber(h) ? dialect.number(line.get(h)) : line.get(h))
                    .toList());
        }
        String text = (mark ? "\ufeff" : "")
                + Table.write(
                        loudHeads
                                ? heads.stream()
                                        .map(h -> h.toUpperCase().replace('_', ' '))
                                        .toList()
                                : heads,
                        rows,
                        dialect);
        AccuracyTable read = AccuracyTable.read("t", text);
        assertThat(read.lines()).extracting(l -> l.row().orElseThrow()).containsExactly(row, other);
        assertThat(read.lines()).extracting(AccuracyTable.Line::number).containsExactly(3L, 5L);
        assertThat(read.remarks())
                .hasSize(3)
                .anyMatch(r -> r.toLowerCase().contains("the column checked by whom,"))
                .anyMatch(r -> r.startsWith("2 empty"));
    }

    private static boolean isNumber(String column) {
        return AccuracyColumn.ALL.stream().anyMatch(c -> c.name().equals(column) && c.number());
    }

    @Property(tries = 200)
    void theTableIsReadBackInEveryDialectItIsWrittenIn(
            @ForAll("rows") AccuracyRow row, @ForAll("dialects") Dialect dialect) {
        assertThat(AccuracyTable.read("t", AccuracyTable.write(List.of(row), dialect))
                        .lines())
                .extracting(l -> l.row().orElseThrow())
                .containsExactly(row);
    }

    @Test
    void whatIsWrongNamesWhatStandsThereAndWhatWouldDo() {
        String table =
                String.join(";", AccuracyTable.COLUMNS) + "\nneer/pain;c;study;0,8;7;1.234;5;A;20;;;low;medium;\n";
        assertThat(AccuracyTable.read("t", table).lines().get(0).problems())
                .extracting(Problem::message)
                .containsExactly(
                        "expected a number from 0 to 1, such as 0.72 or 72 %, found 7",
                        "thousands or decimals? write 1234, or 1.2340, found 1.234",
                        "expected a year from 1900 to 2200, found 20");
    }

    @Test
    void theShippedTableIsTheSameAfterARoundTrip() {
        String table = AccuracyTable.write(Shipped.CATALOGUE.accuracy());
        assertThat(AccuracyTable.read("t", table).lines())
                .extracting(l -> l.row().orElseThrow())
                .isEqualTo(Shipped.CATALOGUE.accuracy());
    }

    @Test
    void everythingWrongWithALineIsSaidAtOnceAndTheNextIsRead() {
        String table = String.join(",", AccuracyTable.COLUMNS)
                + "\n,c,opinion,1.2,,0,x,,2020.5,,,some,,\nneer/pain,c,study,.5,.5,,,A,2020,,,low,high,\n";
        List<AccuracyTable.Line> lines = AccuracyTable.read("t", table).lines();
        assertThat(lines.get(0).problems())
                .extracting(p -> p.path().substring(p.path().lastIndexOf('.') + 1))
                .containsExactlyInAnyOrder(
                        "kind",
                        "sensitivity",
                        "specificity",
                        "diseased",
                        "healthy",
                        "year",
                        "criterion",
                        "source",
                        "bias",
                        "confidence");
        assertThat(lines.get(0).row()).isEmpty();
        assertThat(lines.get(1).number()).isEqualTo(3);
        assertThat(lines.get(1).row()).isPresent();
    }

    @Test
    void aTableThatIsNoneIsRefusedWhole() {
        for (String text : List.of("", "criterion,condition\n", String.join(",", AccuracyTable.COLUMNS) + "\n\"open")) {
            assertThatThrownBy(() -> AccuracyTable.read("t", text))
                    .isInstanceOfSatisfying(InvalidDocumentException.class, e -> assertThat(e.problems())
                            .extracting(Problem::path)
                            .allMatch(p -> p.startsWith("line ")));
        }
    }

    @Property
    void aFingerprintDiffersWithAnyFigure(@ForAll("rows") AccuracyRow row) {
        AccuracyRow other = new AccuracyRow(
                row.criterion(),
                row.condition(),
                row.kind(),
                row.figures(),
                row.source(),
                row.year(),
                row.referenceStandard(),
                row.population(),
                row.bias(),
                row.confidence(),
                row.note() + "!");
        assertThat(other.fingerprint()).isNotEqualTo(row.fingerprint());
    }
}
