package lexicor.server.people;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/** What the API takes and gives for people. */
public final class PeopleViews {
    private PeopleViews() {}

    /**
     * An account as its lead sees it.
     *
     * @param version for changing it
     */
    record PersonView(long id, long version, String name, Role role, boolean active, boolean secondFactor) {}

    public record NewPerson(String name, Role role, String password) {}

    /**
     * A change of an account.
     *
     * @param password a new one to begin with; absent to leave it
     * @param dropSecondFactor whether the second factor is taken away, since the person has lost it; absent for no
     */
    record PersonChange(
            long version,
            Role role,
            boolean active,
            @Schema(nullable = true) String password,
            @Schema(nullable = true) Boolean dropSecondFactor) {}

    /** The names one can share a case with. */
    record Colleagues(List<String> names) {}
}
