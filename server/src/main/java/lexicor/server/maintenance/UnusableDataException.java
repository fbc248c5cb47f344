package lexicor.server.maintenance;

/** The data cannot be used as they are; the message says why and what to do. */
public final class UnusableDataException extends RuntimeException {
    public UnusableDataException(String message) {
        super(message);
    }
}
