package lexicor.server.outcomes.records;

import org.springframework.data.jpa.repository.JpaRepository;

public interface AttachedContentStore extends JpaRepository<AttachedContent, Long> {}
