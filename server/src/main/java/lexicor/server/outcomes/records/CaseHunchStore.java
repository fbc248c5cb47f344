package lexicor.server.outcomes.records;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface CaseHunchStore extends JpaRepository<CaseHunchRecord, Long> {
    List<CaseHunchRecord> findByCaseIdOrderById(Long caseId);
}
