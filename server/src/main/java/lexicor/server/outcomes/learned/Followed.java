package lexicor.server.outcomes.learned;

import jakarta.persistence.EntityManager;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import lexicor.core.outcomes.followed.FollowedCase;
import lexicor.core.outcomes.followed.Known;
import lexicor.core.outcomes.followed.Noted;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.cases.records.CaseStore;
import lexicor.server.cases.records.TapRecord;
import lexicor.server.cases.records.TapStore;
import lexicor.server.catalogue.Editions;
import lexicor.server.outcomes.OutcomeChanged;
import lexicor.server.outcomes.records.FactRecord;
import lexicor.server.outcomes.records.FactStore;
import lexicor.server.outcomes.records.ForeseenRecord;
import lexicor.server.outcomes.records.ForeseenStore;
import lexicor.server.outcomes.records.NoteRecord;
import lexicor.server.outcomes.records.NoteStore;
import org.springframework.data.domain.Limit;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * All cases as they were followed up, in memory. What was found in a case is stored beside it and worked out again when the case
 * has changed; a page asks for what changed since, so that it shows the latest tap without working out twenty thousand cases.
 */
@Component
class Followed {
    /** As many are worked out while somebody waits for a page. */
    private static final int AT_ONCE = 100;

    /**
     * @param behind how many cases are still to be worked out
     */
    record Snapshot(Collection<FollowedCase> cases, int simulated, long behind) {}

    private final CaseStore cases;
    private final TapStore taps;
    private final FactStore facts;
    private final NoteStore notes;
    private final ForeseenStore foreseen;
    private final FactsOfCase factsOfCase;
    private final Editions editions;
    private final EntityManager entities;
    private final TransactionTemplate inOneStep;
    private final Map<Long, FollowedCase> all = new HashMap<>();
    private final Set<Long> simulated = new HashSet<>();
    private final Set<Long> noted = ConcurrentHashMap.newKeySet();
    private Snapshot latest = new Snapshot(List.of(), 0, 0);

    Followed(
            CaseStore cases,
            TapStore taps,
            FactStore facts,
            NoteStore notes,
            ForeseenStore foreseen,
            FactsOfCase factsOfCase,
            Editions editions,
            EntityManager entities,
            PlatformTransactionManager transactions) {
        this.cases = cases;
        this.taps = taps;
        this.facts = facts;
        this.notes = notes;
        this.foreseen = foreseen;
        this.factsOfCase = factsOfCase;
        this.editions = editions;
        this.entities = entities;
        inOneStep = new TransactionTemplate(transactions);
    }

    /** What is known of a case is not what it was. */
    @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT, fallbackExecution = true)
    void changed(OutcomeChanged changed) {
        noted.add(changed.caseId());
    }

    /** All of them, with what changed up to now. */
    Snapshot now() {
        return upToDate(AT_ONCE);
    }

    /** Works out what changed while nobody looked, so that nobody has to wait for it. */
    @Scheduled(initialDelayString = "PT1S", fixedDelayString = "PT1M")
    void keepUp() {
        long behind;
        do {
            behind = upToDate(AT_ONCE).behind();
        } while (behind > 0);
    }

    private synchronized Snapshot upToDate(int most) {
        return inOneStep.execute(t -> {
            // At first there is nothing here; later there are fewer there when cases were removed for good.
            boolean moved = facts.count() != all.size();
            if (moved) {
                // What is noted while this is read stays noted.
                Set<Long> before = new HashSet<>(noted);
                all.clear();
                simulated.clear();
                put(facts.findAll());
                // Nothing of so many is changed, and the database need not look whether.
                entities.clear();
                noted.removeAll(before);
            }
            String content = editions.current().version();
            List<Long> stale = facts.stale(content, Limit.of(most));
            if (!stale.isEmpty()) {
                workOut(stale);
                moved = true;
            }
            Set<Long> again = new HashSet<>(noted);
            if (!again.isEmpty()) {
                noted.removeAll(again);
                put(facts.findAllById(again));
                moved = true;
            }
            if (moved) {
                long behind = stale.size() < most ? 0 : facts.countStale(content);
                latest = new Snapshot(List.copyOf(all.values()), simulated.size(), behind);
            }
            return latest;
        });
    }

    private void workOut(List<Long> ids) {
        // The cases before their taps: a tap made in between then finds its case stale again, and is not missed.
        List<CaseRecord> read = cases.findAllById(ids);
        Map<Long, List<TapRecord>> byCase = taps.findByCaseIdInAndUndoneFalseOrderByTappedAtAscIdAsc(ids).stream()
                .collect(Collectors.groupingBy(t -> t.caseId));
        List<FactRecord> worked = new ArrayList<>();
        for (CaseRecord stored : read) {
            if (stored.deletedAt != null) {
                facts.deleteById(stored.id);
                all.remove(stored.id);
                simulated.remove(stored.id);
            } else {
                FactRecord record = facts.findById(stored.id).orElseGet(FactRecord::new);
                record.caseId = stored.id;
                record.caseVersion = stored.version;
                record.caseUpdatedAt = stored.updatedAt;
                record.content = factsOfCase.content(stored);
                record.facts = factsOfCase
                        .of(stored, byCase.getOrDefault(stored.id, List.of()))
                        .stored();
                worked.add(facts.save(record));
            }
        }
        put(worked);
    }

    private void put(List<FactRecord> some) {
        boolean whole = some.size() > AT_ONCE;
        List<Long> ids = some.stream().map(f -> f.caseId).toList();
        Map<Long, List<NoteRecord>> byCase = (whole
                        ? notes.standing()
                        : notes.findByCaseIdInAndTakenBackAtIsNullOrderById(ids))
                .stream().collect(Collectors.groupingBy(n -> n.caseId));
        Map<Long, List<ForeseenRecord>> before = (whole ? foreseen.findAll() : foreseen.findByKeyCaseIdIn(ids))
                .stream().collect(Collectors.groupingBy(f -> f.key.caseId()));
        for (FactRecord f : some) {
            Facts read = Facts.read(f.facts);
            all.put(
                    f.caseId,
                    read.followed(
                            f.caseId,
                            known(byCase.getOrDefault(f.caseId, List.of())),
                            before.getOrDefault(f.caseId, List.of()).stream()
                                    .map(ForeseenRecord::foreseen)
                                    .toList()));
            if (read.simulated()) {
                simulated.add(f.caseId);
            }
        }
    }

    private static List<Known> known(List<NoteRecord> standing) {
        return standing.stream()
                .flatMap(n -> n.noted().stream())
                .collect(Collectors.groupingBy(Noted::condition))
                .values()
                .stream()
                .map(Known::of)
                .flatMap(Optional::stream)
                .toList();
    }
}
