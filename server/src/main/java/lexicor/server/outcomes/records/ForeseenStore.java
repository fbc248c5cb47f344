package lexicor.server.outcomes.records;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface ForeseenStore extends JpaRepository<ForeseenRecord, ForeseenRecord.Key> {
    List<ForeseenRecord> findByKeyCaseId(Long caseId);

    List<ForeseenRecord> findByKeyCaseIdIn(Collection<Long> caseIds);
}
