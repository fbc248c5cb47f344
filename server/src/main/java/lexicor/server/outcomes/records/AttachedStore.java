package lexicor.server.outcomes.records;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

public interface AttachedStore extends JpaRepository<AttachedRecord, Long> {
    List<AttachedRecord> findByCaseIdOrderById(Long caseId);

    Optional<AttachedRecord> findByIdAndCaseId(Long id, Long caseId);
}
