package lexicor.core.catalogue.figures;

import java.util.List;

/**
 * A region drawn with the places at which tests look or feel.
 *
 * @param name as it stands beside the drawing
 * @param drawn the region in its pose
 */
public record PlaceMap(String name, Figure drawn, List<Mark> marks) {
    /**
     * Where a place of a test lies.
     *
     * @param at the place; empty where the test has one
     * @param name on the map; empty where the place's own, or the test's, stands there
     */
    public record Mark(String test, String at, String name, Site site) {}
}
