package lexicor.server.maintenance;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lexicor.server.time.Moments;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Makes backups while the program runs: when asked to, and every night by itself. */
@Component
class Backups {
    private static final Logger LOG = LoggerFactory.getLogger(Backups.class);
    private static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss").withZone(ZoneOffset.UTC);
    private static final String PREFIX = "lexicor-";
    private static final String SUFFIX = ".zip";

    private final JdbcTemplate database;
    private final Path folder;
    private final Moments moments;

    Backups(JdbcTemplate database, @Value("${lexicor.data}") Path data, Moments moments) {
        this.database = database;
        this.folder = data.toAbsolutePath().resolve("backups");
        this.moments = moments;
    }

    /** Writes a backup of what is stored at this moment. */
    void write(Path target) throws IOException {
        Path scratch = Files.createTempDirectory("lexicor-backup");
        Path zip = scratch.resolve("raw.zip");
        Path raw = scratch.resolve(DatabaseFile.NAME + ".mv.db");
        try {
            // The database's own backup is of one moment, whatever is recorded meanwhile.
            database.execute("backup to '" + zip.toString().replace("'", "''") + "'");
            try (java.util.zip.ZipFile file = new java.util.zip.ZipFile(zip.toFile())) {
                Files.copy(file.getInputStream(file.entries().nextElement()), raw);
            }
            BackupFile.write(raw, target);
        } finally {
            Files.deleteIfExists(zip);
            Files.deleteIfExists(raw);
            Files.deleteIfExists(scratch);
        }
    }

    @Scheduled(cron = "${lexicor.backup-at}")
    void nightly() {
        try {
            write(folder.resolve(PREFIX + STAMP.format(moments.now()) + SUFFIX));
            for (Instant old : Rotation.outdated(times(), moments.now())) {
                Files.deleteIfExists(folder.resolve(PREFIX + STAMP.format(old) + SUFFIX));
            }
        } catch (IOException | RuntimeException e) {
            LOG.error(
                    "The nightly backup failed; is the disk full? {}",
                    e.getClass().getSimpleName());
        }
    }

    private List<Instant> times() throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.map(f -> f.getFileName().toString())
                    .filter(n -> n.startsWith(PREFIX) && n.endsWith(SUFFIX))
                    .flatMap(n -> time(n.substring(PREFIX.length(), n.length() - SUFFIX.length())).stream())
                    .toList();
        }
    }

    private static Optional<Instant> time(String stamp) {
        try {
            return Optional.of(Instant.from(STAMP.parse(stamp)));
        } catch (java.time.DateTimeException e) {
            return Optional.empty();
        }
    }
}
