package lexicor.server.signin;

import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.Optional;
import lexicor.server.people.PeopleService;
import lexicor.server.people.PeopleViews.NewPerson;
import lexicor.server.people.Person;
import lexicor.server.people.Role;
import lexicor.server.problems.Refusal;
import lexicor.server.signin.SessionViews.FirstLeadRequest;
import org.springframework.stereotype.Component;

/** The one-time way in of a new department: whoever starts the program is given it and makes the first lead with it. */
@Component
public class FirstLead {
    private static final int BYTES = 24;

    private final PeopleService people;
    private String token;

    FirstLead(PeopleService people) {
        this.people = people;
    }

    /** What to open the program with; empty once there is an account. */
    public synchronized Optional<String> token() {
        if (!people.isEmpty()) {
            return Optional.empty();
        }
        if (token == null) {
            byte[] random = new byte[BYTES];
            new SecureRandom().nextBytes(random);
            token = Base64.getUrlEncoder().withoutPadding().encodeToString(random);
        }
        return Optional.of(token);
    }

    synchronized Person create(FirstLeadRequest request) {
        byte[] wanted = token().orElseThrow(() -> Refusal.conflict("token: there is an account already; sign in"))
                .getBytes(java.nio.charset.StandardCharsets.UTF_8);
        byte[] given =
                Optional.ofNullable(request.token()).orElse("").getBytes(java.nio.charset.StandardCharsets.UTF_8);
        if (!MessageDigest.isEqual(wanted, given)) {
            throw Refusal.field("token", "not the one that the program printed when it started; open its link again");
        }
        people.create(new NewPerson(request.name(), Role.LEAD, request.password()));
        return people.open(request.name()).orElseThrow();
    }
}
