package lexicor.server.outcomes.records;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface NoteStore extends JpaRepository<NoteRecord, Long> {
    List<NoteRecord> findByCaseIdOrderByOnAscIdAsc(Long caseId);

    List<NoteRecord> findByCaseIdInAndTakenBackAtIsNullOrderById(Collection<Long> caseIds);

    /** Those of all cases that stand. */
    @Query("select distinct n from NoteRecord n left join fetch n.answers where n.takenBackAt is null order by n.id")
    List<NoteRecord> standing();

    Optional<NoteRecord> findByCaseIdAndKey(Long caseId, UUID key);

    Optional<NoteRecord> findByIdAndCaseId(Long id, Long caseId);
}
