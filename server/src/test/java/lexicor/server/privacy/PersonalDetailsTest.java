package lexicor.server.privacy;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PersonalDetailsTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            nullValues = "none",
            textBlock =
                    """
            Fell from the quay three weeks ago                     | none
            Grade 2, 120 degrees, 3 of 5, since 2019               | none
            Slips on the down bow of the lowest string             | none
            Mrs Plank says it slips                                | a name
            A patient called Ruth                                  | a name
            Ruth Plank fell                                        | a name
            write to r.plank@harbour.example                       | an e-mail address
            12.03.1980                                             | a date of birth
            1980-03-12 at the slip                                 | a date of birth
            3rd March 1980                                         | a date of birth
            DOB unknown                                            | a date of birth
            QQ 12 34 56 C                                          | a national number
            943 476 5919                                           | a national number
            """)
    void asksAboutWhatLooksPersonal(String text, String like) {
        assertThat(PersonalDetails.in(text)).isEqualTo(Optional.ofNullable(like));
    }

    @Test
    void theDemoClinicsStoriesRaiseNoQuestion() throws IOException {
        for (String line : Files.readAllLines(Path.of(System.getProperty("lexicor.demo"), "cases.yaml"))) {
            if (line.strip().startsWith("mechanism:")) {
                assertThat(PersonalDetails.in(line.strip().substring("mechanism:".length())))
                        .as(line)
                        .isEmpty();
            }
        }
    }
}
