package lexicor.server.doors;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;
import org.springframework.security.web.util.matcher.OrRequestMatcher;
import org.springframework.security.web.util.matcher.RequestMatcher;
import org.springframework.web.filter.OncePerRequestFilter;

/** How large a request may be: small, but for the few that bring a file in. */
final class BodyLimit extends OncePerRequestFilter {
    private static final long LARGEST = 1 << 20;
    private static final long LARGEST_FILE = 32 << 20;

    private final RequestMatcher files = new OrRequestMatcher(
            PathPatternRequestMatcher.pathPattern(HttpMethod.POST, "/api/exchange/import"),
            PathPatternRequestMatcher.pathPattern(HttpMethod.POST, "/api/cases/*/outcome/notes/*/reports"),
            PathPatternRequestMatcher.pathPattern(HttpMethod.POST, "/api/evidence/import"));

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        LimitedRequest limited = new LimitedRequest(request, files.matches(request) ? LARGEST_FILE : LARGEST);
        if (request.getContentLengthLong() > limited.most()) {
            Problems.write(
                    response,
                    HttpStatus.CONTENT_TOO_LARGE,
                    "The request is larger than " + (limited.most() >> 20) + " MB, the most that is taken here.");
            return;
        }
        chain.doFilter(limited, response);
    }
}
