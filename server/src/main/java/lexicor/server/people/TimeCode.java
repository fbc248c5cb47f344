package lexicor.server.people;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import com.google.zxing.BarcodeFormat;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.security.InvalidKeyException;
import java.security.SecureRandom;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalLong;
import javax.crypto.spec.SecretKeySpec;
import org.apache.commons.codec.binary.Base32;

/** Codes that an app works out from a shared secret and the time (TOTP, RFC 6238): six digits, a new one every 30 s. */
public final class TimeCode {
    private static final int SECRET_BYTES = 20;
    private static final TimeBasedOneTimePasswordGenerator CODES = new TimeBasedOneTimePasswordGenerator();
    private static final long STEP_SECONDS = CODES.getTimeStep().toSeconds();

    private TimeCode() {}

    /** A new secret, as apps take it. */
    static String newSecret(SecureRandom random) {
        byte[] bytes = new byte[SECRET_BYTES];
        random.nextBytes(bytes);
        return new Base32().encodeToString(bytes);
    }

    /** The address that apps read from the picture. */
    public static String uri(String secret, String person) {
        return "otpauth://totp/Lexicor:" + person + "?secret=" + secret + "&issuer=Lexicor";
    }

    /** The picture of the address: rows of dark (1) and light (0) squares. */
    public static List<String> picture(String uri) {
        try {
            BitMatrix squares = new QRCodeWriter().encode(uri, BarcodeFormat.QR_CODE, 0, 0);
            List<String> rows = new ArrayList<>();
            for (int y = 0; y < squares.getHeight(); y++) {
                StringBuilder row = new StringBuilder();
                for (int x = 0; x < squares.getWidth(); x++) {
                    row.append(squares.get(x, y) ? '1' : '0');
                }
                rows.add(row.toString());
            }
            return rows;
        } catch (WriterException e) {
            throw new IllegalStateException(e);
        }
    }

    /**
     * The time step whose code it is: the present one, or one to either side for clocks that differ (RFC 6238, 5.2).
     *
     * @param after the last step that was used; a code counts once
     * @return empty where it is none of them
     */
    public static OptionalLong step(String secret, String code, Instant now, long after) {
        long present = now.getEpochSecond() / STEP_SECONDS;
        for (long step : new long[] {present, present - 1, present + 1}) {
            if (step > after
                    && code(secret, Instant.ofEpochSecond(step * STEP_SECONDS)).equals(code)) {
                return OptionalLong.of(step);
            }
        }
        return OptionalLong.empty();
    }

    public static String code(String secret, Instant at) {
        try {
            return CODES.generateOneTimePasswordString(
                    new SecretKeySpec(new Base32().decode(secret), CODES.getAlgorithm()), at);
        } catch (InvalidKeyException e) {
            throw new IllegalStateException(e);
        }
    }
}
