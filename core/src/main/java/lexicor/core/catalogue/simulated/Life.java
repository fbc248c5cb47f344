package lexicor.core.catalogue.simulated;

import java.util.List;

/**
 * What somebody does.
 *
 * @param ages ids of the age bands that it fits
 * @param work half a sentence: throws pots at the pottery
 * @param free half a sentence
 */
public record Life(List<String> ages, String work, String free) {}
