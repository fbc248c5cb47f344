package lexicor.core.examination;

/**
 * Where readings belong.
 *
 * @param test the test's id
 * @param at the landmark, movement or position within the test; empty where it has one set of readings
 */
public record Place(String test, String at, Side side) {
    Place otherSide() {
        return new Place(test, at, side.other());
    }
}
