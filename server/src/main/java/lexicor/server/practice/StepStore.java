package lexicor.server.practice;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface StepStore extends JpaRepository<StepRecord, Long> {
    List<StepRecord> findByPatientIdAndUndoneFalseOrderById(Long patientId);

    List<StepRecord> findByPatientIdOrderById(Long patientId);

    Optional<StepRecord> findByPatientIdAndKey(Long patientId, UUID key);

    long countByPatientId(Long patientId);
}
