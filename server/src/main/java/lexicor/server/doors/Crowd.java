package lexicor.server.doors;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.web.filter.OncePerRequestFilter;

/** Sends those away who are too many at the door, before anything is worked out for them: it must cost less than letting in. */
final class Crowd extends OncePerRequestFilter {
    private final Pace pace;

    Crowd(Pace pace) {
        this.pace = pace;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (pace.letsTry(request)) {
            chain.doFilter(request, response);
        } else {
            Refused.TOO_MANY.write(response);
        }
    }
}
