package lexicor.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Arrays;
import java.util.stream.Stream;
import lexicor.server.maintenance.BackupFile;
import lexicor.server.maintenance.DatabaseFile;
import lexicor.server.maintenance.DatabaseKey;
import lexicor.server.maintenance.RunFile;
import lexicor.server.maintenance.UnusableDataException;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The file of the records: closed to whoever has no key, backed up while in use, and brought back whole or not at all. */
@Tag("slow")
class RecordsTest {
    private static final String STORY = "Fell from the trestle by the crane";

    @RegisterExtension
    static final Running LEXICOR = Running.empty();

    @TempDir
    Path folder;

    private static void record(String story) {
        String made = LEXICOR.post("/api/cases", "{\"complaint\":\"shoulder-pain\",\"involvedSide\":\"right\"}")
                .body()
                .toString();
        String code = made.replaceAll(".*\"code\":\"([A-Z0-9-]+)\".*", "$1");
        String intake = LEXICOR.get("/api/cases/" + code)
                .body()
                .get("intake")
                .toString()
                .replace("\"mechanism\":\"\"", "\"mechanism\":\"" + story + "\"");
        assertThat(LEXICOR.put("/api/cases/" + code + "/intake", "{\"version\":0,\"intake\":" + intake + "}")
                        .status())
                .isEqualTo(200);
    }

    private String key() {
        return DatabaseKey.read(null, DatabaseKey.file("", LEXICOR.data()), false);
    }

    private Path backup() {
        Path file = folder.resolve("backup.zip");
        RunFile.Running running = RunFile.in(LEXICOR.data()).orElseThrow();
        assertThat(LEXICOR.postAs(running.word(), "/api/maintenance/backup", "{\"file\":\"" + file + "\"}"))
                .isEqualTo(204);
        return file;
    }

    @Test
    void nothingRecordedCanBeReadFromAnyFileWithoutTheKey() throws IOException {
        record(STORY);
        Path backup = backup();
        try (Stream<Path> files = Files.walk(LEXICOR.data().getParent())) {
            for (Path file : Stream.concat(files, Stream.of(backup))
                    .filter(Files::isRegularFile)
                    .toList()) {
                assertThat(new String(Files.readAllBytes(file), StandardCharsets.ISO_8859_1))
                        .as(file.toString())
                        .doesNotContain("trestle")
                        .doesNotContain("shoulder-pain");
            }
        }
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(DatabaseKey.file("", LEXICOR.data()))))
                .isEqualTo("rw-------");
    }

    @Test
    void aBackupMadeWhileInUseComesBackWhole() throws IOException {
        record(STORY);
        long cases = LEXICOR.get("/api/cases").body().size();
        Path backup = backup();
        record("Recorded after the backup");
        Path data = folder.resolve("restored");
        assertThat(BackupFile.restore(backup, data, key())).isEqualTo(cases);
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(DatabaseFile.in(data))))
                .isEqualTo("rw-------");
        assertThatThrownBy(() -> BackupFile.restore(backup, data, key())).hasMessageContaining("is not empty");
        Path other = folder.resolve("other");
        assertThatThrownBy(() -> BackupFile.restore(backup, other, "another-key-altogether"))
                .isInstanceOf(UnusableDataException.class)
                .hasMessageContaining("does not open");
        assertThat(other).isEmptyDirectory();
        Files.writeString(other.resolve("somebody's"), "own file");
        assertThatThrownBy(() -> BackupFile.restore(backup, other, key())).hasMessageContaining("is not empty");
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.02, 0.3, 0.6, 0.97})
    void aDamagedOrTruncatedBackupIsRefusedWhole(double where) throws IOException {
        record(STORY);
        byte[] whole = Files.readAllBytes(backup());
        int at = (int) (whole.length * where);
        byte[] damaged = whole.clone();
        Arrays.fill(damaged, at, Math.min(whole.length, at + 40), (byte) 7);
        for (byte[] bad : new byte[][] {damaged, Arrays.copyOf(whole, at)}) {
            Path file = folder.resolve("bad.zip");
            Files.write(file, bad);
            Path data = folder.resolve("data");
            assertThatThrownBy(() -> BackupFile.restore(file, data, key())).isInstanceOf(UnusableDataException.class);
            assertThat(data).isEmptyDirectory();
        }
    }

    @Test
    void aKeyThatOthersCanReadOrThatIsMissingStopsTheStart() throws IOException {
        Path file = folder.resolve("clinic.key");
        assertThat(DatabaseKey.read(null, file, true)).hasSizeGreaterThan(40);
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-r--r--"));
        assertThatThrownBy(() -> DatabaseKey.read(null, file, false)).hasMessageContaining("chmod 600");
        Files.delete(file);
        assertThatThrownBy(() -> DatabaseKey.read(null, file, false)).hasMessageContaining("is missing");
        assertThat(DatabaseKey.read("from-the-environment", file, false)).isEqualTo("from-the-environment");
    }

    @Test
    void aDamagedDatabaseSaysWhatToDo() throws Exception {
        Path data = folder.resolve("broken");
        BackupFile.restore(backup(), data, key());
        try (RandomAccessFile file = new RandomAccessFile(DatabaseFile.in(data).toFile(), "rw")) {
            for (int block = 0; block < file.length(); block += 4096) {
                file.seek(block + 512L);
                file.write(new byte[2048]);
            }
        }
        Files.copy(DatabaseKey.file("", LEXICOR.data()), DatabaseKey.file("", data));
        String said = CommandTest.startAndFail(folder, data);
        try (Stream<Path> left = Files.walk(folder)) {
            assertThat(left).as("a trace in the clear").noneMatch(f -> f.toString()
                    .endsWith(".trace.db"));
        }
        assertThat(said)
                .contains("the records do not open", "./lexicor restore FILE")
                .doesNotContain("\tat ");
    }
}
