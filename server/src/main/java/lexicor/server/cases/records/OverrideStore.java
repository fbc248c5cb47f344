package lexicor.server.cases.records;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface OverrideStore extends JpaRepository<OverrideRecord, Long> {
    List<OverrideRecord> findByCaseIdOrderById(Long caseId);

    List<OverrideRecord> findByCaseIdAndVisitOrderById(Long caseId, int visit);

    boolean existsByCaseIdAndVisitAndTest(Long caseId, int visit, String test);
}
