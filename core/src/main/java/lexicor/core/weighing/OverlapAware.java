package lexicor.core.weighing;

import java.util.List;
import lexicor.core.weighing.input.WeighingSettings;
import lexicor.core.weighing.model.Item;
import lexicor.core.weighing.model.Nodes;
import lexicor.core.weighing.model.OverlapModel;

/** The overlap model with decided clusters in the place of their members (method M4, M5). */
record OverlapAware() implements SchoolRule {
    @Override
    public Nodes nodes(WeighingSettings settings, int findings) {
        return Nodes.of(settings.familyOverlap(), settings.generalOverlap(), findings);
    }

    @Override
    public boolean holdsMembers() {
        return true;
    }

    @Override
    public List<Item> entered(Selection selection) {
        return selection.entered;
    }

    @Override
    public OverlapModel counted(OverlapModel entered) {
        return entered.settled();
    }

    @Override
    public double logRatioWith(ConditionWeighing standing, List<Item> further) {
        OverlapModel joint = standing.byItself().entered;
        for (Item item : further) {
            joint = joint.plus(item);
        }
        return joint.settled().logRatio();
    }

    @Override
    public double logRatioWith(ConditionWeighing standing, Item further, OverlapModel.Extension extension) {
        boolean asItStands = standing.counted().items.size()
                        == standing.byItself().entered.items.size()
                && !extension.hasReversal(further.positive);
        return asItStands ? extension.logRatio(further.positive) : logRatioWith(standing, List.of(further));
    }

    @Override
    public Status notCounted(Status status) {
        return status == Status.COUNTED ? Status.SET_ASIDE : status;
    }
}
