package lexicor.server.exchange;

import com.fasterxml.jackson.annotation.JsonValue;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import lexicor.core.document.InvalidDocumentException;
import lexicor.server.casefiles.CaseFile;
import lexicor.server.casefiles.CaseFiles;
import lexicor.server.casefiles.CaseFiles.Look;
import lexicor.server.casefiles.CaseFiles.Outcome;
import lexicor.server.casefiles.CaseFiles.Status;
import lexicor.server.exchange.ExchangeViews.CaseImportView;
import lexicor.server.people.Person;
import lexicor.server.privacy.Reasons;
import lexicor.server.problems.Refusal;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * A file that somebody is bringing in: looked at to the last case first, then brought in case by case, each whole. It can be
 * stopped between two cases; what was brought in until then stays, and is the same when the file is brought in again.
 */
final class CaseImport {
    private static final Logger LOG = LoggerFactory.getLogger(CaseImport.class);
    private static final int MOST_SHOWN = 500;

    /** Where it stands. */
    enum State {
        LOOKING,
        LOOKED,
        BRINGING,
        DONE,
        STOPPED,
        FAILED;

        @JsonValue
        String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    private final String id;
    private final Person person;
    private final ArchiveReader archive;
    private final CaseFiles files;
    /** Whether the person's account is still what it was. */
    private final BooleanSupplier stillThere;

    private State state = State.LOOKING;
    private int of;
    private int done;
    private boolean stop;
    private String problem = "";
    private List<Outcome> outcomes = new ArrayList<>();
    private final List<String> doubts = new ArrayList<>();
    private final List<String> blocked = new ArrayList<>();
    private CountDownLatch settled = new CountDownLatch(1);

    CaseImport(String id, Person person, ArchiveReader archive, CaseFiles files, BooleanSupplier stillThere) {
        this.id = id;
        this.person = person;
        this.archive = archive;
        this.files = files;
        this.stillThere = stillThere;
    }

    Person person() {
        return person;
    }

    /** Looks at every case; nothing is stored. */
    void look() {
        run(State.LOOKED, () -> {
            int cases = archive.count();
            synchronized (this) {
                of = cases;
            }
            Set<String> codes = new HashSet<>();
            archive.each(
                    file -> seen(
                            codes.add(file.code())
                                    ? files.look(file)
                                    : Look.only(Outcome.refused(file.code(), "the file has this case twice"))),
                    unfit -> seen(Look.only(Outcome.refused(unfit.code(), unfit.why()))));
        });
    }

    /** Notes what became of one more case; whether to go on. */
    private synchronized boolean seen(Look look) {
        outcomes.add(look.outcome());
        doubts.addAll(look.doubts());
        blocked.addAll(look.blocked());
        done++;
        return !stop;
    }

    /** Refuses what is not answered, and is then ready to be brought in. */
    synchronized void prepare(boolean sure, String reason) {
        if (state != State.LOOKED) {
            throw Refusal.conflict("The file is " + state.id() + " already.");
        }
        outcomes.stream().filter(Outcome::wasRefused).findFirst().ifPresent(o -> {
            throw Refusal.conflict("Case " + o.code() + ": " + o.why() + " Nothing was brought in.");
        });
        if (!doubts.isEmpty() && !sure) {
            throw Refusal.question(
                    "sure", doubts.get(0) + ", which has no place in the record; bring it in if it is none");
        }
        if (!blocked.isEmpty()) {
            Reasons.aboutCase(reason);
        }
        state = State.BRINGING;
        done = 0;
        outcomes = new ArrayList<>();
        settled = new CountDownLatch(1);
    }

    /** Brings every case in that is not here as it is. */
    void bringIn(boolean sure, String reason) {
        run(
                State.DONE,
                () -> archive.each(file -> seen(Look.only(brought(file, sure, reason))), unfit -> {
                    throw Refusal.conflict("Case " + unfit.code() + ": " + unfit.why());
                }));
    }

    private Outcome brought(CaseFile file, boolean sure, String reason) {
        if (!stillThere.getAsBoolean()) {
            throw Refusal.conflict("the account that it was brought in by is no longer open");
        }
        return files.bringIn(file, sure, reason);
    }

    private void run(State end, Runnable work) {
        try {
            work.run();
            synchronized (this) {
                state = stop && done < of ? State.STOPPED : end;
            }
        } catch (Refusal | InvalidDocumentException e) {
            fail(e.getMessage());
        } catch (RuntimeException e) {
            LOG.error("An import ended with {}", e.getClass().getName());
            fail("something went wrong in Lexicor, or the disk is full");
        } finally {
            settled.countDown();
        }
    }

    private synchronized void fail(String why) {
        problem = why;
        state = State.FAILED;
    }

    synchronized void stop() {
        stop = true;
    }

    /** Waits a little for the end, since most files are small. */
    void await(Duration patience) {
        try {
            CountDownLatch end;
            synchronized (this) {
                end = settled;
            }
            end.await(patience.toMillis(), TimeUnit.MILLISECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** What went wrong with the file as a whole; empty where nothing did. */
    synchronized String problem() {
        return problem;
    }

    synchronized CaseImportView view() {
        boolean settledNow = state != State.LOOKING && state != State.BRINGING;
        return new CaseImportView(
                id,
                state,
                done,
                of,
                count(Status.NEW),
                count(Status.CHANGED),
                count(Status.SAME),
                count(Status.REFUSED),
                problem,
                List.copyOf(doubts.subList(0, Math.min(MOST_SHOWN, doubts.size()))),
                List.copyOf(blocked.subList(0, Math.min(MOST_SHOWN, blocked.size()))),
                settledNow ? shown() : List.of());
    }

    /** Those that are refused first, since they are what is looked for. */
    private List<Outcome> shown() {
        return outcomes.stream()
                .sorted(Comparator.comparing((Outcome o) -> !o.wasRefused()))
                .limit(MOST_SHOWN)
                .toList();
    }

    private int count(Status status) {
        return (int) outcomes.stream().filter(o -> o.status() == status).count();
    }
}
