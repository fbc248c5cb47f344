package lexicor.server.signin;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** Somebody has signed in at a device, which is named by a hash. */
@Entity
@Table(name = "known_device")
class KnownDeviceRecord {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    String device;
    String person;
    Instant seenAt;
}
