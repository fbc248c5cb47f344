package lexicor.core.weighing.input;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import lexicor.core.catalogue.published.ClusterRule;
import lexicor.core.catalogue.published.ClusterRule.Weighted;
import lexicor.core.catalogue.published.FindingRule;
import lexicor.core.catalogue.published.Truth;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class PointsSoFarTest {
    /** It is decided as soon as whatever is open could change nothing, and not before. */
    @Property
    void theLineIsReachedOrOutOfReachExactlyWhereEveryWayToGoOnSaysSo(@ForAll Random random) {
        List<Weighted> items = new ArrayList<>();
        Map<String, Truth> known = new HashMap<>();
        List<Double> open = new ArrayList<>();
        double sure = 0;
        for (int i = 1 + random.nextInt(6); i > 0; i--) {
            double points = (1 + random.nextInt(10)) / 2.0;
            Truth truth = Truth.values()[random.nextInt(Truth.values().length)];
            items.add(new Weighted("", new FindingRule.Leaf("f" + i), points));
            known.put("f" + i, truth);
            if (truth == Truth.UNKNOWN) {
                open.add(points);
            } else if (truth == Truth.HOLDS) {
                sure += points;
            }
        }
        ClusterRule.Points rule = new ClusterRule.Points(items, (1 + random.nextInt(30)) / 2.0);
        Set<Boolean> ends = new HashSet<>();
        for (int way = 0; way < 1 << open.size(); way++) {
            double sum = sure;
            for (int i = 0; i < open.size(); i++) {
                sum += (way >> i & 1) * open.get(i);
            }
            ends.add(sum >= rule.line());
        }
        Truth expected = ends.size() == 2 ? Truth.UNKNOWN : ends.contains(true) ? Truth.HOLDS : Truth.FAILS;
        assertThat(PointsSoFar.of(rule, known::get).truth()).isEqualTo(expected);
    }

    @Test
    void itIsSaidInPoints() {
        ClusterRule.Points rule = new ClusterRule.Points(
                List.of(
                        new Weighted("", new FindingRule.Leaf("night"), 3.5),
                        new Weighted("", new FindingRule.Leaf("phalen"), 5)),
                4);
        Map<String, Truth> night = Map.of("night", Truth.HOLDS, "phalen", Truth.UNKNOWN);
        assertThat(PointsSoFar.of(rule, night::get).words()).isEqualTo("3.5 of 8.5 points, line 4, 5 open");
    }
}
