package lexicor.server.doors;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.Optional;
import java.util.function.Supplier;
import lexicor.server.maintenance.RunFile;
import lexicor.server.settings.SettingsService;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.authorization.AuthorizationManager;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.access.intercept.RequestAuthorizationContext;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;
import org.springframework.security.web.util.matcher.RequestMatcher;
import org.springframework.stereotype.Component;

/**
 * Programs sign in by no session. A device shows the department's device key; a command of the machine the program runs on
 * shows the word that only whoever may read the data folder can know.
 */
@Component
class OwnProof implements AuthorizationManager<RequestAuthorizationContext> {
    private static final RequestMatcher DEVICES = PathPatternRequestMatcher.pathPattern("/api/devices/**");
    private static final String BEARER = "Bearer ";

    private final RunFile run;
    private final SettingsService settings;

    OwnProof(RunFile run, SettingsService settings) {
        this.run = run;
        this.settings = settings;
    }

    @Override
    public AuthorizationDecision authorize(
            Supplier<? extends Authentication> nobody, RequestAuthorizationContext context) {
        String header = Optional.ofNullable(context.getRequest().getHeader("Authorization"))
                .orElse("");
        String shown = header.startsWith(BEARER) ? header.substring(BEARER.length()) : "";
        boolean device = DEVICES.matches(context.getRequest());
        return new AuthorizationDecision(isSame(shown, run.word()) || device && isSame(shown, settings.deviceKey()));
    }

    private static boolean isSame(String shown, String known) {
        return !known.isEmpty()
                && MessageDigest.isEqual(
                        shown.getBytes(StandardCharsets.UTF_8), known.getBytes(StandardCharsets.UTF_8));
    }
}
