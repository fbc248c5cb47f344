package lexicor.server.reports;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface ReportStore extends JpaRepository<ReportRecord, Long> {
    List<ReportRecord> findByCaseIdOrderByIdDesc(Long caseId);
}
