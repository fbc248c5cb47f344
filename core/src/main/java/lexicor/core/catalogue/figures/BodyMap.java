package lexicor.core.catalogue.figures;

import java.util.List;

/**
 * A body drawn with the areas where it can hurt.
 *
 * @param name as it stands beside the drawing
 */
public record BodyMap(String name, Figure drawn, List<Area> areas) {
    /**
     * @param id stands in records, with a side before it
     * @param name in the middle of a sentence, without a side
     * @param site of the affected arm; that of the other is its mirror image
     */
    public record Area(String id, String name, Site site) {}
}
