package lexicor.server;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.zip.ZipFile;
import lexicor.server.maintenance.DatabaseKey;
import org.springframework.jdbc.core.JdbcTemplate;

/** Records as a first start makes them; kept, so that only the first program of the tests of its kind makes them. */
final class FirstRecords {
    private static final String DATABASE = "lexicor.mv.db";
    private byte[] database;
    private byte[] key;

    /** Keeps what a program has just made, unless that is done. */
    void keep(JdbcTemplate made, Path data) {
        if (database == null) {
            try {
                read(made, data);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    private void read(JdbcTemplate made, Path data) throws IOException {
        Path zip = Files.createTempFile("lexicor-first", ".zip");
        try {
            made.execute("BACKUP TO '" + zip + "'");
            try (ZipFile file = new ZipFile(zip.toFile());
                    InputStream in = file.getInputStream(file.getEntry(DATABASE))) {
                database = in.readAllBytes();
            }
            key = Files.readAllBytes(DatabaseKey.file("", data));
        } finally {
            Files.delete(zip);
        }
    }

    /** Puts the records into an empty folder; nothing where none are kept. */
    void copyInto(Path data) throws IOException {
        if (database != null) {
            Files.write(data.resolve(DATABASE), database);
            Path file = DatabaseKey.file("", data);
            Files.write(file, key);
            Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-------"));
        }
    }
}
