package lexicor.core.catalogue.simulated;

import java.util.List;

/**
 * How often a simulated patient has a precaution or a warning sign, and what they say when asked.
 *
 * @param chance without any of the conditions, from 0 to 1
 * @param with conditions with which it is more frequent
 * @param withChance with one of them
 */
public record Occurrence(double chance, List<String> with, double withChance, List<String> says) {}
