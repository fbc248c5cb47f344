package lexicor.server.cases;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface TapStore extends JpaRepository<TapRecord, Long> {
    List<TapRecord> findByCaseIdAndUndoneFalseOrderById(Long caseId);

    List<TapRecord> findByCaseIdInAndUndoneFalseOrderById(Collection<Long> caseIds);

    Optional<TapRecord> findByKey(UUID key);

    Optional<TapRecord> findFirstByCaseIdAndUndoneFalseOrderByIdDesc(Long caseId);
}
