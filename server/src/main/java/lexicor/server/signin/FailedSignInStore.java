package lexicor.server.signin;

import java.time.Instant;
import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface FailedSignInStore extends JpaRepository<FailedSignInRecord, Long> {
    List<FailedSignInRecord> findByOrderByLastAtDesc(Limit most);

    void deleteByLastAtBefore(Instant time);
}
