package lexicor.core.weighing;

import java.util.List;
import lexicor.core.weighing.input.WeighingSettings;
import lexicor.core.weighing.model.Item;
import lexicor.core.weighing.model.Nodes;
import lexicor.core.weighing.model.OverlapModel;

/** What a school makes of one condition (method M8): what of a selection it counts, and what further results would do. */
sealed interface SchoolRule permits Independent, OverlapAware, PublishedClusters, StrongestPerFamily {
    /**
     * The nodes that the school integrates over; without overlap there is a single one.
     *
     * @param findings how many findings and clusters may count
     */
    default Nodes nodes(WeighingSettings settings, int findings) {
        return Nodes.WITHOUT_OVERLAP;
    }

    /** What it counts, before anything is set aside. */
    List<Item> entered(Selection selection);

    /** What is left of it once no finding argues against itself; only overlap can make one do so. */
    default OverlapModel counted(OverlapModel entered) {
        return entered;
    }

    /**
     * {@code ln LR_joint} with results of tests that have not spoken yet beside everything entered, reversals set aside.
     *
     * @param standing what the school makes of the case as it is
     */
    double logRatioWith(ConditionWeighing standing, List<Item> further);

    /** The same for one result, of which the extension is known already. */
    default double logRatioWith(ConditionWeighing standing, Item further, OverlapModel.Extension extension) {
        return logRatioWith(standing, List.of(further));
    }

    /** Whether members of a cluster that is open say no more than it could. */
    default boolean holdsMembers() {
        return false;
    }

    /** The status of a finding that is not among what the school counted. */
    Status notCounted(Status status);

    /** The sum of what each says alone: plain multiplication. */
    static double sum(List<Item> items) {
        return items.stream().mapToDouble(i -> i.logAlone).sum();
    }
}
