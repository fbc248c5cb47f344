package lexicor.core.practice.patient;

import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.catalogue.simulated.Simulation;
import lexicor.core.catalogue.simulated.Usual;

/** What a sound side measures. */
final class Sound {
    private Sound() {}

    static double usual(Simulation simulation, Draws draws, String place, ReadingLeaf leaf) {
        boolean range = leaf.reading().equals("rangeDeg");
        Usual bounds = range && simulation.ranges().containsKey(place)
                ? simulation.ranges().get(place)
                : simulation.usual().getOrDefault(leaf.leafName(), new Usual(0, 0));
        return draws.between("usual " + (range ? place : "") + leaf.leafName(), bounds.low(), bounds.high());
    }
}
