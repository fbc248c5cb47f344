package lexicor.core.catalogue.published;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;

/** A short name for a content: the same for the same content, another as soon as anything in it differs. */
final class Fingerprint {
    private static final int BYTES = 10;
    private static final String BETWEEN = "\u001f";

    private Fingerprint() {}

    static String of(List<String> parts) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            byte[] all = digest.digest(String.join(BETWEEN, parts).getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(all, 0, BYTES);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}
