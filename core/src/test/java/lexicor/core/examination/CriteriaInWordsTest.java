package lexicor.core.examination;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Criterion;
import lexicor.core.catalogue.packs.Shipped;
import org.junit.jupiter.api.Test;

/** Every criterion as the screens, the report and the files say it. */
class CriteriaInWordsTest {
    private static final Path FOR_A_READER = Path.of("target", "criteria-in-words.txt");

    /** A label names what is there when the criterion is positive, so that both sentences can be read. */
    @Test
    void readWellBothWays() throws IOException {
        List<String> lines = new ArrayList<>();
        for (ClinicalTest test : Shipped.CATALOGUE.tests()) {
            assertThat(test.criteria()).extracting(Criterion::label).doesNotHaveDuplicates();
            for (Criterion criterion : test.criteria()) {
                String label = criterion.label();
                assertThat(label)
                        .as(criterion.id())
                        .matches("[A-Z0-9][^_{}]*[^.:;, ]")
                        .doesNotContainIgnoringCase("positive")
                        .doesNotContainIgnoringCase("not seen");
                lines.add(test.name() + ": " + label + ": positive / " + label + ": not seen");
            }
        }
        Files.createDirectories(FOR_A_READER.getParent());
        Files.write(FOR_A_READER, lines);
        assertThat(lines).hasSize(492);
    }

    /** In the middle of a sentence initials and proper names keep their capitals, other words lose theirs. */
    @Test
    void keepTheCapitalsOfNamesInTheMiddleOfASentence() {
        assertThat(List.of("SLAP lesion sign", "Pain on top", "MCP joint gaps", "A click"))
                .extracting(Wording::midSentence)
                .containsExactly("SLAP lesion sign", "pain on top", "MCP joint gaps", "a click");
        assertThat(List.of("de-quervain", "kienboeck", "slap-tear"))
                .extracting(id -> Shipped.CATALOGUE.condition(id).orElseThrow().midSentence())
                .containsExactly(
                        "De Quervain tenosynovitis", "Kienböck disease (lunate)", "superior labral (SLAP) tear");
    }
}
