package lexicor.bench.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Short runs of what the nightly ones do at length, against the server as it was built, one after the other. */
@Tag("slow")
class WholeProgramTest {
    private static final Path ROOT =
            Path.of(System.getProperty("lexicor.packs")).getParent();

    @TempDir
    static Path folder;

    private static ServerProcess server;
    private static Browser lead;

    @BeforeAll
    static void start() throws Exception {
        server = ServerProcess.start(ROOT, folder.resolve("data"), FuzzRun.UNHURRIED, "lexicor.hash-memory-kb=1024");
        lead = Browser.lead(server);
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    @Test
    void nonsenseIsRefusedAndNothingBreaks() throws Exception {
        FuzzRun.Result result = FuzzRun.run(ROOT, server, lead, 700, 3);
        assertThat(result.faults()).isEmpty();
        assertThat(result.byStatus()).containsKeys(200, 400, 409, 422);
        assertThat(result.acknowledged()).isPositive();
        assertThat(result.lost()).isZero();
    }

    @Test
    void cliniciansRecordSideBySideWithoutAnErrorAlsoBesideStrangers() throws Exception {
        assertThat(LoadRun.run(server, lead, 10, 20, 5, 40)).hasSize(2).allSatisfy(result -> {
            assertThat(result.errors()).isZero();
            assertThat(result.taps()).isEqualTo(50);
        });
    }
}
