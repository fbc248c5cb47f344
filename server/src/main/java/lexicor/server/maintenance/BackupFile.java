package lexicor.server.maintenance;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.StringReader;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.util.HexFormat;
import java.util.Properties;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import lexicor.server.time.Moments;

/**
 * A backup: the database file as it is, encrypted, and a note of what it must be, in one zip. It opens with the key of the
 * records and with no other.
 */
public final class BackupFile {
    private static final String NOTE = "lexicor-backup.properties";
    private static final String DATABASE = DatabaseFile.NAME + ".mv.db";
    private static final String FORMAT = "1";
    private static final int SECTOR = 1 << 16;

    private BackupFile() {}

    /** Packs a database file; the backup appears whole or not at all. */
    static void write(Path database, Path target) throws IOException {
        Path folder = target.toAbsolutePath().getParent();
        Files.createDirectories(folder);
        Path part = Files.createTempFile(folder, "backup", ".part");
        try {
            try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(part))) {
                zip.putNextEntry(new ZipEntry(DATABASE));
                String digest;
                try (InputStream in = Files.newInputStream(database)) {
                    digest = copy(in, zip);
                }
                zip.closeEntry();
                Properties note = new Properties();
                note.setProperty("format", FORMAT);
                note.setProperty(
                        "made", Moments.kept(Clock.systemUTC().instant()).toString());
                note.setProperty("size", String.valueOf(Files.size(database)));
                note.setProperty("sha256", digest);
                StringWriter text = new StringWriter();
                note.store(text, null);
                zip.putNextEntry(new ZipEntry(NOTE));
                zip.write(text.toString().getBytes(StandardCharsets.UTF_8));
                zip.closeEntry();
            }
            Files.move(part, target, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(part);
        }
    }

    /** Backs up records that no program is using, after they were found to open. */
    public static void ofClosed(Path data, String key, Path target) throws IOException {
        DatabaseFile.check(data, key);
        write(DatabaseFile.in(data), target);
    }

    /**
     * Unpacks a backup into an empty folder, after it was found whole and to open with the key.
     *
     * @return how many cases it brought back
     * @throws UnusableDataException if anything about it is not as it must be; the folder is then as it was
     */
    public static long restore(Path backup, Path data, String key) {
        Path part = null;
        try {
            Files.createDirectories(data);
            try (Stream<Path> there = Files.list(data)) {
                if (there.findAny().isPresent()) {
                    throw new UnusableDataException(
                            data + " is not empty. Restore into an empty folder, then start with that one.");
                }
            }
            part = Files.createTempDirectory(data, "restore");
            unpack(backup, DatabaseFile.in(part));
            long cases = DatabaseFile.check(part, key);
            Files.move(DatabaseFile.in(part), DatabaseFile.in(data), StandardCopyOption.ATOMIC_MOVE);
            return cases;
        } catch (IOException e) {
            throw new UnusableDataException(backup + " is not a whole backup of Lexicor: it is damaged, cut short or"
                    + " something else. Nothing was restored.");
        } finally {
            clear(part);
        }
    }

    private static void unpack(Path backup, Path target) throws IOException {
        try (ZipFile zip = new ZipFile(backup.toFile())) {
            ZipEntry noteEntry = zip.getEntry(NOTE);
            ZipEntry database = zip.getEntry(DATABASE);
            if (noteEntry == null || database == null) {
                throw new IOException("an entry is missing");
            }
            Properties note = new Properties();
            try (InputStream in = zip.getInputStream(noteEntry)) {
                note.load(new StringReader(new String(in.readNBytes(SECTOR), StandardCharsets.UTF_8)));
            }
            if (!FORMAT.equals(note.getProperty("format"))) {
                throw new IOException("another format");
            }
            String digest;
            try (InputStream in = zip.getInputStream(database);
                    OutputStream out = Files.newOutputStream(ownersAlone(target))) {
                digest = copy(in, out);
            }
            if (!digest.equals(note.getProperty("sha256"))) {
                throw new IOException("the digest differs");
            }
        }
    }

    private static Path ownersAlone(Path file) throws IOException {
        return Files.createFile(
                file, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
    }

    private static String copy(InputStream in, OutputStream out) throws IOException {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            new DigestInputStream(in, digest).transferTo(out);
            return HexFormat.of().formatHex(digest.digest());
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    private static void clear(Path folder) {
        if (folder != null) {
            try {
                Files.deleteIfExists(DatabaseFile.in(folder));
                Files.deleteIfExists(folder);
            } catch (IOException e) {
                // What is left is an unfinished copy in a folder of its own; it does no harm.
                return;
            }
        }
    }
}
