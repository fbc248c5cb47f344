package lexicor.core.catalogue.figures;

/**
 * A place on the skin.
 *
 * @param part its name, see {@link BodyPart}
 * @param at how far along it, percent
 * @param across how far to the thumb side of it, percent of half its width; to the little finger side below 0
 * @param side on which side of it: directions joined by +; empty where none is said
 */
public record Site(String part, double at, double across, String side) {}
