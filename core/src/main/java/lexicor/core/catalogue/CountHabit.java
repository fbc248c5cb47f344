package lexicor.core.catalogue;

import java.util.List;

/** A count practised without published accuracy: shown as a count, never weighed. */
public record CountHabit(String id, String name, String condition, List<String> members, int atLeast, String note) {}
