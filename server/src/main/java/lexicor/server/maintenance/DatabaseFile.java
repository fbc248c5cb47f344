package lexicor.server.maintenance;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Arrays;
import org.h2.tools.ChangeFileEncryption;

/** The one file that holds everything, encrypted. */
public final class DatabaseFile {
    public static final String USER = "lexicor";

    static final String NAME = "lexicor";
    private static final String CIPHER = "AES";
    /** The database would write what it fails at into a file of its own, in the clear. */
    private static final String NO_TRACE = ";TRACE_LEVEL_FILE=0";

    private static final byte[] PLAIN = "H:2".getBytes(StandardCharsets.US_ASCII);

    private DatabaseFile() {}

    /** The file in its folder. */
    public static Path in(Path data) {
        return data.resolve(NAME + ".mv.db");
    }

    /**
     * How to reach it.
     *
     * @param more further settings, each beginning with a semicolon
     */
    public static String url(Path data, String more) {
        return "jdbc:h2:file:" + data.toAbsolutePath().resolve(NAME) + ";CIPHER=" + CIPHER + NO_TRACE + more;
    }

    /** The file's key and its user's empty password, as the driver takes them. */
    public static String password(String key) {
        return key + " ";
    }

    /** Whether there is a file that a key was needed for. */
    static boolean isEncrypted(Path data) {
        return Files.exists(in(data)) && !isPlain(in(data));
    }

    private static boolean isPlain(Path file) {
        try (InputStream in = Files.newInputStream(file)) {
            return Arrays.equals(in.readNBytes(PLAIN.length), PLAIN);
        } catch (IOException e) {
            throw new UnusableDataException(file + " cannot be read.");
        }
    }

    /** Encrypts a file that was written before files were encrypted. */
    public static void encryptIfPlain(Path data, String key) {
        Path file = in(data);
        if (!Files.exists(file) || !isPlain(file)) {
            return;
        }
        try {
            ChangeFileEncryption.execute(data.toAbsolutePath().toString(), NAME, CIPHER, null, key.toCharArray(), true);
        } catch (SQLException e) {
            throw new UnusableDataException("the records in " + data + " are not encrypted yet and cannot be: "
                    + "is another Lexicor using them, or the disk full or read-only?");
        }
    }

    /**
     * Reads through a file without changing it.
     *
     * @return how many cases it holds
     * @throws UnusableDataException if the key does not fit or the file is damaged
     */
    static long check(Path data, String key) {
        try (Connection connection = DriverManager.getConnection(
                        url(data, ";ACCESS_MODE_DATA=r;IFEXISTS=TRUE"), USER, password(key));
                ResultSet all = connection.createStatement().executeQuery("select count(*) from examination_case")) {
            all.next();
            return all.getLong(1);
        } catch (SQLException e) {
            throw new UnusableDataException("the file does not open: it is damaged, or the key is another one.");
        }
    }
}
