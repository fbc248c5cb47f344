package lexicor.server.maintenance;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.EnumSet;
import java.util.Set;

/**
 * The key of the database file: from the environment variable LEXICOR_KEY, or from a file beside the data folder that only
 * its owner may read. Without it the records cannot be opened by anybody.
 */
public final class DatabaseKey {
    public static final String VARIABLE = "LEXICOR_KEY";

    private static final int BYTES = 32;
    private static final int SHORTEST = 16;
    private static final Set<PosixFilePermission> OWNER_ONLY =
            EnumSet.of(PosixFilePermission.OWNER_READ, PosixFilePermission.OWNER_WRITE);

    private DatabaseKey() {}

    /**
     * Where the key is kept: beside the folder, so that a copy of the folder is no use alone, unless another file is named.
     *
     * @param named empty where none is
     */
    public static Path file(String named, Path data) {
        if (!named.isEmpty()) {
            return Path.of(named);
        }
        Path folder = data.toAbsolutePath().normalize();
        return folder.resolveSibling(folder.getFileName() + ".key");
    }

    /**
     * The key; made anew where there is neither a key nor a database yet.
     *
     * @param variable what the environment variable says; null where it is not set
     * @param file where the key is kept
     * @param isNew whether there is no database yet
     * @throws UnusableDataException where there is none, or others could read it
     */
    public static String read(String variable, Path file, boolean isNew) {
        if (variable != null) {
            return checked(VARIABLE, variable.strip());
        }
        try {
            if (!Files.exists(file)) {
                if (!isNew) {
                    throw new UnusableDataException("the key of the records is missing: expected it in " + file
                            + " or in " + VARIABLE + ". Without it nobody can open them.");
                }
                create(file);
            }
            Set<PosixFilePermission> others = EnumSet.copyOf(Files.getPosixFilePermissions(file));
            others.removeAll(OWNER_ONLY);
            if (!others.isEmpty()) {
                throw new UnusableDataException(
                        "others may read the key file " + file + ". Make it yours alone: chmod 600 " + file);
            }
            return checked(file.toString(), Files.readString(file).strip());
        } catch (IOException e) {
            throw new UnusableDataException("the key file " + file + " cannot be read or written.");
        }
    }

    private static void create(Path file) throws IOException {
        byte[] random = new byte[BYTES];
        new SecureRandom().nextBytes(random);
        Files.createFile(file, PosixFilePermissions.asFileAttribute(OWNER_ONLY));
        Files.writeString(file, Base64.getUrlEncoder().withoutPadding().encodeToString(random) + "\n");
    }

    private static String checked(String where, String key) {
        if (key.length() < SHORTEST || key.chars().anyMatch(Character::isWhitespace)) {
            throw new UnusableDataException(
                    where + ": expected a key of " + SHORTEST + " characters or more, without spaces.");
        }
        return key;
    }
}
