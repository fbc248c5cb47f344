package lexicor.server.history;

import java.security.Principal;
import org.hibernate.envers.RevisionListener;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;

/** Writes down who is signed in. The database makes it, so that nothing can be handed to it. */
public final class RevisionAuthor implements RevisionListener {
    @Override
    public void newRevision(Object revision) {
        Authentication found = SecurityContextHolder.getContext().getAuthentication();
        ((RevisionRecord) revision).person =
                found != null && found.getPrincipal() instanceof Principal person ? person.getName() : "";
    }
}
