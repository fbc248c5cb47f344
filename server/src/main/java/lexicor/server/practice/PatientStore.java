package lexicor.server.practice;

import jakarta.persistence.LockModeType;
import java.util.List;
import lexicor.server.practice.HomeViews.StudentLine;
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

    List<PatientRecord> findByOwnerAndSeedAndComplaintAndSetting(
            String owner, long seed, String complaint, String setting);

    List<PatientRecord> findByStationOrderByIdDesc(Long station);

    int countByStationAndEndedAtNotNull(Long station);

    /** How somebody did over all that are over; the means are null where none is. */
    @Query(
            "select new lexicor.server.practice.HomeViews$StudentLine(:owner, cast(count(p) as int), avg(p.brier), avg(p.programBrier))"
                    + " from PatientRecord p where p.owner = :owner and p.endedAt is not null")
    StudentLine line(String owner);

    void deleteByOwner(String owner);
}
