package lexicor.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import lexicor.server.Caller.Answer;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A disk that fills up or turns read-only under the running program, on a small disk of its own. */
@Tag("slow")
class AccidentsTest {
    @TempDir
    Path folder;

    private Path disk;

    @BeforeEach
    void makeDisk() throws Exception {
        disk = Files.createDirectory(folder.resolve("disk"));
        Assumptions.assumeTrue(
                run("mount", "-t", "tmpfs", "-o", "size=48m", "lexicor-test", disk.toString()),
                "only root may make a small disk");
    }

    @AfterEach
    void takeDiskAway() throws Exception {
        run("umount", disk.toString());
    }

    private static boolean run(String... command) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        return process.waitFor(20, TimeUnit.SECONDS) && process.exitValue() == 0;
    }

    private static Answer gap(Running lexicor, int mm) {
        return lexicor.post(
                "/api/cases/HB-001/taps",
                "{\"tapId\":\"%s\",\"test\":\"sulcus\",\"at\":\"\",\"side\":\"right\",\"changes\":{\"gapMm\":%d}}"
                        .formatted(UUID.randomUUID(), mm));
    }

    @Test
    void aFullDiskIsSaidKeepsWhatWasSavedAndRecoversByItself() throws Exception {
        Running lexicor = Running.at(disk.resolve("data"));
        lexicor.beforeAll(null);
        try {
            lexicor.post(
                    "/api/cases", "{\"code\":\"HB-001\",\"complaint\":\"shoulder-pain\",\"involvedSide\":\"right\"}");
            int saved = 0;
            // However little room the last tap that fitted left, the next one after freeing some must be saved.
            for (long rest : new long[] {1 << 20, 150_000, 0}) {
                saved += recordUntilFull(lexicor, rest);
            }
            assertThat(saved).as("taps saved").isGreaterThan(3);
            assertThat(lexicor.get("/api/cases/HB-001/taps").body()).hasSizeGreaterThanOrEqualTo(saved);
        } finally {
            lexicor.afterAll(null);
        }
    }

    /**
     * Records until a tap is refused, frees the disk again and records once more.
     *
     * @return how many taps were said to be saved
     */
    private int recordUntilFull(Running lexicor, long rest) throws Exception {
        Path ballast = disk.resolve("ballast");
        fill(ballast, rest);
        int saved = 0;
        Answer refused = null;
        for (int n = 1; n < 2000 && refused == null; n++) {
            Answer answer = gap(lexicor, n % 100);
            if (answer.status() == 200) {
                saved++;
            } else {
                refused = answer;
            }
        }
        assertThat(refused).as("the disk fills up").isNotNull();
        assertThat(refused.status()).isEqualTo(507);
        assertThat(refused.body().get("detail").asString()).contains("the disk is full", "What was saved is kept");

        Files.delete(ballast);
        int status = 0;
        for (int wait = 0; wait < 60 && status != 200; wait++) {
            Thread.sleep(500);
            status = gap(lexicor, 7).status();
        }
        assertThat(status)
                .as("after freeing the disk with %d bytes left before", rest)
                .isEqualTo(200);
        return saved + 1;
    }

    /** Takes all of the disk but a rest of so many bytes, for some taps to fit in. */
    private static void fill(Path ballast, long rest) throws IOException {
        try (var out = Files.newOutputStream(ballast)) {
            byte[] block = new byte[4096];
            for (long room = ballast.toFile().getUsableSpace() - rest; room > block.length; room -= block.length) {
                out.write(block);
            }
        }
    }

    @Test
    void aReadOnlyDiskIsSaidAtTheStart() throws Exception {
        Files.createDirectory(disk.resolve("data"));
        assertThat(run("mount", "-o", "remount,ro", disk.toString())).isTrue();
        assertThat(CommandTest.startAndFail(folder, disk.resolve("data")))
                .contains("Lexicor did not start", "cannot be read or written")
                .doesNotContain("\tat ");
    }
}
