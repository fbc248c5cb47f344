package lexicor.server.cases;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface TombstoneStore extends JpaRepository<Tombstone, String> {
    List<Tombstone> findAllByOrderByDeletedAtDesc();
}
