package lexicor.server.doors;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.github.bucket4j.Bucket;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.time.Duration;
import lexicor.server.signin.Network;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpMethod;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;
import org.springframework.security.web.util.matcher.RequestMatcher;
import org.springframework.stereotype.Component;

/** How many requests a session, or an address that has none, may send. */
@Component
class Pace {
    private static final RequestMatcher SIGN_IN =
            PathPatternRequestMatcher.pathPattern(HttpMethod.POST, "/api/session");
    private static final long MOST_SENDERS = 10_000;

    /** Of what one sender may ask for, how much all who are not in may together try to come in. */
    private static final double STRANGERS_SHARE = 0.4;

    private final int perSecond;
    private final Bucket strangers;
    private final Cache<String, Bucket> buckets = Caffeine.newBuilder()
            .maximumSize(MOST_SENDERS)
            .expireAfterAccess(Duration.ofMinutes(10))
            .build();

    Pace(@Value("${lexicor.requests-per-second}") int perSecond) {
        this.perSecond = perSecond;
        long together = Math.max(1, Math.round(STRANGERS_SHARE * perSecond));
        this.strangers = Bucket.builder()
                .addLimit(l -> l.capacity(together).refillGreedy(together, Duration.ofSeconds(1)))
                .build();
    }

    /** Whether one who is not in may still try to come in; it is counted. */
    boolean letsTry(HttpServletRequest request) {
        return !SIGN_IN.matches(request) || request.getSession(false) != null || strangers.tryConsume(1);
    }

    /** Whether this sender may still ask; it is counted. */
    boolean allows(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        String sender = session == null ? Network.of(request) : session.getId();
        return buckets.get(sender, s -> Bucket.builder()
                        .addLimit(l -> l.capacity(4L * perSecond).refillGreedy(perSecond, Duration.ofSeconds(1)))
                        .build())
                .tryConsume(1);
    }
}
