package lexicor.server.deletion;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import lexicor.server.history.Change;
import lexicor.server.history.HistorySource;
import org.springframework.data.domain.Limit;
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
    public boolean isForOverseers() {
        return true;
    }

    @Override
    public List<Change> latest(int most) {
        return tombstones.latest(Limit.of(most)).stream()
                .flatMap(t -> t.broughtBackAt == null
                        ? Stream.of(deleted(t))
                        : Stream.of(
                                deleted(t),
                                new Change(
                                        t.broughtBackAt,
                                        t.broughtBackBy,
                                        name(t),
                                        Map.of(),
                                        "brought back",
                                        List.of(),
                                        "")))
                .toList();
    }

    private static String name(Tombstone t) {
        return "Case " + t.code;
    }

    private static Change deleted(Tombstone t) {
        String gone = t.goneAt == null
                ? "deleted"
                : "deleted, removed for good " + t.goneAt.toString().substring(0, 10);
        return new Change(t.deletedAt, t.deletedBy, name(t), Map.of(), gone, List.of(), t.reason);
    }
}
