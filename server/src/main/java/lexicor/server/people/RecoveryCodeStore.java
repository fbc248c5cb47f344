package lexicor.server.people;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface RecoveryCodeStore extends JpaRepository<RecoveryCodeRecord, Long> {
    Optional<RecoveryCodeRecord> findByPersonIdAndHash(Long personId, String hash);

    int countByPersonId(Long personId);

    void deleteByPersonId(Long personId);
}
