package lexicor.core.weighing;

import java.util.List;
import lexicor.core.weighing.model.Item;

/** Every finding's likelihood ratio multiplied, one criterion a test, no clusters (method M8). */
record Independent() implements SchoolRule {
    @Override
    public List<Item> entered(Selection selection) {
        return selection.speakers;
    }

    @Override
    public double logRatioWith(ConditionWeighing standing, List<Item> further) {
        return standing.counted().logRatio() + SchoolRule.sum(further);
    }

    @Override
    public Status notCounted(Status status) {
        return status == Status.COUNTED || status == Status.SUPERSEDED ? Status.OTHER_SCHOOL : status;
    }
}
