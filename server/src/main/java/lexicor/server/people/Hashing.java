package lexicor.server.people;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import lexicor.server.problems.Refusal;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

/**
 * Works out hashes of passwords, which are slow on purpose. One at a time for whoever is known here and one for everybody
 * else, with a short line before each: a crowd of strangers is sent away and takes neither the processors nor the threads
 * from those at work. Never called within a transaction, so that no connection waits for it.
 */
@Component
public class Hashing {
    private static final int LONGEST_LINE = 8;
    /** So many turned away since the last one had their turn are a crowd. */
    private static final int CROWD = 8;
    /** While strangers crowd, nobody's turn comes after a hash for so many times as long as it took. */
    private static final int REST = 30;

    private static final long PATIENCE_SECONDS = 10;

    private static final class Lane {
        final Semaphore line = new Semaphore(LONGEST_LINE);
        final Semaphore turn = new Semaphore(1, true);
        final AtomicInteger turnedAway = new AtomicInteger();
        final int rest;

        Lane(int rest) {
            this.rest = rest;
        }

        Refusal turnAway() {
            turnedAway.incrementAndGet();
            return Refusal.busy();
        }

        /** Lets the next one come, in a crowd after a rest, so that it leaves the processors to those at work. */
        void done(long nanos) {
            boolean isCrowd = turnedAway.getAndSet(0) >= CROWD;
            if (rest == 0 || !isCrowd) {
                turn.release();
            } else {
                CompletableFuture.delayedExecutor(rest * nanos, TimeUnit.NANOSECONDS)
                        .execute(turn::release);
            }
        }
    }

    private final PasswordEncoder encoder;
    private final Lane known = new Lane(0);
    private final Lane strangers = new Lane(REST);
    private volatile String nobodys;

    public Hashing(PasswordEncoder encoder) {
        this.encoder = encoder;
    }

    /** Sends a stranger away before anything is looked up for them, where there are too many already. */
    public void refuseACrowd(boolean isKnown) {
        if (!isKnown && strangers.line.availablePermits() == 0) {
            throw strangers.turnAway();
        }
    }

    /** The hash of a password or PIN of somebody signed in. */
    public String hash(String secret) {
        return inTurn(known, () -> encoder.encode(secret));
    }

    /**
     * Whether it is the secret behind the hash. Takes as long where there is no hash.
     *
     * @param isKnown whether it is tried by somebody signed in, or at a device that they have signed in at before
     */
    public boolean matches(String secret, String hash, boolean isKnown) {
        return inTurn(isKnown ? known : strangers, () -> {
            if (hash == null && nobodys == null) {
                nobodys = encoder.encode("somebody who is not there");
            }
            boolean right = encoder.matches(secret == null ? "" : secret, hash == null ? nobodys : hash);
            return right && hash != null;
        });
    }

    private static <T> T inTurn(Lane lane, Supplier<T> work) {
        if (!lane.line.tryAcquire()) {
            throw lane.turnAway();
        }
        try {
            if (!lane.turn.tryAcquire(PATIENCE_SECONDS, TimeUnit.SECONDS)) {
                throw Refusal.busy();
            }
            long begin = System.nanoTime();
            try {
                return work.get();
            } finally {
                lane.done(System.nanoTime() - begin);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw Refusal.busy();
        } finally {
            lane.line.release();
        }
    }
}
