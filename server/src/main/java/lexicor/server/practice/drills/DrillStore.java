package lexicor.server.practice.drills;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;

interface DrillStore extends JpaRepository<DrillRecord, Long> {
    List<DrillRecord> findByOwnerAndDueAtLessThanEqualOrderByDueAt(String owner, Instant now, Pageable page);

    long countByOwnerAndDueAtLessThanEqual(String owner, Instant now);

    Optional<DrillRecord> findByOwnerAndKindAndKey(String owner, String kind, String key);

    List<DrillRecord> findByOwnerOrderById(String owner);

    void deleteByOwner(String owner);
}
