package lexicor.server.doors;

import java.util.function.BooleanSupplier;
import lexicor.server.people.SecondFactor;
import lexicor.server.people.SignedIn;
import lexicor.server.signin.ScreenLock;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.authorization.AuthorizationManager;
import org.springframework.security.authorization.AuthorizationResult;
import org.springframework.security.web.access.intercept.RequestAuthorizationContext;
import org.springframework.stereotype.Component;

/** What every door asks besides the role: the pace, the lock of the screen, and the second factor where it is wanted. */
@Component
class Guard {
    private final Pace pace;
    private final ScreenLock lock;
    private final SecondFactor second;
    private final SignedIn signedIn;

    Guard(Pace pace, ScreenLock lock, SecondFactor second, SignedIn signedIn) {
        this.pace = pace;
        this.lock = lock;
        this.second = second;
        this.signedIn = signedIn;
    }

    /** Whoever passes, at a pace. */
    AuthorizationManager<RequestAuthorizationContext> paced(AuthorizationManager<RequestAuthorizationContext> inner) {
        return (who, context) -> pace.allows(context.getRequest()) ? inner.authorize(who, context) : Refused.TOO_MANY;
    }

    /** Whoever passes, at a pace, from a screen that is not locked. */
    AuthorizationManager<RequestAuthorizationContext> open(AuthorizationManager<RequestAuthorizationContext> inner) {
        return paced((who, context) ->
                unless(inner.authorize(who, context), () -> lock.isLocked(context.getRequest()), Refused.LOCKED));
    }

    /** The same, with everything done that the department wants before work begins. */
    AuthorizationManager<RequestAuthorizationContext> ready(AuthorizationManager<RequestAuthorizationContext> inner) {
        return open((who, context) -> unless(
                inner.authorize(who, context),
                () -> signedIn.ifAny().filter(second::isMissing).isPresent(),
                Refused.NO_SECOND_FACTOR));
    }

    /** What is granted may be refused for another reason; what is not stays refused for its own. */
    private static AuthorizationResult unless(AuthorizationResult result, BooleanSupplier closed, Refused refused) {
        return result != null && result.isGranted() && closed.getAsBoolean() ? refused : result;
    }

    static AuthorizationManager<RequestAuthorizationContext> anybody() {
        return (who, context) -> new AuthorizationDecision(true);
    }
}
