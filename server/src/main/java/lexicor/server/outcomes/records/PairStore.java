package lexicor.server.outcomes.records;

import org.springframework.data.jpa.repository.JpaRepository;

public interface PairStore extends JpaRepository<PairRecord, Long> {}
