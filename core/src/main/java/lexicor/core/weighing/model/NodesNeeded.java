package lexicor.core.weighing.model;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.ToDoubleFunction;
import java.util.function.ToIntFunction;
import java.util.stream.IntStream;

/**
 * How many nodes a joint probability calls for (method M4), from a table of what was measured at a grid of overlaps and
 * numbers of findings. Between its places the more demanding neighbour decides; with more findings than the table knows, its last row.
 */
final class NodesNeeded {
    /**
     * @param inner by the place in {@link #OF_FAMILY}
     */
    private record Measured(double family, double general, double findings, int outer, int[] inner) {}

    /** So many findings of a family, at most, its own factor's nodes are measured for. */
    private static final int[] OF_FAMILY = {5, 10, 20, 40};

    private static final int MOST = 201;
    private static final List<Measured> TABLE = read();

    private NodesNeeded() {}

    /** For the factor that all findings share. */
    static int outer(double familyOverlap, double generalOverlap, int findings) {
        return each(familyOverlap, generalOverlap, findings, Measured::outer);
    }

    /** For a family's own factor, beside so many nodes for the general one as all findings call for. */
    static List<Integer> inner(double familyOverlap, double generalOverlap, int findings) {
        return IntStream.range(0, OF_FAMILY.length)
                .mapToObj(place -> each(familyOverlap, generalOverlap, findings, m -> m.inner[place]))
                .toList();
    }

    /** Where in what {@link #inner} gives the nodes stand for a family of so many findings. */
    static int place(int ofFamily) {
        int place = 0;
        while (place < OF_FAMILY.length - 1 && OF_FAMILY[place] < ofFamily) {
            place++;
        }
        return place;
    }

    private static int each(double family, double general, int findings, ToIntFunction<Measured> nodes) {
        double count = above(Measured::findings, findings);
        double familyLow = below(Measured::family, family);
        double familyHigh = above(Measured::family, family);
        double generalLow = below(Measured::general, general);
        double generalHigh = above(Measured::general, general);
        return TABLE.stream()
                .filter(m -> m.findings == count)
                .filter(m -> m.family == familyLow || m.family == familyHigh)
                .filter(m -> m.general == generalLow || m.general == generalHigh)
                .mapToInt(nodes)
                .max()
                .orElse(MOST);
    }

    private static double above(ToDoubleFunction<Measured> place, double value) {
        double largest = TABLE.stream().mapToDouble(place).max().orElseThrow();
        return TABLE.stream().mapToDouble(place).filter(p -> p >= value).min().orElse(largest);
    }

    private static double below(ToDoubleFunction<Measured> place, double value) {
        double smallest = TABLE.stream().mapToDouble(place).min().orElseThrow();
        return TABLE.stream().mapToDouble(place).filter(p -> p <= value).max().orElse(smallest);
    }

    private static List<Measured> read() {
        try (InputStream file = NodesNeeded.class.getResourceAsStream("nodes.csv")) {
            List<Measured> table = new ArrayList<>();
            new String(file.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .skip(1)
                    .map(line -> line.split(","))
                    .forEach(f -> table.add(new Measured(
                            Double.parseDouble(f[0]),
                            Double.parseDouble(f[1]),
                            Double.parseDouble(f[2]),
                            Integer.parseInt(f[3]),
                            Arrays.stream(f).skip(4).mapToInt(Integer::parseInt).toArray())));
            return List.copyOf(table);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
