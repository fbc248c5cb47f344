package lexicor.server.outcomes.records;

import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface FactStore extends JpaRepository<FactRecord, Long> {
    /** Cases that have changed since, or have come or gone, or are open and were read with another content. */
    @Query("select c.id from CaseRecord c left join FactRecord f on f.caseId = c.id"
            + " where (c.deletedAt is null and c.secondOf is null and (f.caseId is null or f.caseVersion <> c.version"
            + " or f.caseUpdatedAt is distinct from c.updatedAt or (c.closedAt is null and f.content <> :content)))"
            + " or (c.deletedAt is not null and f.caseId is not null) order by c.id")
    List<Long> stale(String content, Limit most);

    /** How many those are. */
    @Query("select count(c) from CaseRecord c left join FactRecord f on f.caseId = c.id"
            + " where c.deletedAt is null and c.secondOf is null and (f.caseId is null or f.caseVersion <> c.version"
            + " or f.caseUpdatedAt is distinct from c.updatedAt or (c.closedAt is null and f.content <> :content))")
    long countStale(String content);
}
