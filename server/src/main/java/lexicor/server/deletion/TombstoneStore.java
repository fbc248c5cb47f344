package lexicor.server.deletion;

import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface TombstoneStore extends JpaRepository<Tombstone, Long> {
    /** The last that were deleted or brought back. */
    @Query("select t from Tombstone t order by coalesce(t.broughtBackAt, t.deletedAt) desc")
    List<Tombstone> latest(Limit most);

    /** Those whose case can still be brought back. */
    List<Tombstone> findByGoneAtIsNullAndBroughtBackAtIsNullAndCaseIdIsNotNullOrderByDeletedAtDesc();

    List<Tombstone> findByCaseId(Long caseId);
}
