package lexicor.core.weighing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import lexicor.core.numbers.Logit;
import lexicor.core.weighing.model.Item;
import lexicor.core.weighing.model.Nodes;
import lexicor.core.weighing.model.OverlapModel;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The quadrature keeps its promise at every overlap that can be set (method M4). */
class NodesTest {
    private static final int FINE = 201;

    /** Overlaps on the table's grid, between its places and at its ends; findings as the model's own patients show them. */
    @ParameterizedTest
    @CsvSource({
        "0.45, 0.20",
        "0.45, 0.45",
        "0.45, 0",
        "0.38, 0.02",
        "0.13, 0.13",
        "0.05, 0.01",
        "0.55, 0.25",
        "0.70, 0.50",
        "0.85, 0.40",
        "0.90, 0",
        "0.90, 0.50"
    })
    void probabilitiesStayWithinAMillionthOfTwoHundredAndOneNodes(double family, double general) {
        Random random = new Random(29);
        for (int count : new int[] {1, 3, 7, 13, 26, 40}) {
            for (int families : new int[] {1, 3}) {
                List<Item> items = patient(count, families, family, general, random);
                Nodes needed = Nodes.of(family, general, items.size());
                double fine = posttest(new Nodes(family, general, FINE, FINE), items);
                assertThat(posttest(needed, items))
                        .as("%d findings in %d families", count, families)
                        .isCloseTo(fine, within(1e-6));
            }
        }
    }

    private static double posttest(Nodes nodes, List<Item> items) {
        return Logit.inverse(Logit.of(0.35) + OverlapModel.of(nodes, items).logRatio());
    }

    private static List<Item> patient(int count, int families, double family, double general, Random random) {
        boolean present = random.nextBoolean();
        double z0 = random.nextGaussian();
        double[] own = {random.nextGaussian(), random.nextGaussian(), random.nextGaussian()};
        List<Item> items = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double sensitivity = 0.35 + 0.55 * random.nextDouble();
            double specificity = Math.min(0.96, 1.1 - sensitivity + 0.5 * random.nextDouble());
            Item item = new Simple("F" + i % families, true, sensitivity, specificity).item("f" + i);
            double latent = item.threshold(present)
                    + Math.sqrt(general) * z0
                    + Math.sqrt(family - general) * own[i % families]
                    + Math.sqrt(1 - family) * random.nextGaussian();
            items.add(item.read(latent > 0));
        }
        return items;
    }
}
