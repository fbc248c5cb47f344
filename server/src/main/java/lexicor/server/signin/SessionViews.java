package lexicor.server.signin;

import com.fasterxml.jackson.annotation.JsonValue;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Locale;
import lexicor.server.people.Role;

/** What the API takes and gives for signing in and for a session. */
final class SessionViews {
    private SessionViews() {}

    /** Where a browser can stand. */
    enum State {
        FIRST_LEAD,
        SIGNED_OUT,
        LOCKED,
        SECOND_FACTOR,
        SIGNED_IN;

        @JsonValue
        String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /**
     * Where this browser stands.
     *
     * @param state first-lead, signed-out, locked, signed-in, or second-factor where one is to be set up first
     * @param name absent while signed out
     * @param role absent while signed out
     * @param hasPin whether the screen can be opened by a PIN
     * @param lockMinutes after how long an idle screen locks
     * @param secondFactor whether there is a code beside the password
     * @param tapKey what taps that wait on the device are encrypted with; absent unless signed in with an open screen
     * @param contentUnfit whether the department's own tests and figures do not fit this version and are not in force
     * @param version of the program
     * @param demo accounts to try by one click; empty but in the demo
     */
    record SessionView(
            State state,
            @Schema(nullable = true) String name,
            @Schema(nullable = true) Role role,
            boolean hasPin,
            int lockMinutes,
            boolean secondFactor,
            @Schema(nullable = true) String tapKey,
            boolean contentUnfit,
            String version,
            List<DemoAccount> demo) {}

    record DemoAccount(String name, Role role) {}

    /** @param code of the second factor, or one for when it is gone; absent until it is asked for */
    record SignInRequest(String name, String password, @Schema(nullable = true) String code) {}

    /**
     * A second factor about to be set up.
     *
     * @param secret to type into an app
     * @param picture the same for its camera: rows of dark (1) and light (0) squares
     */
    record SecondFactorOffer(String secret, List<String> picture) {}

    record PasswordProof(String password) {}

    record CodeProof(String code) {}

    /** Codes for when the app is gone, told this once. */
    record RecoveryCodes(List<String> codes) {}

    record DemoRequest(String name) {}

    record FirstLeadRequest(String token, String name, String password) {}

    record PinRequest(String pin) {}

    /** A new PIN; the password shows that it is really them. */
    record NewPin(String password, String pin) {}

    record NewPassword(String password, String newPassword) {}
}
