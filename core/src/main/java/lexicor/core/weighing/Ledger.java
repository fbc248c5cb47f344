package lexicor.core.weighing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import lexicor.core.weighing.model.Item;
import lexicor.core.weighing.model.OverlapModel;

/** What became of every finding and cluster for one condition, in the order given, once it is known what counts (method M9). */
final class Ledger {
    private final Selection selection;
    private final OverlapModel counted;
    private final School school;
    private final Optional<AmongRivals> among;

    Ledger(Selection selection, OverlapModel counted, School school, Optional<AmongRivals> among) {
        this.selection = selection;
        this.counted = counted;
        this.school = school;
        this.among = among;
    }

    List<LedgerRow> rows() {
        List<LedgerRow> rows = new ArrayList<>();
        for (String id : selection.findings()) {
            Selection.Row row = selection.finding(id);
            rows.add(
                    among.isPresent()
                            ? findingAmongRivals(id, row, among.get())
                            : byItself(id, Item.Kind.FINDING, row));
        }
        for (String id : selection.clusterIds()) {
            Selection.Row row = selection.cluster(id).orElseThrow();
            rows.add(
                    among.isPresent() && row.status() == Status.COUNTED
                            ? row(id, Item.Kind.CLUSTER, row, OptionalDouble.empty(), Status.SHARED, "")
                            : byItself(id, Item.Kind.CLUSTER, row));
        }
        return List.copyOf(rows);
    }

    private LedgerRow byItself(String id, Item.Kind kind, Selection.Row row) {
        Optional<Item> item = counted.items.stream()
                .filter(i -> i.kind == kind && i.id.equals(id))
                .findFirst();
        return row(
                id,
                kind,
                row,
                item.isPresent() ? OptionalDouble.of(counted.logAdded(item.get())) : OptionalDouble.empty(),
                item.isPresent() ? Status.COUNTED : school.rule().notCounted(row.status()),
                row.because());
    }

    /** Members have their say beside the clusters that they decide. */
    private LedgerRow findingAmongRivals(String id, Selection.Row row, AmongRivals rivals) {
        if (row.logAlone().isEmpty()) {
            return byItself(id, Item.Kind.FINDING, row);
        }
        Optional<String> other = selection.speakerInPlaceOf(id);
        if (other.isPresent()) {
            return row(id, Item.Kind.FINDING, row, OptionalDouble.empty(), Status.SAME_TEST, other.get());
        }
        return rivals.setAsideBy(id)
                .map(by -> row(id, Item.Kind.FINDING, row, OptionalDouble.empty(), Status.SET_ASIDE, by))
                .orElseGet(() -> row(id, Item.Kind.FINDING, row, rivals.logAdded(id), Status.COUNTED, ""));
    }

    private static LedgerRow row(
            String id, Item.Kind kind, Selection.Row row, OptionalDouble logAdded, Status status, String because) {
        return new LedgerRow(id, kind, row.result(), exp(row.logAlone()), exp(logAdded), status, because, row.judged());
    }

    private static OptionalDouble exp(OptionalDouble log) {
        return log.isPresent() ? OptionalDouble.of(Math.exp(log.getAsDouble())) : log;
    }
}
