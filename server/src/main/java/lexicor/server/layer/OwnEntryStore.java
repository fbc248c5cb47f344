package lexicor.server.layer;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnEntryStore extends JpaRepository<OwnEntryRecord, Long> {
    Optional<OwnEntryRecord> findByKindAndEntryId(String kind, String entryId);
}
