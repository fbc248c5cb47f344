package lexicor.server.people;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface PersonStore extends JpaRepository<PersonRecord, Long> {
    Optional<PersonRecord> findByName(String name);

    List<PersonRecord> findAllByOrderByName();

    long countByRoleAndActiveTrue(Role role);
}
