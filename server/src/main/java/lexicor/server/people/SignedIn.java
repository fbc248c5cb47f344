package lexicor.server.people;

import java.util.Optional;
import java.util.function.Supplier;
import lexicor.server.problems.Refusal;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;

/** Who is asking. */
@Component
public class SignedIn {
    /** The person signed in. */
    public Person person() {
        return ifAny().orElseThrow(() -> Refusal.signedOut("Sign in first."));
    }

    /** The person signed in; empty where the program itself is at work. */
    public Optional<Person> ifAny() {
        Authentication found = SecurityContextHolder.getContext().getAuthentication();
        return found != null && found.getPrincipal() instanceof Person person ? Optional.of(person) : Optional.empty();
    }

    /** Does something in somebody's name. */
    public <T> T as(Person person, Supplier<T> work) {
        SecurityContext before = SecurityContextHolder.getContext();
        SecurityContext own = SecurityContextHolder.createEmptyContext();
        own.setAuthentication(authentication(person));
        SecurityContextHolder.setContext(own);
        try {
            return work.get();
        } finally {
            SecurityContextHolder.setContext(before);
        }
    }

    public static Authentication authentication(Person person) {
        return UsernamePasswordAuthenticationToken.authenticated(
                person,
                null,
                AuthorityUtils.createAuthorityList("ROLE_" + person.role().name()));
    }
}
