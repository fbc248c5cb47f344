package lexicor.core.weighing;

import java.util.List;
import lexicor.core.weighing.model.Item;

/** The decided clusters alone, multiplied (method M8). */
record PublishedClusters() implements SchoolRule {
    @Override
    public List<Item> entered(Selection selection) {
        return selection.clusters.stream()
                .map(d -> d.reading().in(d.cluster().id()))
                .toList();
    }

    /** Single results do not count. */
    @Override
    public double logRatioWith(ConditionWeighing standing, List<Item> further) {
        return standing.counted().logRatio();
    }

    @Override
    public Status notCounted(Status status) {
        return status == Status.COUNTED ? Status.OTHER_SCHOOL : status;
    }
}
