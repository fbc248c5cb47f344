package lexicor.core.catalogue;

/** One of a list that somebody chooses from: what is recorded, and how it reads. */
public record Choice(String id, String label) {}
