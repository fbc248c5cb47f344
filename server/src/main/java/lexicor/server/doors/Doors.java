package lexicor.server.doors;

import jakarta.servlet.DispatcherType;
import java.util.List;
import lexicor.server.people.Role;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/** Who may call what. Everything that is not named here is closed. */
@Configuration
class Doors {
    /**
     * Nothing but what ships with the program. Styles are the one exception, since the primitives that place menus and
     * dialogs set them on elements; no script can come in that way.
     */
    private static final String CONTENT = "default-src 'none'; script-src 'self'; style-src 'self' 'unsafe-inline'; "
            + "img-src 'self' data:; font-src 'self'; connect-src 'self'; manifest-src 'self'; "
            + "frame-ancestors 'none'; base-uri 'none'; form-action 'self'";

    private static final String LEAD = Role.LEAD.name();
    private static final String CLINICIAN = Role.CLINICIAN.name();
    private static final String AUDITOR = Role.AUDITOR.name();
    private static final List<String> OWN_PROOF = List.of("/api/devices/*/lines", "/api/maintenance/**");

    @Bean
    PasswordEncoder passwordEncoder() {
        return Argon2PasswordEncoder.defaultsForSpringSecurity_v5_8();
    }

    @Bean
    SecurityContextRepository securityContexts() {
        return new HttpSessionSecurityContextRepository();
    }

    /** There is none: signing in is ours, and nothing may sign in behind its back. */
    @Bean
    AuthenticationManager authenticationManager() {
        return authentication -> {
            throw new UnsupportedOperationException("signing in is by /api/session alone");
        };
    }

    @Bean
    SecurityFilterChain chain(
            HttpSecurity http, SecurityContextRepository contexts, SessionCheck sessions, OwnProof proof) {
        String[] withProof = OWN_PROOF.toArray(String[]::new);
        return http.securityContext(c -> c.securityContextRepository(contexts))
                .authorizeHttpRequests(a -> a.dispatcherTypeMatchers(DispatcherType.ASYNC, DispatcherType.ERROR)
                        .permitAll()
                        .requestMatchers("/api/session/pin", "/api/session/password", "/api/session/everywhere")
                        .authenticated()
                        .requestMatchers("/api/session/**")
                        .permitAll()
                        .requestMatchers(withProof)
                        .access(proof)
                        .requestMatchers(HttpMethod.GET, "/api/catalogue", "/api/settings", "/api/evidence/**")
                        .authenticated()
                        .requestMatchers("/api/evidence/design", "/api/evidence/figures/preview")
                        .hasAnyRole(LEAD, CLINICIAN)
                        .requestMatchers("/api/settings", "/api/people/**", "/api/settings/**", "/api/evidence/**")
                        .hasRole(LEAD)
                        .requestMatchers(HttpMethod.GET, "/api/cases/*/history", "/api/history/**")
                        .hasAnyRole(LEAD, CLINICIAN, AUDITOR)
                        .requestMatchers(
                                "/api/cases/**",
                                "/api/cluster-tally",
                                "/api/exchange/**",
                                "/api/templates/**",
                                "/api/devices/**",
                                "/api/colleagues")
                        .hasAnyRole(LEAD, CLINICIAN)
                        .requestMatchers("/api/**")
                        .denyAll()
                        .requestMatchers("/actuator/health/**")
                        .permitAll()
                        .requestMatchers("/actuator/**")
                        .hasRole(LEAD)
                        .anyRequest()
                        .permitAll())
                .csrf(c -> c.spa().ignoringRequestMatchers(withProof))
                .addFilterBefore(sessions, AuthorizationFilter.class)
                .exceptionHandling(e -> e.authenticationEntryPoint((request, response, refused) ->
                                Problems.write(response, HttpStatus.UNAUTHORIZED, "Sign in first."))
                        .accessDeniedHandler((request, response, refused) ->
                                Problems.write(response, HttpStatus.FORBIDDEN, Problems.forbidden(refused))))
                .headers(h -> h.contentSecurityPolicy(c -> c.policyDirectives(CONTENT))
                        .referrerPolicy(r -> r.policy(ReferrerPolicy.NO_REFERRER))
                        .permissionsPolicyHeader(p -> p.policy("camera=(), microphone=(), geolocation=()")))
                .formLogin(AbstractHttpConfigurer::disable)
                .httpBasic(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .requestCache(AbstractHttpConfigurer::disable)
                .build();
    }
}
