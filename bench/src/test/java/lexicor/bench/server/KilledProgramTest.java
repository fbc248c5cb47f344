package lexicor.bench.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What was acknowledged is there after the server as it was built is killed; the nightly run kills it at length. */
@Tag("slow")
class KilledProgramTest {
    private static final Path ROOT =
            Path.of(System.getProperty("lexicor.packs")).getParent();

    @TempDir
    Path folder;

    /** The document came twice, once without an answer, and is one and the same document to whoever took it. */
    @Test
    void everyAcknowledgedTapAndADocumentOnItsWaySurviveTwoKills() throws Exception {
        assertThat(OutboxRun.run(ROOT, folder.resolve("data"))).hasSize(1).allSatisfy((id, times) -> assertThat(times)
                .isEqualTo(2));
    }
}
