package lexicor.core.catalogue;

import java.util.List;
import java.util.Optional;

/**
 * The measures, in the order of the measuring screen, and which of them are read together.
 *
 * @param looseness the criteria that tell how loose the shoulder is, by direction
 * @param general the criterion for looseness of all joints
 * @param capsular the movement whose passive loss comes first in a capsular pattern
 * @param external external rotation strength
 * @param internal internal rotation strength
 * @param labral families of tests that make the labral panel
 */
public record MeasureList(
        List<Measure> measures,
        List<Direction> looseness,
        String general,
        String capsular,
        String external,
        String internal,
        List<String> labral) {

    /** A direction in which the shoulder can be loose. */
    public record Direction(String name, List<String> criteria) {}

    public Optional<Measure> measure(String id) {
        return measures.stream().filter(m -> m.id().equals(id)).findFirst();
    }
}
