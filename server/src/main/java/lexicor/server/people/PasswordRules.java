package lexicor.server.people;

import java.util.Locale;
import lexicor.server.problems.Refusal;
import me.gosimple.nbvcxz.Nbvcxz;
import org.springframework.stereotype.Component;

/**
 * What a password has to be, by current NIST advice (SP 800-63B revision 4): long, not guessable, anything else goes. No rule
 * about kinds of characters, and none ever expires.
 */
@Component
class PasswordRules {
    static final int LEAST = 15;
    static final int MOST = 200;
    /** In bits; what common passwords, repeated patterns and names stay under. */
    private static final double LEAST_ENTROPY = 40;

    /** Reads its word lists, which takes a while: not before a password is chosen. */
    private static final class Guesser {
        static final Nbvcxz NBVCXZ = new Nbvcxz();
    }

    void check(String field, String name, String password) {
        if (password == null || password.codePointCount(0, password.length()) < LEAST || password.length() > MOST) {
            throw Refusal.field(
                    field, "expected " + LEAST + " to " + MOST + " characters; a few words in a row are easy to keep");
        }
        String plain = password.toLowerCase(Locale.ROOT);
        String rest = plain.replace(name.toLowerCase(Locale.ROOT), "").replace("lexicor", "");
        if (rest.length() < LEAST / 2 || Guesser.NBVCXZ.estimate(rest).getEntropy() < LEAST_ENTROPY) {
            throw Refusal.field(field, "too easy to guess; choose a few words that have nothing to do with each other");
        }
    }
}
