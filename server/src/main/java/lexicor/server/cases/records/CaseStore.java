package lexicor.server.cases.records;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

public interface CaseStore extends JpaRepository<CaseRecord, Long> {
    /** Everybody's. */
    List<CaseRecord> findByCodeOrderById(String code);

    List<CaseRecord> findByCodeInOrderById(Collection<String> codes);

    boolean existsByCodeAndMadeBy(String code, String madeBy);

    /** Locked until the transaction ends, so that taps on one case are played one after another. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select c from CaseRecord c where c.id = :id")
    CaseRecord lock(Long id);

    /** Those that somebody may open, the latest first. */
    @Query("select c from CaseRecord c where c.deletedAt is null and locate(lower(:search), lower(c.code)) > 0"
            + " and (:all = true or c.owner is null or c.owner = :person or :person member of c.shares)"
            + " and (c.secondOf is null or c.blindUntil is not null or c.owner = :person)"
            + " and (c.blindTo is null or c.blindTo <> :person)"
            + " order by c.updatedAt desc")
    List<CaseRecord> search(String search, String person, boolean all, Pageable page);

    /** Deleted long enough ago to be gone. */
    List<CaseRecord> findByDeletedAtBefore(Instant time);

    /** Codes of the cases that somebody may open or has made, the highest first. */
    @Query("select c.code from CaseRecord c where c.code like concat(:prefix, '%')"
            + " and (:all = true or c.madeBy = :person or c.owner is null or c.owner = :person or :person member of c.shares)"
            + " order by length(c.code) desc, c.code desc")
    List<String> codesFrom(String prefix, String person, boolean all, Pageable page);

    /** Marks the time of the last tap. The version is the intake's and stays. */
    @Modifying
    @Query("update CaseRecord c set c.updatedAt = :at where c.id = :id")
    void touch(Long id, Instant at);

    /** From now on both examinations of the patient are seen by whoever may see a case. */
    default void seen(CaseRecord second, Instant at) {
        second.blindUntil = at;
        if (second.secondOf != null) {
            lock(second.secondOf).blindTo = null;
        }
    }

    long countBySimulatedTrueAndSecondOfIsNull();

    Optional<CaseRecord> findFirstBySecondOfAndDeletedAtIsNullOrderByIdDesc(Long first);

    boolean existsByComplaint(String complaint);

    @Query("select count(c) from CaseRecord c join c.candidates k where k.condition = :condition")
    long countWithCandidate(String condition);

    @Query("select count(c) from CaseRecord c join c.answers a where key(a) = :item")
    long countWithAnswer(String item);

    @Query("select count(c) from CaseRecord c join c.warnings w where w = :warning")
    long countWithWarning(String warning);

    @Query("select count(c) from CaseRecord c join c.precautions w where w = :precaution")
    long countWithPrecaution(String precaution);

    @Query("select count(c) from CaseRecord c join c.ladders l where key(l) = :ladder")
    long countWithLadder(String ladder);
}
