package lexicor.core.weighing;

import java.util.Collections;
import java.util.List;
import java.util.OptionalDouble;
import lexicor.core.weighing.input.WeighingSettings;
import lexicor.core.weighing.model.Item;
import lexicor.core.weighing.model.Nodes;
import lexicor.core.weighing.model.OverlapModel;

/** What one way to weigh makes of a condition by itself (method M4, M5, M8). What is costly is worked out on first use. */
final class ByItself {
    /** Everything that the way counts, before anything is set aside. */
    final OverlapModel entered;
    /** What is left once no finding argues against itself. */
    final OverlapModel counted;
    /** What it integrates over. */
    final Nodes nodes;

    private final Selection selection;
    private final School school;
    private final WeighingSettings settings;
    private Held held;

    ByItself(Selection selection, School school, WeighingSettings settings) {
        this.selection = selection;
        this.school = school;
        this.settings = settings;
        nodes = school.rule().nodes(settings, selection.families().size());
        entered = OverlapModel.of(nodes, figures(school.rule().entered(selection)));
        counted = school.rule().counted(entered);
    }

    /** The findings with the figures that the way believes. */
    List<Item> figures(List<Item> printed) {
        return printed.stream().map(this::figures).toList();
    }

    Item figures(Item printed) {
        return school.isSober() ? printed.sober() : printed;
    }

    /** What open clusters make of it; only where overlaps count do they hold. */
    Held held() {
        if (held == null) {
            held = school.rule().holdsMembers() && !selection.open.isEmpty()
                    ? Held.of(selection, nodes, entered, counted, this::figures)
                    : new Held(counted.logRatio(), List.of());
        }
        return held;
    }

    /** {@code ln LR_joint}, reversals set aside and members held. */
    double logRatio() {
        return held().logRatio();
    }

    /** By how much counted clusters, and open ones that hold, move it beside their members one by one (K of method M17). */
    OptionalDouble clusterLog() {
        if (!selection.clusters.isEmpty()) {
            double oneByOne = OverlapModel.of(nodes, figures(selection.speakers))
                    .settled()
                    .logRatio();
            return OptionalDouble.of(logRatio() - oneByOne);
        }
        return held().by().isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(logRatio() - counted.logRatio());
    }

    /** Whether it is integrated over the same nodes with one more finding of a family. */
    boolean keepsItsNodesWith(String family) {
        List<String> families = selection.families();
        int ofFamily = Collections.frequency(families, family);
        return school.rule().nodes(settings, families.size() + 1) == nodes
                && nodes.forFamilyOf(ofFamily) == nodes.forFamilyOf(ofFamily + 1);
    }
}
