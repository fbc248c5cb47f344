package lexicor.core.examination;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import lexicor.core.catalogue.ReadingLeaf;
import org.junit.jupiter.api.Test;

class WordingTest {
    /** A history that names what was changed must not call two things the same, nor anything by its name in files. */
    @Test
    void everyLeafHasWordsOfItsOwn() {
        assertThat(Arrays.stream(ReadingLeaf.values()).map(Wording::label))
                .doesNotHaveDuplicates()
                .allSatisfy(label -> assertThat(label).matches("[a-z', ]+"));
    }
}
