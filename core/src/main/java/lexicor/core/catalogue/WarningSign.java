package lexicor.core.catalogue;

/** A sign that stands above every ranking: when it is raised and what it asks for. */
public record WarningSign(String id, String when, String message) {}
