package lexicor.server.doors;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.github.bucket4j.Bucket;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.time.Duration;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** How large a request may be, and how many a session, or an address that has none, may send. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class Throttle extends OncePerRequestFilter {
    private static final long LARGEST = 1 << 20;
    private static final long LARGEST_FILE = 32 << 20;
    private static final long MOST_SENDERS = 10_000;

    private final int perSecond;
    private final Cache<String, Bucket> buckets = Caffeine.newBuilder()
            .maximumSize(MOST_SENDERS)
            .expireAfterAccess(Duration.ofMinutes(10))
            .build();

    Throttle(@Value("${lexicor.requests-per-second}") int perSecond) {
        this.perSecond = perSecond;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !request.getRequestURI().startsWith("/api/");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Bucket bucket = buckets.get(sender(request), s -> Bucket.builder()
                .addLimit(l -> l.capacity(4L * perSecond).refillGreedy(perSecond, Duration.ofSeconds(1)))
                .build());
        if (!bucket.tryConsume(1)) {
            response.setHeader("Retry-After", "1");
            Problems.write(response, HttpStatus.TOO_MANY_REQUESTS, "Too many requests. Try again in a second.");
            return;
        }
        boolean file = request.getRequestURI().contains("/import");
        LimitedRequest limited = new LimitedRequest(request, file ? LARGEST_FILE : LARGEST);
        if (request.getContentLengthLong() > limited.most()) {
            Problems.write(
                    response,
                    HttpStatus.CONTENT_TOO_LARGE,
                    "The request is larger than " + (limited.most() >> 20) + " MB, the most that is taken here.");
            return;
        }
        chain.doFilter(limited, response);
    }

    private static String sender(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        return session == null ? request.getRemoteAddr() : session.getId();
    }
}
