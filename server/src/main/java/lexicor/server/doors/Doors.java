package lexicor.server.doors;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import lexicor.server.people.PeopleService;
import lexicor.server.people.Role;
import lexicor.server.people.SignedIn;
import lexicor.server.signin.ScreenLock;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authorization.AuthenticatedAuthorizationManager;
import org.springframework.security.authorization.AuthorityAuthorizationManager;
import org.springframework.security.authorization.AuthorizationDeniedException;
import org.springframework.security.authorization.AuthorizationManager;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.access.intercept.RequestAuthorizationContext;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CsrfFilter;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/** Who may call what. Everything that is not named here is closed. */
@Configuration
class Doors {
    /**
     * Nothing but what ships with the program. Styles are the one exception, since the primitives that place menus and
     * dialogs set them on elements; no script can come in that way.
     */
    private static final String CONTENT = "default-src 'none'; script-src 'self'; style-src 'self' 'unsafe-inline'; "
            + "img-src 'self' data:; font-src 'self'; connect-src 'self'; manifest-src 'self'; worker-src 'self'; "
            + "frame-ancestors 'none'; base-uri 'none'; form-action 'self'";

    private static final String LEAD = Role.LEAD.name();
    private static final String CLINICIAN = Role.CLINICIAN.name();
    private static final String AUDITOR = Role.AUDITOR.name();
    private static final String STUDENT = Role.STUDENT.name();

    private static final int SALT_BYTES = 16;
    private static final int HASH_BYTES = 32;
    private static final int HASH_PASSES = 2;

    private final Guard guard;

    private final Pace pace;

    Doors(Guard guard, Pace pace) {
        this.guard = guard;
        this.pace = pace;
    }

    @Bean
    PasswordEncoder passwordEncoder(@Value("${lexicor.hash-memory-kb}") int memoryKb) {
        return new Argon2PasswordEncoder(SALT_BYTES, HASH_BYTES, 1, memoryKb, HASH_PASSES);
    }

    /** There is none: signing in is ours, and nothing may sign in behind its back. */
    @Bean
    AuthenticationManager authenticationManager() {
        return authentication -> {
            throw new UnsupportedOperationException("signing in is by /api/session alone");
        };
    }

