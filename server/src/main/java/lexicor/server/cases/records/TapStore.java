package lexicor.server.cases.records;

import jakarta.persistence.QueryHint;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.jpa.HibernateHints;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.jpa.repository.QueryHints;

public interface TapStore extends JpaRepository<TapRecord, Long> {
    @QueryHints(@QueryHint(name = HibernateHints.HINT_READ_ONLY, value = "true"))
    List<TapRecord> findByCaseIdAndUndoneFalseOrderByTappedAtAscIdAsc(Long caseId);

    @QueryHints(@QueryHint(name = HibernateHints.HINT_READ_ONLY, value = "true"))
    List<TapRecord> findByCaseIdAndVisitAndUndoneFalseOrderByTappedAtAscIdAsc(Long caseId, int visit);

    /** The taps of a visit that stand, in the order they were made. */
    default List<TapRecord> standing(Long caseId, int visit) {
        return findByCaseIdAndVisitAndUndoneFalseOrderByTappedAtAscIdAsc(caseId, visit);
    }

    /** The taps of the current visit that stand. */
    default List<TapRecord> standing(CaseRecord stored) {
        return standing(stored.id, stored.visit());
    }

    @QueryHints(@QueryHint(name = HibernateHints.HINT_READ_ONLY, value = "true"))
    List<TapRecord> findByCaseIdInAndUndoneFalseOrderByTappedAtAscIdAsc(Collection<Long> caseIds);

    @QueryHints(@QueryHint(name = HibernateHints.HINT_READ_ONLY, value = "true"))
    List<TapRecord> findByCaseIdOrderByTappedAtAscIdAsc(Long caseId);

    @Query("select max(t.recordedAt) from TapRecord t")
    Optional<Instant> latestRecording();

    Optional<TapRecord> findByCaseIdAndKey(Long caseId, UUID key);

    Optional<TapRecord> findFirstByCaseIdAndDeviceOrderByTappedAtDesc(Long caseId, String device);

    boolean existsByTest(String test);

    /** The tests of which something was recorded since, and stands. */
    @Query("select distinct t.test from TapRecord t where t.undone = false and t.tappedAt >= :since")
    List<String> testsSince(Instant since);
}
