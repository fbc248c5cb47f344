package lexicor.server.casehistory;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface AccessStore extends JpaRepository<AccessRecord, Long> {
    List<AccessRecord> findByCaseIdOrderByAt(Long caseId);
}
