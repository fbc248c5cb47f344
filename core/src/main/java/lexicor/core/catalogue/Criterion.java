package lexicor.core.catalogue;

import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A named way to read a test. The same position may be read by several criteria, each with accuracy figures of its own.
 *
 * @param id the test's id, a slash and the criterion's name
 * @param label what a positive is called
 * @param at the landmark, movement or position whose own readings it uses; empty where the test has one set of readings
 * @param positiveWhen the rule
 * @param raises the warning sign that a positive raises
 * @param evenOnBothSides whether looseness counts although both sides have it
 */
public record Criterion(
        String id, String label, String at, Rule positiveWhen, Optional<Raises> raises, boolean evenOnBothSides) {
    /**
     * The warning sign that a positive raises.
     *
     * @param onlyAfterInjury whether it does so only after an injury
     */
    public record Raises(String warning, boolean onlyAfterInjury) {}

    /** The kinds of reading that its rule asks for, whatever the place (method M3). */
    public Set<String> reads() {
        return positiveWhen
                .comparisons()
                .flatMap(c -> c.leaf().observes().stream())
                .collect(Collectors.toUnmodifiableSet());
    }

    /** The criterion's name without its test. */
    public String name() {
        return id.substring(id.indexOf('/') + 1);
    }
}
