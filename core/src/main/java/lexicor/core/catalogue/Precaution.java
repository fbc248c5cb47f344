package lexicor.core.catalogue;

/** Why some tests must not be done; ticked at intake. A test is blocked by the precautions that it lists. */
public record Precaution(String id, String label) {}
