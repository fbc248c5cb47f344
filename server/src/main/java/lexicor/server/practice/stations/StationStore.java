package lexicor.server.practice.stations;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface StationStore extends JpaRepository<StationRecord, Long> {
    List<StationRecord> findAllByOrderByIdDesc();

    @Query("select s from StationRecord s where :person member of s.given order by s.id desc")
    List<StationRecord> givenTo(String person);
}
