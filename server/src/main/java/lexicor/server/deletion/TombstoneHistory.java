package lexicor.server.deletion;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import lexicor.server.history.HistorySource;
import lexicor.server.history.Revised;
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
    public List<Revised> latest(int most) {
        return tombstones.latest(Limit.of(most)).stream()
                .flatMap(t -> t.broughtBackAt == null
                        ? Stream.of(deleted(t))
                        : Stream.of(
                                deleted(t),
                                new Revised(
                                        0,
                                        t.broughtBackAt,
                                        t.broughtBackBy,
                                        Map.of(t.code, t.reason),
                                        Map.of(t.code, "brought back"))))
                .toList();
    }

    private static Revised deleted(Tombstone t) {
        String gone = t.goneAt == null
                ? ""
                : " (removed for good " + t.goneAt.toString().substring(0, 10) + ")";
        return new Revised(0, t.deletedAt, t.deletedBy, Map.of(), Map.of(t.code, t.reason + gone));
    }
}
