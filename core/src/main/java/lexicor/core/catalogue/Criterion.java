package lexicor.core.catalogue;

/**
 * A named way to read a test. The same position may be read by several criteria, each with accuracy figures of its own.
 *
 * @param id the test's id, a slash and the criterion's name
 * @param label what a positive is called
 * @param at the landmark, movement or position whose own readings it uses; empty where the test has one set of readings
 * @param positiveWhen the rule
 */
public record Criterion(String id, String label, String at, Rule positiveWhen) {
    /** The criterion's name without its test. */
    public String name() {
        return id.substring(id.indexOf('/') + 1);
    }
}
