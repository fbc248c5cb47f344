package lexicor.server.outcomes.records;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

public interface ReferralStore extends JpaRepository<ReferralRecord, Long> {
    List<ReferralRecord> findByCaseIdOrderByOnAscIdAsc(Long caseId);

    List<ReferralRecord> findByEndedAtIsNullOrderByOnAscIdAsc();

    Optional<ReferralRecord> findFirstByCaseIdAndReferenceAndEndedAtIsNullOrderByOnAscIdAsc(
            Long caseId, String reference);

    List<ReferralRecord> findByNoteId(Long noteId);

    Optional<ReferralRecord> findByCaseIdAndKey(Long caseId, UUID key);

    Optional<ReferralRecord> findByIdAndCaseId(Long id, Long caseId);
}
