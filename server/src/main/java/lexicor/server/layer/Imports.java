package lexicor.server.layer;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.persistence.EntityManager;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import lexicor.core.catalogue.packs.PackEntry;
import lexicor.core.catalogue.packs.PackFiles;
import lexicor.core.catalogue.published.AccuracyRow;
import lexicor.core.catalogue.published.SignOff;
import lexicor.core.document.InvalidDocumentException;
import lexicor.core.document.Utf8;
import lexicor.server.catalogue.Editions;
import lexicor.server.catalogue.PackZip;
import lexicor.server.layer.ImportViews.ImportReason;
import lexicor.server.layer.ImportViews.ImportView;
import lexicor.server.people.Person;
import lexicor.server.people.SignedIn;
import lexicor.server.privacy.Reasons;
import lexicor.server.problems.CleanText;
import lexicor.server.problems.Refusal;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Service;

/** Takes in tables and whole packs: looked at first, then applied in one step or not at all. */
@Service
class Imports implements DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(Imports.class);
    private static final Duration KEPT = Duration.ofMinutes(30);
    private static final int MOST_KEPT = 4;
    private static final int SHOWN = 1000;
    private static final int AT_ONCE = 500;

    /** One import from its preview on. */
    private static final class Pending {
        final ImportPlan plan;
        final AtomicInteger done = new AtomicInteger();
        volatile String state = "previewed";
        volatile String message;

        Pending(ImportPlan plan) {
            this.plan = plan;
        }
    }

    private final Layer layer;
    private final Editions editions;
    private final OwnFigureStore figures;
    private final FigureCheckStore checks;
    private final OwnEntryStore entries;
    private final OwnEntries own;
    private final EntityManager entityManager;
    private final SignedIn signedIn;
    private final Cache<String, Pending> pending =
            Caffeine.newBuilder().expireAfterAccess(KEPT).maximumSize(MOST_KEPT).build();
    private final ExecutorService worker = Executors.newSingleThreadExecutor(r -> {
        Thread thread = new Thread(r, "import");
        thread.setDaemon(true);
        return thread;
    });

    Imports(
            Layer layer,
            Editions editions,
            OwnFigureStore figures,
            FigureCheckStore checks,
            OwnEntryStore entries,
            OwnEntries own,
            EntityManager entityManager,
            SignedIn signedIn) {
        this.layer = layer;
        this.editions = editions;
        this.figures = figures;
        this.checks = checks;
        this.entries = entries;
        this.own = own;
        this.entityManager = entityManager;
        this.signedIn = signedIn;
    }

    /** What the file would do; nothing is stored. */
    ImportView preview(byte[] content) {
        if (content.length == 0) {
            throw Refusal.field("file", "empty; expected a table as CSV, or a pack as zip");
        }
        ImportPlan plan = isZip(content)
                ? ImportPlan.ofPack(clean(PackZip.read(content)), editions.current())
                : ImportPlan.ofTable(clean(text(content)), editions.current());
        String id = UUID.randomUUID().toString();
        Pending kept = new Pending(plan);
        pending.put(id, kept);
        return view(id, kept);
    }

    private static boolean isZip(byte[] content) {
        return content.length > 1 && content[0] == 'P' && content[1] == 'K';
    }

    private static PackFiles clean(PackFiles files) {
        files.texts().values().forEach(Imports::clean);
        return files;
    }

    private static String clean(String text) {
        if (!CleanText.isClean(text)) {
            throw Refusal.field("file", "has control characters in it, which cannot be kept");
        }
        return text;
    }

    private static String text(byte[] content) {
        return Utf8.text(content)
                .orElseThrow(() -> Refusal.field("file", "not text in UTF-8; save the table as CSV in UTF-8"));
    }

    /** Begins to apply what was looked at; {@link #get} says how far it is. */
    ImportView apply(String id, ImportReason reason) {
        Pending kept = kept(id);
        String why = Reasons.of(reason.why(), reason.sure());
        if (kept.plan.refused() > 0) {
            throw Refusal.conflict("Nothing is applied while a line is refused. Mend the file and look at it again.");
        }
        Person person = signedIn.person();
        synchronized (kept) {
            if (!kept.state.equals("previewed")) {
                throw Refusal.conflict("This import is applied already, or just being applied.");
            }
            if (editions.current() != kept.plan.against) {
                throw Refusal.conflict("The content was changed since the file was looked at. Look at it again.");
            }
            kept.state = "applying";
        }
        worker.execute(() -> run(kept, why, person));
        return view(id, kept);
    }

    ImportView get(String id) {
        return view(id, kept(id));
    }

    private Pending kept(String id) {
        return Optional.ofNullable(pending.getIfPresent(id))
                .orElseThrow(() ->
                        Refusal.notFound("There is no such import, or it waited too long. Choose the file again."));
    }

    private void run(Pending kept, String why, Person person) {
        try {
            signedIn.as(person, () -> layer.change(() -> store(kept, why), own.keepsWhatIsRecorded()));
            kept.state = "applied";
        } catch (InvalidDocumentException e) {
            kept.message = e.getMessage();
            kept.state = "failed";
        } catch (RuntimeException e) {
            LOG.error("An import failed: {}", e.getClass().getName());
            kept.message = "It could not be stored; nothing was changed.";
            kept.state = "failed";
        }
    }

    private int store(Pending kept, String why) {
        Map<AccuracyRow.Key, OwnFigureRecord> known = layer.ownFigures();
        kept.plan.rows.forEach((row, was) -> {
            OwnFigureRecord record = known.get(row.key());
            if (record == null) {
                record = new OwnFigureRecord();
                was.ifPresent(record::replaces);
            }
            record.set(row, why);
            figures.save(record);
            stored(kept);
        });
        for (PackEntry entry : kept.plan.entries) {
            OwnEntryRecord record =
                    entries.findByKindAndEntryId(entry.kind().id(), entry.id()).orElseGet(OwnEntryRecord::new);
            record.set(entry, why);
            entries.save(record);
            stored(kept);
        }
        kept.plan.checks.forEach((fingerprint, signOff) -> {
            check(fingerprint, signOff);
            stored(kept);
        });
        return kept.done.get();
    }

    private void check(String fingerprint, SignOff signOff) {
        FigureCheckRecord record = checks.findById(fingerprint).orElseGet(FigureCheckRecord::new);
        if (record.fingerprint == null) {
            record.fingerprint = fingerprint;
            record.figure = "imported, " + fingerprint;
        }
        record.set(signOff);
        checks.save(record);
    }

    /** Written out now and then, so that what is shown as done is done. */
    private void stored(Pending kept) {
        if (kept.done.incrementAndGet() % AT_ONCE == 0) {
            entityManager.flush();
        }
    }

    private static ImportView view(String id, Pending kept) {
        ImportPlan plan = kept.plan;
        return new ImportView(
                id,
                kept.state,
                plan.added(),
                plan.changed(),
                plan.same(),
                plan.refused(),
                kept.state.equals("previewed") ? plan.lines(SHOWN) : List.of(),
                kept.done.get(),
                kept.message);
    }

    @Override
    public void destroy() {
        worker.shutdown();
    }
}
