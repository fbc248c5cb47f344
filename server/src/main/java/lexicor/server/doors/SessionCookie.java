package lexicor.server.doors;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.session.web.http.CookieSerializer;
import org.springframework.session.web.http.DefaultCookieSerializer;

/** The cookie of a session: closed to scripts and to other sites, and behind TLS bound to this host. */
@Configuration
class SessionCookie {
    private static final String NAME = "LEXICOR";

    @Bean
    CookieSerializer sessionCookies() {
        CookieSerializer plain = serializer(NAME, false);
        CookieSerializer overTls = serializer("__Host-" + NAME, true);
        return new CookieSerializer() {
            @Override
            public void writeCookieValue(CookieValue value) {
                of(value.getRequest()).writeCookieValue(value);
            }

            @Override
            public List<String> readCookieValues(HttpServletRequest request) {
                return of(request).readCookieValues(request);
            }

            private CookieSerializer of(HttpServletRequest request) {
                return request.isSecure() ? overTls : plain;
            }
        };
    }

    private static CookieSerializer serializer(String name, boolean secure) {
        DefaultCookieSerializer serializer = new DefaultCookieSerializer();
        serializer.setCookieName(name);
        serializer.setCookiePath("/");
        serializer.setUseHttpOnlyCookie(true);
        serializer.setUseSecureCookie(secure);
        serializer.setSameSite("Strict");
        return serializer;
    }
}
