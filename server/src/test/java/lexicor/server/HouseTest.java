package lexicor.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lexicor.server.maintenance.BackupFile;
import lexicor.server.maintenance.DatabaseKey;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;

/** What whoever runs the program relies on, in a house whose night falls every second and that lets few requests in. */
@Tag("slow")
class HouseTest {
    private static final int PER_SECOND = 5;

    @RegisterExtension
    static final Running LEXICOR =
            Running.empty().with("requests-per-second", "" + PER_SECOND).with("backup-at", "* * * * * *");

    @TempDir
    Path folder;

    private static List<Path> backups() throws IOException {
        Path backups = LEXICOR.data().resolve("backups");
        if (!Files.isDirectory(backups)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(backups)) {
            return files.filter(f -> f.getFileName().toString().matches("lexicor-\\d+-\\d+\\.zip"))
                    .sorted()
                    .toList();
        }
    }

    /** Waits for the end of a night that began after this moment. */
    private static Path backupFromNowOn() throws IOException, InterruptedException {
        int before = backups().size();
        Instant end = Instant.now().plusSeconds(40);
        // The next one may have begun already; the one after it has not.
        while (backups().size() < before + 2) {
            assertThat(Instant.now()).as("no backup came by itself").isBefore(end);
            Thread.sleep(100);
        }
        return backups().get(backups().size() - 1);
    }

    @Test
    void everyNightABackupComesByItselfAndThoseThatAreTooOldGo() throws Exception {
        assertThat(LEXICOR.post("/api/cases", "{\"complaint\":\"shoulder-pain\",\"involvedSide\":\"right\"}")
                        .status())
                .isEqualTo(201);
        Path made = backupFromNowOn();
        Path old = Files.copy(made, made.resolveSibling("lexicor-20200101-023000.zip"));
        Path other = Files.writeString(made.resolveSibling("lexicor-notes.zip"), "somebody's own");
        Path latest = backupFromNowOn();
        assertThat(old).doesNotExist();
        assertThat(other).exists();
        String key = DatabaseKey.read(null, DatabaseKey.file("", LEXICOR.data()), false);
        Path kept = Files.copy(latest, folder.resolve("kept.zip"));
        assertThat(BackupFile.restore(kept, folder.resolve("data"), key)).isEqualTo(1);
    }

    @Test
    void whoHammersIsHeldBackAloneAndOnlyForAMoment() throws Exception {
        Caller hammering = Accounts.in(LEXICOR, "hammering", "clinician");
        Caller working = Accounts.in(LEXICOR, "working", "clinician");
        List<Caller.Answer> answers = IntStream.range(0, 20 * PER_SECOND)
                .mapToObj(i -> hammering.get("/api/session"))
                .toList();
        List<Caller.Answer> held =
                answers.stream().filter(a -> a.status() != 200).toList();
        assertThat(held).isNotEmpty().allSatisfy(a -> {
            assertThat(a.status()).isEqualTo(429);
            assertThat(a.body().get("detail").asString()).contains("Try again in a second");
        });
        assertThat(working.get("/api/cases").status()).isEqualTo(200);
        Thread.sleep(1100);
        assertThat(hammering.get("/api/cases").status()).isEqualTo(200);
    }

    @Test
    void healthIsForEverybodyNumbersAreForLeadsAndNothingElseIsThere() {
        Caller nobody = LEXICOR.anotherCaller();
        Caller.Answer health = nobody.get("/actuator/health");
        assertThat(health.status()).isEqualTo(200);
        assertThat(health.body().get("status").asString()).isEqualTo("UP");
        assertThat(health.body().has("components")).isFalse();
        assertThat(nobody.get("/actuator/metrics").status()).isEqualTo(401);
        assertThat(Accounts.in(LEXICOR, "curious", "clinician")
                        .get("/actuator/metrics")
                        .status())
                .isEqualTo(403);
        for (String name : List.of("jvm.memory.used", "http.server.requests", "hikaricp.connections")) {
            assertThat(LEXICOR.get("/actuator/metrics/" + name)
                            .body()
                            .at("/measurements/0/value")
                            .asDouble())
                    .as(name)
                    .isPositive();
        }
        for (String closed : List.of("env", "heapdump", "beans", "loggers", "configprops", "threaddump")) {
            assertThat(LEXICOR.get("/actuator/" + closed).status()).as(closed).isEqualTo(404);
        }
    }
}
