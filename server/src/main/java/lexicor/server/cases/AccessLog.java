package lexicor.server.cases;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import lexicor.server.people.SignedIn;
import org.springframework.stereotype.Component;

/**
 * Writes down who opened or exported a case. A page that stays open asks for its case again and again; that is one opening
 * until it was away for a while.
 */
@Component
class AccessLog {
    private static final Duration SAME_VISIT = Duration.ofMinutes(15);
    private static final long MOST = 10_000;

    private final AccessStore store;
    private final SignedIn signedIn;
    private final Cache<String, Boolean> lately = Caffeine.newBuilder()
            .maximumSize(MOST)
            .expireAfterAccess(SAME_VISIT)
            .build();

    AccessLog(AccessStore store, SignedIn signedIn) {
        this.store = store;
        this.signedIn = signedIn;
    }

    void opened(CaseRecord stored) {
        if (lately.asMap().putIfAbsent(signedIn.person().name() + " " + stored.id, true) == null) {
            write(stored, "opened");
        } else {
            lately.getIfPresent(signedIn.person().name() + " " + stored.id);
        }
    }

    void exported(CaseRecord stored) {
        write(stored, "exported");
    }

    /** Something of the case came in with a file. */
    void broughtIn(CaseRecord stored) {
        write(stored, "brought-in");
    }

    List<AccessRecord> of(CaseRecord stored) {
        return store.findByCaseIdOrderByAt(stored.id);
    }

    private void write(CaseRecord stored, String what) {
        AccessRecord record = new AccessRecord();
        record.caseId = stored.id;
        record.person = signedIn.person().name();
        record.what = what;
        record.at = Instant.now().truncatedTo(ChronoUnit.MICROS);
        store.save(record);
    }
}
