package lexicor.server.people;

import java.io.Serializable;
import java.security.Principal;

/**
 * Somebody who is signed in.
 *
 * @param name under which they sign in, never used again for another
 * @param signOuts how often they had signed out everywhere when they signed in
 */
public record Person(String name, Role role, int signOuts) implements Principal, Serializable {
    @Override
    public String getName() {
        return name;
    }

    public boolean isLead() {
        return role == Role.LEAD;
    }
}
