package lexicor.server.problems;

import java.sql.SQLTransientConnectionException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** Says what it means that something could not be stored or read. */
@Component
public class Storage {
    static final String BUSY = "Lexicor is busy at this moment. Nothing was changed; try again in a second.";

    private static final Logger LOG = LoggerFactory.getLogger(Storage.class);

    /**
     * What is answered.
     *
     * @param retrySeconds after how many seconds it may be tried again; 0 where that is not the matter
     */
    public record Failure(HttpStatus status, String detail, long retrySeconds) {}

    private final ApplicationEventPublisher events;

    Storage(ApplicationEventPublisher events) {
        this.events = events;
    }

    /** Told apart: somebody was quicker, all are busy, or the disk is the matter, which is told to whoever can mend it. */
    public Failure failure(Exception e) {
        if (e instanceof DataIntegrityViolationException || e instanceof OptimisticLockingFailureException) {
            return new Failure(
                    HttpStatus.CONFLICT, "somebody else changed the same at the same moment; please repeat", 0);
        }
        if (isBusy(e)) {
            return new Failure(HttpStatus.SERVICE_UNAVAILABLE, BUSY, 1);
        }
        LOG.error("Nothing could be stored: {}", root(e).getClass().getSimpleName());
        events.publishEvent(new StorageFailed());
        return new Failure(
                HttpStatus.INSUFFICIENT_STORAGE,
                "This could not be stored: the disk is full, read-only or away. What was saved is kept; free some space"
                        + " and try again.",
                0);
    }

    /** All connections in use for too long, or a row held by another: without a cause in the storage itself. */
    private static boolean isBusy(Exception e) {
        return e instanceof PessimisticLockingFailureException || root(e) instanceof SQLTransientConnectionException;
    }

    private static Throwable root(Throwable e) {
        Throwable root = e;
        while (root.getCause() != null) {
            root = root.getCause();
        }
        return root;
    }
}
