package lexicor.core.weighing.explain;

import java.util.List;
import lexicor.core.catalogue.published.AccuracyRow;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.evidence.Study;
import lexicor.core.weighing.LedgerRow;
import lexicor.core.weighing.Status;
import lexicor.core.weighing.WeighedCondition;
import lexicor.core.weighing.model.Item;

/** How much of what moved a condition rests on figures that nobody has checked against their source. */
public final class UncheckedShare {
    private UncheckedShare() {}

    /**
     * The share of the weight, from 0 to 1: what each counted finding added, in log-odds without its sign, times the share of
     * its people who are in unchecked rows. A working measure of ours (method M15). 0 where nothing counts.
     */
    public static double of(WeighedCondition condition, EvidenceBase evidence) {
        double all = 0;
        double unchecked = 0;
        for (LedgerRow row : condition.ledger()) {
            if (row.status() == Status.COUNTED) {
                double weight = row.weight();
                all += weight;
                unchecked += weight * share(row, condition.id(), evidence);
            }
        }
        return all > 0 ? unchecked / all : 0;
    }

    private static double share(LedgerRow row, String condition, EvidenceBase evidence) {
        if (row.kind() == Item.Kind.CLUSTER) {
            return evidence.isClusterChecked(row.id()) ? 0 : 1;
        }
        if (row.judged()) {
            return 1;
        }
        List<AccuracyRow> used = evidence.pooled(row.id(), condition);
        double people = used.stream().mapToDouble(UncheckedShare::people).sum();
        double unchecked = used.stream()
                .filter(r -> !evidence.isChecked(r))
                .mapToDouble(UncheckedShare::people)
                .sum();
        return people > 0 ? unchecked / people : 0;
    }

    private static double people(AccuracyRow row) {
        return row.figures()
                .studied()
                .orElseGet(() -> row.figures().diseased().orElse(Study.ASSUMED_SIZE)
                        + row.figures().healthy().orElse(Study.ASSUMED_SIZE));
    }
}
