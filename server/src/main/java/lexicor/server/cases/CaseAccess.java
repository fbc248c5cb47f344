package lexicor.server.cases;

/**
 * Somebody had to do with a case otherwise than by recording in it; told to whoever writes such things down.
 *
 * @param caseId of the stored case
 */
public record CaseAccess(long caseId, Kind kind) {
    /** What was done. */
    public enum Kind {
        OPENED,
        EXPORTED,
        BROUGHT_IN
    }
}
