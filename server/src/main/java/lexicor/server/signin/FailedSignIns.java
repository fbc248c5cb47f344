package lexicor.server.signin;

import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import lexicor.server.history.Change;
import lexicor.server.history.HistorySource;
import lexicor.server.time.Moments;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.data.domain.Limit;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Writes down who failed to sign in, in the log and for leads and auditors in the history. Gathered for a few seconds and put
 * together by name, address and hour, so that a crowd fills neither.
 */
@Component
class FailedSignIns implements HistorySource {
    private static final Logger LOG = LoggerFactory.getLogger(FailedSignIns.class);
    private static final int MOST_GATHERED = 500;
    private static final int MOST_AN_HOUR = 5_000;
    private static final Duration KEPT = Duration.ofDays(90);

    private record Who(Optional<String> person, String address, Instant hour) {}

    private record Count(Instant first, Instant last, int tries) {
        Count and(Count later) {
            return new Count(first, later.last, tries + later.tries);
        }
    }

    private final FailedSignInStore store;
    private final TransactionTemplate transaction;
    private final Moments moments;
    private final Map<Who, Count> gathered = new ConcurrentHashMap<>();
    private final Map<Who, Long> rows = new ConcurrentHashMap<>();

    FailedSignIns(FailedSignInStore store, PlatformTransactionManager transactions, Moments moments) {
        this.store = store;
        this.transaction = new TransactionTemplate(transactions);
        this.moments = moments;
    }

    /**
     * Counts a failure.
     *
     * @param person whose name was tried; empty for a name that nobody has
     */
    void add(Optional<String> person, String address) {
        Instant now = moments.now();
        Who who = new Who(person, address, now.truncatedTo(ChronoUnit.HOURS));
        // From many addresses at once, what no longer fits is counted together.
        boolean room = gathered.size() < MOST_GATHERED && rows.size() < MOST_AN_HOUR;
        Who kept = room || gathered.containsKey(who) || rows.containsKey(who)
                ? who
                : new Who(person, "many addresses", who.hour());
        gathered.merge(kept, new Count(now, now, 1), Count::and);
    }

    @Scheduled(fixedDelay = 5_000)
    synchronized void write() {
        for (Who who : List.copyOf(gathered.keySet())) {
            Count count = gathered.remove(who);
            LOG.warn(
                    "{} failed tries to sign in as {} from {}",
                    count.tries(),
                    who.person().orElse("nobody here"),
                    who.address());
            transaction.executeWithoutResult(t -> {
                FailedSignInRecord record = Optional.ofNullable(rows.get(who))
                        .flatMap(store::findById)
                        .orElseGet(() -> {
                            FailedSignInRecord made = new FailedSignInRecord();
                            made.person = who.person().orElse(null);
                            made.address = who.address();
                            made.firstAt = count.first();
                            return made;
                        });
                record.lastAt = count.last();
                record.tries += count.tries();
                rows.put(who, store.saveAndFlush(record).id);
            });
        }
        Instant hour = moments.now().truncatedTo(ChronoUnit.HOURS);
        if (rows.keySet().removeIf(w -> w.hour().isBefore(hour))) {
            transaction.executeWithoutResult(t -> store.deleteByLastAtBefore(hour.minus(KEPT)));
        }
    }

    @EventListener
    void end(ContextClosedEvent closed) {
        write();
    }

    @Override
    public String subject() {
        return "Failed tries to sign in";
    }

    @Override
    public boolean isForOverseers() {
        return true;
    }

    @Override
    public List<Change> latest(int most) {
        write();
        return store.findByOrderByLastAtDesc(Limit.of(most)).stream()
                .map(f -> new Change(
                        f.lastAt,
                        f.person == null ? "a name that nobody has" : f.person,
                        "From " + f.address,
                        Map.of(),
                        f.tries == 1 ? "1 try" : f.tries + " tries since " + f.firstAt.truncatedTo(ChronoUnit.SECONDS),
                        List.of(),
                        ""))
                .toList();
    }
}
