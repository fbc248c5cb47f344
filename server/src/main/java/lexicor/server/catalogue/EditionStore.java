package lexicor.server.catalogue;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface EditionStore extends JpaRepository<EditionRecord, Long> {
    Optional<EditionRecord> findFirstByDigest(String digest);
}
