package lexicor.core.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Files are opened whole or refused with the place that is wrong, and a table that was written reads as it was. */
class DocumentsTest {
    private static final List<String> COLUMNS = List.of("test", "condition", "n");

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "                 | empty; expected a JSON object",
                "[1]              | expected a JSON object with named fields",
                "{\"a\": 1} {}    | not valid JSON at line 1",
                "{\"a\":1,\"a\":2} | not valid JSON at line 1",
                "{\"a\": }        | not valid JSON at line 1, column"
            })
    void whatIsNotOneObjectIsRefused(String text, String message) {
        assertThatThrownBy(() -> Documents.json("case.json", text == null ? "" : text))
                .isInstanceOf(InvalidDocumentException.class)
                .hasMessageContaining("case.json: " + message);
    }

    @Test
    void yamlIsReadAsStrictly() {
        assertThat(Documents.yaml("a.yaml", "name: neer\nminutes: 2").number("minutes"))
                .isEqualTo(2);
        assertThatThrownBy(() -> Documents.yaml("a.yaml", "name: a\nname: b"))
                .hasMessageContaining("a.yaml: not valid YAML at line 2");
        assertThatThrownBy(() -> Documents.yaml("a.yaml", "- a"))
                .hasMessageContaining("expected a YAML object with named fields");
        assertThatThrownBy(() -> Documents.yaml("a.yaml", "")).hasMessageContaining("a.yaml: ");
    }

    @Test
    void aTreeWrittenAsYamlReadsAsItWas() {
        String text = "tests:\n  neer:\n    minutes: 0.5\n    name: \"a: b # c\"\n";
        var tree = Documents.yamlTree("a.yaml", text);
        assertThat(Documents.yamlTree("a.yaml", Documents.yamlText(tree))).isEqualTo(tree);
    }

    @Test
    void aTableReadsAsItWasWritten() {
        List<List<String>> rows = List.of(
                List.of("neer", "a, \"quoted\" one", "3"),
                List.of("hawkins", "two\r\nlines", ""),
                List.of(" x ", "", "1"));
        String text = Table.write(COLUMNS, rows);
        for (String written :
                List.of(text, "\ufeff" + text, text.replace("\r\n", "\n").replace("two\nlines", "two\r\nlines"))) {
            List<Table.Line> lines = Table.read("a.csv", written, COLUMNS).lines();
            assertThat(lines)
                    .extracting(l -> COLUMNS.stream().map(l::get).toList())
                    .isEqualTo(rows);
            assertThat(lines).extracting(Table.Line::number).containsExactly(2L, 3L, 4L);
        }
    }

    @Test
    void whatIsCutOffAtTheEndOfARowIsEmptyAndWhatIsTooMuchIsCounted() {
        String text = "sep=;\nN;Condition;extra;TEST\n\n;sub;;neer\n;;;\n3;sub\n1;sub;x;neer;;y;\n";
        Table table = Table.read("a.csv", text, COLUMNS);
        assertThat(table.lines())
                .extracting(l -> l.number() + " " + l.get("test") + " " + l.get("n") + " " + l.beyond())
                .containsExactly("4 neer  0", "6  3 0", "7 neer 1 1");
        assertThat(table.leftOut()).containsExactly("extra");
        assertThat(table.emptyRows()).isEqualTo(2);
        Table.Line line = table.lines().get(0);
        assertThat(line.problem("n", "missing")).hasToString("a.csv: line 4 (neer, sub).n: missing");
        assertThat(line.problem("", "too short")).hasToString("a.csv: line 4 (neer, sub): too short");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            ''                      | No commas, semicolons or tabs separate the columns; missing: test, condition, n.
            test,condition          | The columns are separated by commas; missing: n.
            test;condition;number   | The columns are separated by semicolons; missing: n; not known: number.
            test,condition,n,test   | The columns are separated by commas; there twice: test.
            test~condition~n        | No commas, semicolons or tabs separate the columns; missing: test, condition, n; not known: test~condition~n.
            """)
    void aColumnThatIsMissingIsNamedWithWhatSeparatesTheOthers(String text, String message) {
        assertThatThrownBy(() -> Table.read("a.csv", text.isEmpty() ? "" : text + "\n", COLUMNS))
                .hasMessage("a.csv: line 1: " + message
                        + " Expected the columns test, condition, n in any order, empty where nothing is known");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            0.07   | 0.07
            0,07   | 0.07
            .5     | 0.5
            7 %    | 0.07
            72,5%  | 0.725
            7E-2   | 0.07
            1,000  | 1.0
            1      | 1.0
            """)
    void aProportionIsReadHoweverItIsWritten(String text, double share) {
        assertThat(Numeral.parseShare(text)).hasValue(share);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "a", "1.2.3", "0,7,1", "7 percent", "1e999", "0x1p3", "NaN", "%", "5 5"})
    void whatIsNoNumberIsNotGuessedAt(String text) {
        assertThat(Numeral.parseShare(text)).isEmpty();
        assertThat(Numeral.parse(text, Optional.empty())).isEmpty();
    }

    @Test
    void whatMayBeThousandsIsReadOnlyWhereTheTableShowsItsDecimals() {
        assertThat(Numeral.parse("1.234", Optional.empty())).isEmpty();
        assertThat(Numeral.parse("1,234", Optional.of('.'))).isEmpty();
        assertThat(Numeral.parse("1.234", Optional.of('.'))).hasValue(1.234);
        assertThat(Numeral.parse("1 234", Optional.empty())).hasValue(1234);
        assertThat(Numeral.parse("12,5", Optional.of('.'))).hasValue(12.5);
    }

    @Test
    void aQuotedTextThatIsNotClosedIsRefusedByItsLine() {
        assertThatThrownBy(() -> Table.read("a.csv", "test,condition,n\na,b,1\nc,\"d,2\n", COLUMNS))
                .hasMessageStartingWith("a.csv: line 3: not valid CSV");
    }

    @Test
    void bytesThatAreNotUtf8AreNoText() {
        assertThat(Utf8.text("90 °".getBytes(StandardCharsets.UTF_8))).contains("90 °");
        assertThat(Utf8.text("90 °".getBytes(StandardCharsets.ISO_8859_1))).isEmpty();
        assertThat(Utf8.text(new byte[] {(byte) 0xc3})).isEmpty();
    }

    @Test
    void oneReadingReportsAllThatIsWrong() {
        Problems problems = new Problems();
        problems.collect(() -> Documents.json("a.json", "[]"));
        problems.collect(() -> Documents.json("b.json", "{}").done());
        problems.add("", "tests.neer", "unknown");
        assertThatThrownBy(problems::throwIfAny)
                .hasMessage("a.json: expected a JSON object with named fields\ntests.neer: unknown");
    }
}
