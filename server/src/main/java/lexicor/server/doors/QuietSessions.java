package lexicor.server.doors;

import java.time.Duration;
import java.time.Instant;
import java.util.Set;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.session.Session;
import org.springframework.session.SessionRepository;
import org.springframework.transaction.TransactionException;

/**
 * Keeps a store of sessions from being written to with every request: when a session was last used is noted once a minute,
 * which is near enough for an end after hours. A note that cannot be written must not undo what the request itself stored.
 */
final class QuietSessions<S extends Session> implements SessionRepository<QuietSessions.Quiet<S>> {
    private static final Logger LOG = LoggerFactory.getLogger(QuietSessions.class);
    private static final Duration OFTEN_ENOUGH = Duration.ofMinutes(1);

    private final SessionRepository<S> stored;

    QuietSessions(SessionRepository<S> stored) {
        this.stored = stored;
    }

    @Override
    public Quiet<S> createSession() {
        return new Quiet<>(stored.createSession(), true);
    }

    @Override
    public void save(Quiet<S> session) {
        if (!session.changed) {
            return;
        }
        try {
            stored.save(session.inner);
            session.changed = false;
            session.isNew = false;
        } catch (DataAccessException | TransactionException e) {
            if (session.isNew) {
                throw e;
            }
            LOG.warn(
                    "What a session noted could not be stored: {}", e.getClass().getSimpleName());
        }
    }

    @Override
    public Quiet<S> findById(String id) {
        S found = stored.findById(id);
        return found == null ? null : new Quiet<>(found, false);
    }

    @Override
    public void deleteById(String id) {
        stored.deleteById(id);
    }

    /** A session that counts what is worth writing. */
    static final class Quiet<S extends Session> implements Session {
        private final S inner;
        private boolean isNew;
        private boolean changed;

        private Quiet(S inner, boolean isNew) {
            this.inner = inner;
            this.isNew = isNew;
            this.changed = isNew;
        }

        @Override
        public String getId() {
            return inner.getId();
        }

        @Override
        public String changeSessionId() {
            changed = true;
            return inner.changeSessionId();
        }

        @Override
        public <T> T getAttribute(String name) {
            return inner.getAttribute(name);
        }

        @Override
        public Set<String> getAttributeNames() {
            return inner.getAttributeNames();
        }

        @Override
        public void setAttribute(String name, Object value) {
            changed = true;
            inner.setAttribute(name, value);
        }

        @Override
        public void removeAttribute(String name) {
            changed = true;
            inner.removeAttribute(name);
        }

        @Override
        public Instant getCreationTime() {
            return inner.getCreationTime();
        }

        @Override
        public void setLastAccessedTime(Instant time) {
            if (Duration.between(inner.getLastAccessedTime(), time).compareTo(OFTEN_ENOUGH) > 0) {
                changed = true;
                inner.setLastAccessedTime(time);
            }
        }

        @Override
        public Instant getLastAccessedTime() {
            return inner.getLastAccessedTime();
        }

        @Override
        public void setMaxInactiveInterval(Duration interval) {
            changed = true;
            inner.setMaxInactiveInterval(interval);
        }

        @Override
        public Duration getMaxInactiveInterval() {
            return inner.getMaxInactiveInterval();
        }

        @Override
        public boolean isExpired() {
            return inner.isExpired();
        }
    }
}
