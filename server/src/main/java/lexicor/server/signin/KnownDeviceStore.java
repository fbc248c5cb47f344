package lexicor.server.signin;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface KnownDeviceStore extends JpaRepository<KnownDeviceRecord, Long> {
    Optional<KnownDeviceRecord> findByDeviceAndPerson(String device, String person);
}
