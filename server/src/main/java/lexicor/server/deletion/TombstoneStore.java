package lexicor.server.deletion;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface TombstoneStore extends JpaRepository<Tombstone, Long> {
    List<Tombstone> findAllByOrderByDeletedAtDesc();

    /** Those whose case can still be brought back. */
    List<Tombstone> findByGoneAtIsNullAndBroughtBackAtIsNullAndCaseIdIsNotNullOrderByDeletedAtDesc();

    List<Tombstone> findByCaseId(Long caseId);
}
