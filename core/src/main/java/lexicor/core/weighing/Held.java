package lexicor.core.weighing;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import lexicor.core.weighing.Selection.OpenCluster;
import lexicor.core.weighing.input.DecidedCluster;
import lexicor.core.weighing.model.Item;
import lexicor.core.weighing.model.Nodes;
import lexicor.core.weighing.model.OverlapModel;

/**
 * What open clusters hold back (method M5): while a rule is open, its members together say no more than it could, since they are the
 * same patients.
 *
 * @param logRatio the joint {@code ln LR} once every open cluster holds its members
 * @param by the clusters that hold, in the order in which they would count
 */
record Held(double logRatio, List<String> by) {
    /**
     * @param entered everything that enters, before anything is set aside
     * @param counted what is left of it
     * @param figures what a cluster is with the figures that the way believes
     */
    static Held of(
            Selection selection, Nodes nodes, OverlapModel entered, OverlapModel counted, UnaryOperator<Item> figures) {
        double joint = counted.logRatio();
        List<String> by = new ArrayList<>();
        List<DecidedCluster> before = new ArrayList<>(selection.clusters);
        for (OpenCluster open : selection.open) {
            List<String> members = open.cluster().members();
            boolean counts = counted.items.stream().anyMatch(i -> isMember(i, members));
            if (!counts || before.stream().anyMatch(c -> selection.shareATest(open.ifPositive(), c))) {
                continue;
            }
            before.add(open.ifPositive());
            List<Item> rest =
                    entered.items.stream().filter(i -> !isMember(i, members)).toList();
            double without = OverlapModel.of(nodes, rest).settled().logRatio();
            double held = joint;
            if (joint > without) {
                held = Math.min(joint, Math.max(without, with(open.ifPositive(), selection, nodes, rest, figures)));
            } else if (!open.cluster().rulesInOnly()) {
                held = Math.max(joint, Math.min(without, with(open.ifNegative(), selection, nodes, rest, figures)));
            }
            if (Math.abs(held - joint) > Item.TOLERANCE) {
                by.add(open.cluster().id());
                joint = held;
            }
        }
        return new Held(joint, List.copyOf(by));
    }

    private static boolean isMember(Item item, List<String> members) {
        return item.kind == Item.Kind.FINDING && members.contains(item.id);
    }

    /** The joint {@code ln LR} with the cluster so decided in place of its members. */
    private static double with(
            DecidedCluster decided, Selection selection, Nodes nodes, List<Item> rest, UnaryOperator<Item> figures) {
        List<Item> findings =
                rest.stream().filter(i -> i.kind == Item.Kind.FINDING).toList();
        Item item = selection.item(decided, findings);
        List<Item> all = new ArrayList<>(rest);
        all.add(figures.apply(item));
        return OverlapModel.of(nodes, all).settled().logRatio();
    }
}
