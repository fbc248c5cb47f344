package lexicor.server.measures;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface MeasuredStore extends JpaRepository<MeasuredRecord, Long> {
    List<MeasuredRecord> findByCaseIdOrderById(Long caseId);

    List<MeasuredRecord> findByCaseIdAndVisitOrderByPlace(Long caseId, int visit);

    List<MeasuredRecord> findByCaseIdAndVisitAndMeasureAndItemAndSide(
            Long caseId, int visit, String measure, String item, String side);
}
