package lexicor.server.doors;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.regex.Pattern;
import lexicor.server.signin.Cookies;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfTokenRequestAttributeHandler;
import org.springframework.security.web.csrf.DefaultCsrfToken;
import org.springframework.stereotype.Component;

/**
 * What shows that a change comes from an open page of Lexicor's. It belongs to the session and is kept there; the cookie only
 * tells it to the page. Before anybody has signed in there is no session, and the cookie stands for itself.
 */
@Component
class PageToken extends CsrfTokenRequestAttributeHandler implements CsrfTokenRepository {
    private static final String COOKIE = "XSRF-TOKEN";
    private static final String HEADER = "X-XSRF-TOKEN";
    private static final String ATTRIBUTE = "lexicor.token";
    private static final Pattern MADE_HERE = Pattern.compile("[A-Za-z0-9_-]{32}");
    private static final int BYTES = 24;

    private final SecureRandom random = new SecureRandom();

    PageToken() {
        // Asked for with every request, so that a page always has one.
        setCsrfRequestAttributeName(null);
    }

    @Override
    public void handle(HttpServletRequest request, HttpServletResponse response, Supplier<CsrfToken> deferred) {
        super.handle(request, response, deferred);
        String token = deferred.get().getToken();
        if (ofSession(request).isPresent() && !ofCookie(request).equals(Optional.of(token))) {
            tell(token, request, response);
        }
    }

    @Override
    public CsrfToken generateToken(HttpServletRequest request) {
        byte[] bytes = new byte[BYTES];
        random.nextBytes(bytes);
        return token(Base64.getUrlEncoder().withoutPadding().encodeToString(bytes));
    }

    @Override
    public void saveToken(CsrfToken token, HttpServletRequest request, HttpServletResponse response) {
        HttpSession session = request.getSession(false);
        if (token == null) {
            return;
        }
        if (session != null) {
            session.setAttribute(ATTRIBUTE, token.getToken());
        }
        tell(token.getToken(), request, response);
    }

    @Override
    public CsrfToken loadToken(HttpServletRequest request) {
        Optional<String> kept = request.getSession(false) == null ? ofCookie(request) : ofSession(request);
        return kept.map(PageToken::token).orElse(null);
    }

    private static Optional<String> ofSession(HttpServletRequest request) {
        return Optional.ofNullable(request.getSession(false)).map(s -> (String) s.getAttribute(ATTRIBUTE));
    }

    private static Optional<String> ofCookie(HttpServletRequest request) {
        return Cookies.read(request, COOKIE)
                .map(Cookie::getValue)
                .filter(v -> MADE_HERE.matcher(v).matches());
    }

    private static void tell(String token, HttpServletRequest request, HttpServletResponse response) {
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(Cookies.name(request, COOKIE), token)
                        .path("/")
                        .sameSite("Strict")
                        .secure(request.isSecure())
                        .build()
                        .toString());
    }

    private static CsrfToken token(String value) {
        return new DefaultCsrfToken(HEADER, "_csrf", value);
    }
}
