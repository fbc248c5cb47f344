package lexicor.core.catalogue;

import lexicor.core.catalogue.published.FindingRule;

/**
 * A consensus case definition without accuracy (method M18): it is met, not met or open, and moves no probability.
 *
 * @param condition the condition it defines
 * @param source who published it
 * @param note where the catalogue's sign is only near to the published one; may be empty
 */
public record Definition(String id, String condition, String name, String source, FindingRule rule, String note) {}
