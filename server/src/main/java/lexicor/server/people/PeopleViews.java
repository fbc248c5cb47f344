package lexicor.server.people;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/** What the API takes and gives for people and sessions. */
final class PeopleViews {
    private PeopleViews() {}

    /**
     * An account as its lead sees it.
     *
     * @param version for changing it
     */
    record PersonView(long id, long version, String name, String role, boolean active) {}

    record NewPerson(String name, String role, String password) {}

    /**
     * A change of an account.
     *
     * @param password a new one to begin with; absent to leave it
     */
    record PersonChange(long version, String role, boolean active, @Schema(nullable = true) String password) {}

    /**
     * Where this browser stands.
     *
     * @param state first-lead, signed-out, locked or signed-in
     * @param name absent while signed out
     * @param role absent while signed out
     * @param hasPin whether the screen can be opened by a PIN
     * @param lockMinutes after how long an idle screen locks
     * @param demo accounts to try by one click; empty but in the demo
     */
    record SessionView(
            String state,
            @Schema(nullable = true) String name,
            @Schema(nullable = true) String role,
            boolean hasPin,
            int lockMinutes,
            List<DemoAccount> demo) {}

    record DemoAccount(String name, String role) {}

    record SignInRequest(String name, String password) {}

    record DemoRequest(String name) {}

    record FirstLeadRequest(String token, String name, String password) {}

    record PinRequest(String pin) {}

    /** A new PIN; the password shows that it is really them. */
    record NewPin(String password, String pin) {}

    record NewPassword(String password, String newPassword) {}

    /** The names one can share a case with. */
    record Colleagues(List<String> names) {}
}
