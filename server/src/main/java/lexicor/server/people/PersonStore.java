package lexicor.server.people;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface PersonStore extends JpaRepository<PersonRecord, Long> {
    Optional<PersonRecord> findByName(String name);

    /** Locked until the transaction ends, so that a code that counts once is counted once. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select p from PersonRecord p where p.name = :name")
    Optional<PersonRecord> lockByName(String name);

    List<PersonRecord> findAllByOrderByName();

    long countByRoleAndActiveTrue(Role role);
}
