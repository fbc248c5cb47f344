package lexicor.server.signin;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.security.SecureRandom;
import java.time.Duration;
import java.util.Base64;
import java.util.Optional;
import java.util.regex.Pattern;
import lexicor.server.time.Moments;
import org.apache.commons.codec.digest.DigestUtils;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Component;

/**
 * Remembers at which devices somebody has signed in before, by a word that the device keeps. Guesses that a stranger makes
 * elsewhere do not keep them from their own.
 */
@Component
class KnownDevices {
    private static final String COOKIE = "LEXICOR-DEVICE";
    private static final Pattern MADE_HERE = Pattern.compile("[A-Za-z0-9_-]{32}");
    private static final Duration KEPT = Duration.ofDays(180);
    private static final int BYTES = 24;

    private final KnownDeviceStore store;
    private final Moments moments;
    private final SecureRandom random = new SecureRandom();

    KnownDevices(KnownDeviceStore store, Moments moments) {
        this.store = store;
        this.moments = moments;
    }

    /** The device's name in the records, if that person has signed in at it lately; empty for any other. */
    Optional<String> known(HttpServletRequest request, String person) {
        return word(request).map(DigestUtils::sha256Hex).filter(device -> store.findByDeviceAndPerson(device, person)
                .filter(k -> k.seenAt.isAfter(moments.now().minus(KEPT)))
                .isPresent());
    }

    /** Remembers that somebody has signed in at the device. */
    void remember(HttpServletRequest request, HttpServletResponse response, String person) {
        String word = word(request).orElseGet(this::newWord);
        String device = DigestUtils.sha256Hex(word);
        KnownDeviceRecord record = store.findByDeviceAndPerson(device, person).orElseGet(KnownDeviceRecord::new);
        record.device = device;
        record.person = person;
        record.seenAt = moments.now();
        store.saveAndFlush(record);
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(Cookies.name(request, COOKIE), word)
                        .path("/")
                        .maxAge(KEPT)
                        .httpOnly(true)
                        .sameSite("Strict")
                        .secure(request.isSecure())
                        .build()
                        .toString());
    }

    private static Optional<String> word(HttpServletRequest request) {
        return Cookies.read(request, COOKIE)
                .map(Cookie::getValue)
                .filter(v -> MADE_HERE.matcher(v).matches());
    }

    private String newWord() {
        byte[] bytes = new byte[BYTES];
        random.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }
}
