package lexicor.core.weighfile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.fail;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import lexicor.core.document.InvalidDocumentException;
import lexicor.core.document.Place;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.JsonNodeFactory;

/** Every worked example, damaged at every place. */
class DamagedFilesTest {
    private static final JsonNodeFactory MAKE = JsonNodeFactory.instance;
    private static final Set<String> PROBABILITIES = Set.of("pretest", "posttest", "sensitivity", "specificity");
    private static final List<Number> NUMBERS = List.of(-3, 0, 1, 0.5, 0.05, 1e-300, 1e300, Long.MAX_VALUE);

    static Stream<Path> examples() throws IOException {
        return Files.list(Path.of("src/test/resources/worked-examples")).sorted();
    }

    private static JsonNode input(Path example) throws IOException {
        return new JsonMapper().readTree(Files.readString(example)).get("input");
    }

    @ParameterizedTest
    @MethodSource("examples")
    void whatIsOfAnotherKindIsRefusedWhereItStands(Path example) throws IOException {
        JsonNode input = input(example);
        for (Place place : Place.all(input)) {
            for (JsonNode wrong : place.otherKinds(input)) {
                if (place.toString().contains(".rule.") && wrong.isString()) {
                    // Where a rule may stand, a text is the id of a finding.
                    continue;
                }
                try {
                    WeighFile.answer("f", place.with(input, wrong).toString());
                    fail("%s took %s", place, wrong);
                } catch (InvalidDocumentException e) {
                    assertThat(e.problems()).as("%s with %s", place, wrong).anySatisfy(p -> assertThat(p.path())
                            .startsWith(place.toString()));
                }
            }
        }
    }

    /** Whatever number stands there, or none: an answer one can use, or a refusal, and never another failure. */
    @ParameterizedTest
    @MethodSource("examples")
    void anyNumberIsAnsweredOrRefused(Path example) throws IOException {
        JsonNode input = input(example);
        List<String> wrong = new ArrayList<>();
        for (Place place : Place.all(input)) {
            String without = unusable(place.without(input));
            if (!without.isEmpty()) {
                wrong.add("without " + place + ": " + without);
            }
            if (place.in(input).isNumber()) {
                for (Number number : NUMBERS) {
                    String with = unusable(place.with(input, MAKE.pojoNode(number)));
                    if (!with.isEmpty()) {
                        wrong.add(place + " as " + number + ": " + with);
                    }
                }
            }
        }
        assertThat(wrong).isEmpty();
    }

    /** What is wrong with the answer; empty if nothing is, or if the file is refused. */
    private static String unusable(JsonNode changed) {
        try {
            JsonNode answer = WeighFile.answer("f", changed.toString());
            return Place.all(answer).stream()
                    .filter(place -> !isUsable(place, place.in(answer)))
                    .map(place -> place + " " + place.in(answer))
                    .findFirst()
                    .orElse("");
        } catch (InvalidDocumentException e) {
            return e.problems().isEmpty() ? "refused without a word" : "";
        } catch (RuntimeException e) {
            return e.toString();
        }
    }

    private static boolean isUsable(Place place, JsonNode value) {
        if (!value.isNumber()) {
            return true;
        }
        double number = value.asDouble();
        boolean probability = PROBABILITIES.stream().anyMatch(place.toString()::endsWith);
        return Double.isFinite(number) && (!probability || number >= 0 && number <= 1);
    }
}
