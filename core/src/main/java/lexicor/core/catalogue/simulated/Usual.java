package lexicor.core.catalogue.simulated;

/** What a sound side measures, evenly between two numbers, in the unit of the reading. */
public record Usual(double low, double high) {}
