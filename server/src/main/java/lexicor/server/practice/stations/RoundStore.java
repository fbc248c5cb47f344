package lexicor.server.practice.stations;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface RoundStore extends JpaRepository<RoundRecord, Long> {
    List<RoundRecord> findAllByOrderByIdDesc();

    @Query("select r from RoundRecord r where :person member of r.students order by r.id desc")
    List<RoundRecord> of(String person);
}
