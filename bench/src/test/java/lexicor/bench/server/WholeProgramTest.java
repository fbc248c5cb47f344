package lexicor.bench.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Short runs of what the nightly ones do at length, against the server as it was built. */
@Tag("slow")
class WholeProgramTest {
    private static final Path ROOT =
            Path.of(System.getProperty("lexicor.packs")).getParent();

    @TempDir
    Path folder;

    @Test
    void nonsenseIsRefusedAndNothingBreaks() throws Exception {
        FuzzRun.Result result = FuzzRun.run(ROOT, folder.resolve("data"), 1000, 3);
        assertThat(result.faults()).isEmpty();
        assertThat(result.byStatus()).containsKeys(200, 400, 409, 422);
        assertThat(result.acknowledged()).isPositive();
        assertThat(result.lost()).isZero();
    }

    @Test
    void cliniciansRecordSideBySideWithoutAnErrorAlsoBesideStrangers() throws Exception {
        assertThat(LoadRun.run(ROOT, folder.resolve("data"), 10, 20, 5, 40, "lexicor.hash-memory-kb=1024"))
                .hasSize(2)
                .allSatisfy(result -> {
                    assertThat(result.errors()).isZero();
                    assertThat(result.taps()).isEqualTo(50);
                });
    }
}
