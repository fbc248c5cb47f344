package lexicor.server.outcomes;

/** What is known of a case is not what it was; told when it is stored. */
public record OutcomeChanged(long caseId) {}
