package lexicor.server.layer;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.persistence.EntityManager;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import lexicor.core.catalogue.packs.PackEntry;
import lexicor.core.catalogue.published.AccuracyRow;
import lexicor.core.catalogue.published.SignOff;
import lexicor.core.document.InvalidDocumentException;
import lexicor.core.document.Problem;
import lexicor.server.catalogue.Editions;
import lexicor.server.layer.ImportViews.ImportReason;
import lexicor.server.layer.ImportViews.ImportView;
import lexicor.server.people.Person;
import lexicor.server.people.SignedIn;
import lexicor.server.privacy.Reasons;
import lexicor.server.problems.Refusal;
import lexicor.server.settings.SettingsService;
import lexicor.server.time.Moments;
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
    private static final int LONGEST_WHENCE = 600;

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

    /**
     * How an import is applied.
     *
     * @param goes fingerprints of the rows that are taken away
     * @param whence by whom and when it was brought in
     */
    private record Given(String why, Set<String> goes, Person person, String whence) {}

    private final Layer layer;
    private final Editions editions;
    private final OwnFigureStore figures;
    private final FigureCheckStore checks;
    private final OwnEntryStore entries;
    private final OwnEntries own;
    private final EntityManager entityManager;
    private final SignedIn signedIn;
    private final OwnFigures ownFigures;
    private final Origins origins;
    private final Moments moments;
    private final SettingsService settings;
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
            SignedIn signedIn,
            OwnFigures ownFigures,
            Origins origins,
            Moments moments,
            SettingsService settings) {
        this.layer = layer;
        this.editions = editions;
        this.figures = figures;
        this.checks = checks;
        this.entries = entries;
        this.own = own;
        this.entityManager = entityManager;
        this.signedIn = signedIn;
        this.ownFigures = ownFigures;
        this.origins = origins;
        this.moments = moments;
        this.settings = settings;
    }

    /** What the file would do; nothing is stored. */
    ImportView preview(byte[] content) {
        GivenFile given = given(content);
        List<AccuracyRow> own =
                layer.ownFigures().values().stream().map(OwnFigureRecord::row).toList();
        ImportPlan plan =
                ImportPlan.of(given, new ImportPlan.Against(editions.current(), own, origins, today().getYear()));
        String id = UUID.randomUUID().toString();
        Pending kept = new Pending(plan);
        pending.put(id, kept);
        return view(id, kept);
    }

    /** What is no table by its heads is refused as a whole. */
    private static GivenFile given(byte[] content) {
        try {
            return GivenFile.of(content);
        } catch (InvalidDocumentException e) {
            Problem first = e.problems().get(0);
            throw first.file().isEmpty() ? Refusal.field("file", first.message()) : e;
        }
    }

    private LocalDate today() {
        return moments.today(settings.current().zone());
    }

    /** Begins to apply what was looked at; {@link #get} says how far it is. */
    ImportView apply(String id, ImportReason reason) {
        Pending kept = kept(id);
        String why = Reasons.of(reason.why(), reason.sure());
        if (kept.plan.refused() > 0) {
            throw Refusal.conflict("Nothing is applied while a line is refused. Mend the file and look at it again.");
        }
        Set<String> goes = reason.goes() == null ? Set.of() : Set.copyOf(reason.goes());
        if (!kept.plan.missing.keySet().containsAll(goes)) {
            throw Refusal.field("goes", "expected rows of the department's that the file has no more");
        }
        Person person = signedIn.person();
        Given given = new Given(why, goes, person, "brought in by " + person.name() + " on " + today());
        synchronized (kept) {
            if (!kept.state.equals("previewed")) {
                throw Refusal.conflict("This import is applied already, or just being applied.");
            }
            if (editions.current() != kept.plan.against) {
                throw Refusal.conflict("The content was changed since the file was looked at. Look at it again.");
            }
            kept.state = "applying";
        }
        worker.execute(() -> run(kept, given));
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

    private void run(Pending kept, Given given) {
        try {
            signedIn.as(given.person(), () -> layer.change(() -> store(kept, given), own.keepsWhatIsRecorded()));
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

    private int store(Pending kept, Given given) {
        String why = given.why();
        Map<AccuracyRow.Key, OwnFigureRecord> known = layer.ownFigures();
        kept.plan.rows.forEach((row, was) -> {
            OwnFigureRecord record = known.get(row.key());
            if (record == null) {
                record = new OwnFigureRecord();
                was.ifPresent(record::replaces);
            }
            record.set(row, why);
            record.broughtIn = given.whence();
            figures.save(record);
            stored(kept);
        });
        given.goes().forEach(fingerprint -> {
            ownFigures.takeAway(known.get(kept.plan.missing.get(fingerprint).key()), why);
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
            check(kept, fingerprint, signOff, given.whence());
            stored(kept);
        });
        return kept.done.get();
    }

    private void check(Pending kept, String fingerprint, SignOff signOff, String whence) {
        FigureCheckRecord record = checks.findById(fingerprint).orElseGet(FigureCheckRecord::new);
        record.fingerprint = fingerprint;
        record.describe(kept.plan.valid);
        String from = signOff.from().isEmpty() ? whence : whence + "; before that " + signOff.from();
        record.set(signOff.broughtInBy(from.substring(0, Math.min(LONGEST_WHENCE, from.length()))));
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
                plan.missing.size(),
                plan.remarks(),
                kept.state.equals("previewed") ? plan.lines(SHOWN) : List.of(),
                kept.done.get(),
                kept.message);
    }

    @Override
    public void destroy() {
        worker.shutdown();
    }
}
