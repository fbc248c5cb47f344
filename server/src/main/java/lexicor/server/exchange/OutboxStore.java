package lexicor.server.exchange;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface OutboxStore extends JpaRepository<OutboxRecord, Long> {
    Optional<OutboxRecord> findByCaseIdAndDocumentId(Long caseId, UUID documentId);

    List<OutboxRecord> findByCaseIdOrderByIdDesc(Long caseId);

    List<OutboxRecord> findByStateAndNextTryBeforeOrderById(String state, Instant time, Limit most);
}
