package lexicor.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import lexicor.server.CommandTest.Ended;
import lexicor.server.command.DeviceCommand;
import lexicor.server.command.RecordsCommand;
import lexicor.server.maintenance.DatabaseKey;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Backing up, bringing back and measuring from a shell, beside a running server and without one. */
@Tag("slow")
class RecordsCommandTest {
    @TempDir
    Path folder;

    private Ended run(Class<?> program, Object... arguments) throws Exception {
        return CommandTest.run(
                folder,
                program,
                List.of(),
                List.of(arguments).stream().map(String::valueOf).toArray(String[]::new));
    }

    @Test
    void recordsGoToAFileWhileInUseAndAfterwardsAndComeBackWithTheirKeyAlone() throws Exception {
        Running lexicor = Running.empty();
        lexicor.beforeAll(null);
        Path data = folder.resolve("data");
        Path whileRunning = folder.resolve("running.zip");
        Path closed = folder.resolve("closed.zip");
        try {
            lexicor.post("/api/cases", "{\"complaint\":\"shoulder-pain\",\"involvedSide\":\"right\"}");
            assertThat(run(RecordsCommand.class, "backup", whileRunning, lexicor.data())
                            .out())
                    .contains("Wrote " + whileRunning, "with the key of these records and no other");
            Ended noFolder = run(RecordsCommand.class, "backup", "/proc/none/b.zip", lexicor.data());
            assertThat(noFolder.status()).isEqualTo(1);
            assertThat(noFolder.err()).startsWith("lexicor: ").doesNotContain("\tat ");

            lexicor.stop();
            assertThat(run(RecordsCommand.class, "backup", closed, lexicor.data())
                            .status())
                    .isZero();
            Ended withoutKey = run(RecordsCommand.class, "restore", closed, data);
            assertThat(withoutKey.status()).isEqualTo(1);
            assertThat(withoutKey.err()).contains("is missing");
            for (Path backup : List.of(whileRunning, closed)) {
                Path back = folder.resolve("back-" + backup.getFileName());
                Files.copy(DatabaseKey.file("", lexicor.data()), DatabaseKey.file("", back));
                assertThat(run(RecordsCommand.class, "restore", backup, back).out())
                        .isEqualTo("Restored 1 cases into " + back + ".\n");
                assertThat(run(RecordsCommand.class, "restore", backup, back).err())
                        .contains("is not empty");
            }
            assertThat(run(RecordsCommand.class, "backup", closed, folder.resolve("nowhere"))
                            .err())
                    .contains("there are no records in");
        } finally {
            lexicor.afterAll(null);
        }
    }

    @Test
    void aDeviceThatCannotMeasureSaysWhy() throws Exception {
        Ended noServer = run(DeviceCommand.class, "grip", folder);
        assertThat(noServer.status()).isEqualTo(1);
        assertThat(noServer.err()).contains("no Lexicor is running on", "--data");
        Running lexicor = Running.empty();
        lexicor.beforeAll(null);
        try {
            Ended lamp = run(DeviceCommand.class, "lamp", lexicor.data());
            assertThat(lamp.status()).isEqualTo(1);
            assertThat(lamp.err()).contains("did not take it", "expected kind dynamometer, grip or inclinometer");
        } finally {
            lexicor.afterAll(null);
        }
    }
}
