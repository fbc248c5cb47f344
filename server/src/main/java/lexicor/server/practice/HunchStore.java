package lexicor.server.practice;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface HunchStore extends JpaRepository<HunchRecord, Long> {
    List<HunchRecord> findByOwnerOrderByMadeAtAscIdAsc(String owner);
}
