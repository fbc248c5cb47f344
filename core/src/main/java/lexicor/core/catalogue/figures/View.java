package lexicor.core.catalogue.figures;

import java.util.Optional;

/**
 * From where a figure is seen.
 *
 * @param turn about the upright: 0 from the front, 90 from the person's left
 * @param raise how far from above
 * @param closeup in place of both: from one side of a part
 */
public record View(double turn, double raise, Optional<Closeup> closeup) {

    /**
     * @param side the side of the part that faces the onlooker
     * @param up the side of it that is up in the picture
     */
    public record Closeup(String of, String side, String up) {}
}
