package lexicor.server.casehistory;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import lexicor.server.casehistory.HistoryViews.Kind;
import lexicor.server.cases.CaseAccess;
import lexicor.server.people.SignedIn;
import lexicor.server.time.Moments;
import org.springframework.context.event.EventListener;
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
    private final Moments moments;
    private final Cache<String, Boolean> lately = Caffeine.newBuilder()
            .maximumSize(MOST)
            .expireAfterAccess(SAME_VISIT)
            .build();

    AccessLog(AccessStore store, SignedIn signedIn, Moments moments) {
        this.store = store;
        this.signedIn = signedIn;
        this.moments = moments;
    }

    @EventListener
    void had(CaseAccess access) {
        switch (access.kind()) {
            case OPENED -> opened(access.caseId());
            case EXPORTED -> write(access.caseId(), Kind.EXPORTED);
            case BROUGHT_IN -> write(access.caseId(), Kind.BROUGHT_IN);
        }
    }

    private void opened(long caseId) {
        String visit = signedIn.person().name() + " " + caseId;
        if (lately.asMap().putIfAbsent(visit, true) == null) {
            write(caseId, Kind.OPENED);
        } else {
            lately.getIfPresent(visit);
        }
    }

    private void write(long caseId, Kind what) {
        AccessRecord record = new AccessRecord();
        record.caseId = caseId;
        record.person = signedIn.person().name();
        record.what = what.id();
        record.at = moments.now();
        store.save(record);
    }
}
