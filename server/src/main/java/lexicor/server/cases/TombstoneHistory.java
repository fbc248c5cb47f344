package lexicor.server.cases;

import java.util.List;
import java.util.Map;
import lexicor.server.history.HistorySource;
import lexicor.server.history.Revised;
import org.springframework.stereotype.Component;

/** Cases that were deleted. */
@Component
class TombstoneHistory implements HistorySource {
    private final TombstoneStore tombstones;

    TombstoneHistory(TombstoneStore tombstones) {
        this.tombstones = tombstones;
    }

    @Override
    public String subject() {
        return "Deleted cases";
    }

    @Override
    public List<Revised> changes() {
        return tombstones.findAllByOrderByDeletedAtDesc().stream()
                .map(t -> new Revised(
                        0,
                        t.deletedAt,
                        t.deletedBy,
                        Map.of(),
                        Map.of(
                                t.code,
                                t.reason
                                        + (t.goneAt == null
                                                ? ""
                                                : " (removed for good "
                                                        + t.goneAt.toString().substring(0, 10) + ")"))))
                .toList();
    }
}
