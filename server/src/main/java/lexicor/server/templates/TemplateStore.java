package lexicor.server.templates;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface TemplateStore extends JpaRepository<TemplateRecord, Long> {
    List<TemplateRecord> findAllByOrderByName();

    Optional<TemplateRecord> findByName(String name);
}
