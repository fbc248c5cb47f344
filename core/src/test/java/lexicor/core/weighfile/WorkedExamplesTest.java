package lexicor.core.weighfile;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Every worked example agrees within its tolerance. Expected values were computed independently of this code. */
class WorkedExamplesTest {
    private static final Path FOLDER = Path.of("src/test/resources/worked-examples");

    static Stream<Path> examples() throws IOException {
        return Files.list(FOLDER).sorted();
    }

    @ParameterizedTest
    @MethodSource("examples")
    void agrees(Path file) throws IOException {
        JsonNode example = new JsonMapper().readTree(Files.readString(file));
        JsonNode result = WeighFile.answer("case", example.get("input").toString());
        Agreement agreement = new Agreement(example.get("tolerance"));
        agreement.object("", result, example.get("expected"));
        assertThat(agreement.differences).isEmpty();
    }
}
