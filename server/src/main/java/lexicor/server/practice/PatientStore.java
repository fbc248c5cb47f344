package lexicor.server.practice;

import jakarta.persistence.LockModeType;
import java.util.Collection;
import java.util.List;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface PatientStore extends JpaRepository<PatientRecord, Long> {
    /** Locked until the transaction ends, so that what is done with one patient is done one after another. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select p from PatientRecord p where p.id = :id")
    PatientRecord lock(Long id);

    List<PatientRecord> findByOwnerOrderByStartedAtDescIdDesc(String owner, Pageable page);

    List<PatientRecord> findByOwnerOrderById(String owner);

    List<PatientRecord> findByOwnerInOrderByStartedAtDesc(Collection<String> owners);

    List<PatientRecord> findByOwnerAndSeedAndComplaintAndSetting(
            String owner, long seed, String complaint, String setting);

    List<PatientRecord> findByStationOrderByIdDesc(Long station);

    void deleteByOwner(String owner);
}
