package lexicor.core.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** A strict reader gives what is written, and refuses everything else by its file, its place and what was expected there. */
class EntryTest {
    private static final Map<String, Integer> SIZES = Map.of("small", 1, "large", 2);

    private static Entry of(String json) {
        return Documents.json("case.json", json);
    }

    @Test
    void givesWhatIsWritten() {
        Entry entry = of(
                """
                {"name": "neer", "minutes": 0.5, "count": 3, "chance": 0.25, "done": true, "size": "large",
                 "words": ["b", "a"], "figures": [2, 1.5], "where": {"side": "left"}, "rows": [{"n": 1}, {"n": 2}],
                 "by": {"z": 1, "a": 2}, "nothing": null}
                """);
        assertThat(entry.text("name")).isEqualTo("neer");
        assertThat(entry.number("minutes")).isEqualTo(0.5);
        assertThat(entry.wholeNumber("count", 3, 3)).isEqualTo(3);
        assertThat(entry.openProbability("chance")).isEqualTo(0.25);
        assertThat(entry.flag("done")).isTrue();
        assertThat(entry.oneOf("size", SIZES)).isEqualTo(2);
        assertThat(entry.texts("words")).containsExactly("b", "a");
        assertThat(entry.numbers("figures")).containsExactly(2.0, 1.5);
        assertThat(entry.child("where").text("side")).isEqualTo("left");
        assertThat(entry.each("rows", r -> r.number("n"))).containsExactly(1.0, 2.0);
        assertThat(entry.map("by")).containsOnlyKeys("z", "a").satisfies(m -> assertThat(m.keySet())
                .containsExactly("z", "a"));
        assertThat(entry.has("nothing")).as("null counts as absent").isFalse();
        entry.done();
    }

    @Test
    void whatIsAbsentIsWhatTheReaderSays() {
        Entry entry = of("{\"nothing\": null}");
        for (String field : List.of("nothing", "other")) {
            assertThat(entry.optionalText(field)).isEmpty();
            assertThat(entry.optionalNumber(field, 0, 1)).isEmpty();
            assertThat(entry.flag(field, true)).isTrue();
            assertThat(entry.oneOf(field, SIZES, 7)).isEqualTo(7);
            assertThat(entry.texts(field)).isEmpty();
            assertThat(entry.children(field)).isEmpty();
            assertThat(entry.map(field)).isEmpty();
        }
        entry.done();
    }

    static Stream<Arguments> refusals() {
        return Stream.of(
                refusal("{}", e -> e.text("x"), "missing; expected a text"),
                refusal("{\"x\": 4}", e -> e.text("x"), "expected a text, found 4"),
                refusal("{\"x\": \" \"}", e -> e.text("x"), "expected a text, found an empty one"),
                refusal("{}", e -> e.number("x"), "missing; expected a number"),
                refusal("{\"x\": \"4\"}", e -> e.number("x"), "expected a number, found \"4\""),
                refusal("{\"x\": 1e999}", e -> e.number("x"), "expected a number"),
                refusal("{\"x\": 6}", e -> e.number("x", 0, 5), "expected a number from 0 to 5, found 6"),
                refusal("{\"x\": -0.5}", e -> e.optionalNumber("x", 0, 5), "expected a number from 0 to 5, found -0.5"),
                refusal("{\"x\": 1.5}", e -> e.wholeNumber("x", 0, 5), "expected a whole number, found 1.5"),
                refusal("{}", e -> e.flag("x"), "missing; expected true or false"),
                refusal("{\"x\": \"yes\"}", e -> e.flag("x", false), "expected true or false, found \"yes\""),
                refusal("{\"x\": \"huge\"}", e -> e.oneOf("x", SIZES), "expected one of large, small, found huge"),
                refusal("{\"x\": \"a\"}", e -> e.texts("x"), "expected a list, found \"a\""),
                refusal("{\"x\": {}}", e -> e.children("x"), "expected a list, found an object"),
                refusal("{}", e -> e.child("x"), "missing; expected an object"),
                refusal("{\"x\": []}", e -> e.child("x"), "expected an object with named fields, found a list"),
                refusal("{\"x\": [1]}", e -> e.map("x"), "expected an object, found a list"),
                refusal(
                        "{\"x\": 1, \"y\": 2}",
                        e -> {
                            e.number("y");
                            e.has("z");
                            e.done();
                        },
                        "unknown key; known here are y, z"));
    }

    private static Arguments refusal(String json, Consumer<Entry> asked, String message) {
        return Arguments.of(json, asked, message);
    }

    @ParameterizedTest
    @MethodSource("refusals")
    void refusesByItsPlaceWithWhatIsExpected(String json, Consumer<Entry> asked, String message) {
        assertThatThrownBy(() -> asked.accept(of(json)))
                .isInstanceOf(InvalidDocumentException.class)
                .hasMessageStartingWith("case.json: x: " + message);
        // The same within another object: the place is the whole way to it.
        Entry within = of("{\"side\": " + json + "}").child("side");
        assertThatThrownBy(() -> asked.accept(within)).hasMessageStartingWith("case.json: side.x: " + message);
        assertThatThrownBy(() -> asked.accept(within.named("neer")))
                .hasMessageStartingWith("case.json: neer.x: " + message);
    }

    @ParameterizedTest
    @CsvSource({"0,no", "1e-10,no", "1e-9,yes", "0.5,yes", "0.999999999,yes", "0.9999999999,no", "1,no", "-0.1,no"})
    void aProbabilityIsStrictlyBetween(String value, String fits) {
        Entry entry = of("{\"x\": " + value + "}");
        if (fits.equals("yes")) {
            assertThat(entry.openProbability("x")).isEqualTo(Double.parseDouble(value));
        } else {
            assertThatThrownBy(() -> entry.openProbability("x"))
                    .hasMessageContaining("expected a probability strictly between 0 and 1");
        }
    }

    static Stream<Arguments> lists() {
        Function<Entry, Object> texts = e -> e.texts("x");
        Function<Entry, Object> numbers = e -> e.numbers("x");
        Function<Entry, Object> objects = e -> e.children("x");
        return Stream.of(
                Arguments.of("[\"a\", 4]", texts, "expected a text, found 4"),
                Arguments.of("[4, \"a\"]", numbers, "expected a number, found \"a\""),
                Arguments.of("[{}, [\"a\"]]", objects, "expected an object with named fields, found a list"));
    }

    @ParameterizedTest
    @MethodSource("lists")
    void aListIsRefusedByTheItemThatIsWrong(String list, Function<Entry, Object> asked, String message) {
        assertThatThrownBy(() -> asked.apply(of("{\"x\": " + list + "}"))).hasMessage("case.json: x[1]: " + message);
    }

    @Test
    void whatIsLongIsShownByItsBeginning() {
        assertThatThrownBy(() -> of("{\"x\": \"" + "a".repeat(200) + "\"}").number("x"))
                .message()
                .endsWith("a...")
                .hasSizeLessThan(120);
    }
}