    /** Written down rather than found among the beans, so that the container does not run them a second time. */
    @Bean
    SecurityFilterChain chain(
            HttpSecurity http,
            SecurityContextRepository contexts,
            PageToken token,
            OwnProof proof,
            SignedIn signedIn,
            PeopleService people,
            ScreenLock lock) {
        String[] withProof = {"/api/devices/*/lines", "/api/maintenance/**"};
        return http.securityContext(c -> c.securityContextRepository(contexts))
                .authorizeHttpRequests(a -> a.dispatcherTypeMatchers(DispatcherType.ASYNC, DispatcherType.ERROR)
                        .permitAll()
                        .requestMatchers(
                                "/api/session/pin",
                                "/api/session/password",
                                "/api/session/alive",
                                "/api/session/second-factor/**",
                                "/api/session/everywhere")
                        .access(guard.open(authenticated()))
                        .requestMatchers("/api/session", "/api/session/*")
                        .access(guard.paced(Guard.anybody()))
                        .requestMatchers(withProof)
                        .access(guard.paced(proof))
                        .requestMatchers(
                                HttpMethod.GET,
                                "/api/catalogue",
                                "/api/figures",
                                "/api/settings",
                                "/api/settings/since",
                                "/api/evidence/**")
                        .access(guard.ready(authenticated()))
                        .requestMatchers("/api/evidence/design", "/api/evidence/figures/preview")
                        .access(roles(LEAD, CLINICIAN))
                        .requestMatchers("/api/settings", "/api/people/**", "/api/settings/**", "/api/evidence/**")
                        .access(roles(LEAD))
                        .requestMatchers("/api/deleted-cases/**")
                        .access(roles(LEAD))
                        .requestMatchers(HttpMethod.GET, "/api/cases/*/history", "/api/history/**")
                        .access(roles(LEAD, CLINICIAN, AUDITOR))
                        .requestMatchers(HttpMethod.POST, "/api/outcomes/**")
                        .access(roles(LEAD))
                        .requestMatchers("/api/outcomes/review")
                        .access(roles(LEAD))
                        .requestMatchers(
                                "/api/cases/**",
                                "/api/outcomes/**",
                                "/api/cluster-tally",
                                "/api/exchange/**",
                                "/api/templates/**",
                                "/api/devices/**",
                                "/api/colleagues")
                        .access(roles(LEAD, CLINICIAN))
                        .requestMatchers(
                                HttpMethod.POST,
                                "/api/practice/stations",
                                "/api/practice/rounds",
                                "/api/practice/rounds/*/start")
                        .access(roles(LEAD))
                        .requestMatchers(HttpMethod.PUT, "/api/practice/stations/*")
                        .access(roles(LEAD))
                        .requestMatchers(HttpMethod.DELETE, "/api/practice/stations/*", "/api/practice/rounds/*")
                        .access(roles(LEAD))
                        .requestMatchers("/api/practice/students/**")
                        .access(roles(LEAD))
                        .requestMatchers("/api/practice", "/api/practice/**")
                        .access(roles(LEAD, CLINICIAN, STUDENT))
                        .requestMatchers("/v3/api-docs", "/v3/api-docs/**", "/v3/api-docs.yaml")
                        .access(guard.ready(authenticated()))
                        .requestMatchers("/actuator/health", "/actuator/health/**")
                        .access(guard.paced(Guard.anybody()))
                        .requestMatchers("/actuator/**")
                        .access(roles(LEAD))
                        .requestMatchers(HttpMethod.GET, Pages.SHIPPED.toArray(String[]::new))
                        .permitAll()
                        .requestMatchers(HttpMethod.GET, Pages.ROUTED.toArray(String[]::new))
                        .permitAll()
                        // There is none at this address: the page says so itself.
                        .requestMatchers(Pages::isAskedFor)
                        .permitAll()
                        .anyRequest()
                        .denyAll())
                .csrf(c -> c.csrfTokenRepository(token)
                        .csrfTokenRequestHandler(token)
                        .sessionAuthenticationStrategy((who, request, response) -> {})
                        .ignoringRequestMatchers(withProof))
                .addFilterBefore(new Crowd(pace), CsrfFilter.class)
                .addFilterBefore(new BodyLimit(), CsrfFilter.class)
                .addFilterBefore(new SessionCheck(signedIn, people, lock), AuthorizationFilter.class)
                .exceptionHandling(e -> e.authenticationEntryPoint((request, response, refused) ->
                                say(refused.getCause(), response, HttpStatus.UNAUTHORIZED, "Sign in first."))
                        .accessDeniedHandler((request, response, refused) ->
                                say(refused, response, HttpStatus.FORBIDDEN, Problems.forbidden(refused))))
                .headers(h -> h.contentSecurityPolicy(c -> c.policyDirectives(CONTENT))
                        .referrerPolicy(r -> r.policy(ReferrerPolicy.NO_REFERRER))
                        .permissionsPolicyHeader(p -> p.policy("camera=(), microphone=(), geolocation=()")))
                .formLogin(AbstractHttpConfigurer::disable)
                .httpBasic(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .requestCache(AbstractHttpConfigurer::disable)
                .build();
    }

    private AuthorizationManager<RequestAuthorizationContext> roles(String... roles) {
        return guard.ready(AuthorityAuthorizationManager.hasAnyRole(roles));
    }

    private static AuthorizationManager<RequestAuthorizationContext> authenticated() {
        return AuthenticatedAuthorizationManager.authenticated();
    }

    /** What the closed door itself says, or else what is said of any. */
    private static void say(Throwable why, HttpServletResponse response, HttpStatus status, String detail)
            throws IOException {
        if (why instanceof AuthorizationDeniedException denied
                && denied.getAuthorizationResult() instanceof Refused said) {
            said.write(response);
        } else {
            Problems.write(response, status, detail);
        }
    }
}
