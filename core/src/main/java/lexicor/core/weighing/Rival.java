package lexicor.core.weighing;

/**
 * Another condition that explains some of the findings (method M17).
 *
 * @param ifAbsent the probability were the other excluded
 */
public record Rival(String id, double ifAbsent) {}
