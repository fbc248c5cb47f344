package lexicor.core.weighing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import lexicor.core.weighing.model.Item;

/** In each family the finding with the largest {@code |ln LR|}, the families multiplied, no clusters (method M8). */
record StrongestPerFamily() implements SchoolRule {
    /** Strengths closer than this are equal; then the id in alphabetical order decides, whatever order they were found in. */
    private static final double TIE = 1e-12;

    @Override
    public List<Item> entered(Selection selection) {
        return strongest(selection.speakers);
    }

    static List<Item> strongest(List<Item> speakers) {
        List<Item> byId = new ArrayList<>(speakers);
        byId.sort(Comparator.comparing(i -> i.id));
        Map<String, Item> strongest = new LinkedHashMap<>();
        byId.forEach(item -> strongest.merge(
                item.family, item, (a, b) -> Math.abs(b.logAlone) > Math.abs(a.logAlone) + TIE ? b : a));
        return speakers.stream().filter(strongest::containsValue).toList();
    }

    @Override
    public double logRatioWith(ConditionWeighing standing, List<Item> further) {
        List<Item> all = new ArrayList<>(standing.selection.speakers);
        all.addAll(further);
        return SchoolRule.sum(strongest(all));
    }

    @Override
    public Status notCounted(Status status) {
        return status == Status.COUNTED || status == Status.SUPERSEDED ? Status.OTHER_SCHOOL : status;
    }
}
