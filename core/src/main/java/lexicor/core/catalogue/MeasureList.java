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
 * @param regrowth how a regrowing nerve is followed
 * @param followed signs followed from visit to visit
 */
public record MeasureList(
        List<Measure> measures,
        List<Direction> looseness,
        String general,
        String capsular,
        String external,
        String internal,
        List<String> labral,
        Regrowth regrowth,
        List<Followed> followed) {

    /** A direction in which the shoulder can be loose. */
    public record Direction(String name, List<String> criteria) {}

    /**
     * How a regrowing nerve is followed.
     *
     * @param test the test of its tapping point
     * @param nerves what is offered to say which nerve was tapped
     * @param landmarks from where the distance was measured
     * @param limbPositions how the limb lay
     */
    public record Regrowth(String test, List<String> nerves, List<String> landmarks, List<String> limbPositions) {}

    /** A sign of a test that is followed from visit to visit. */
    public record Followed(String name, String test, ReadingLeaf reading) {}

    public Optional<Measure> measure(String id) {
        return measures.stream().filter(m -> m.id().equals(id)).findFirst();
    }
}
