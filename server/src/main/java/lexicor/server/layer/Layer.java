package lexicor.server.layer;

import jakarta.persistence.EntityManager;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.packs.AccuracyTable;
import lexicor.core.catalogue.packs.PackEntries;
import lexicor.core.catalogue.packs.PackFiles;
import lexicor.core.catalogue.packs.Packs;
import lexicor.core.catalogue.packs.SignOffs;
import lexicor.core.catalogue.published.AccuracyRow;
import lexicor.core.catalogue.published.SignOff;
import lexicor.core.document.InvalidDocumentException;
import lexicor.server.catalogue.Edition;
import lexicor.server.catalogue.Editions;
import lexicor.server.time.Moments;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** The department's content over the shipped one. A change is stored if the whole is valid with it, and then in force. */
@Component
class Layer implements SmartInitializingSingleton {
    private static final Logger LOG = LoggerFactory.getLogger(Layer.class);

    private final Editions editions;
    private final OwnFigureStore figures;
    private final FigureCheckStore checks;
    private final OwnEntryStore entries;
    private final EntityManager entityManager;
    private final TransactionTemplate transaction;
    private final Moments moments;

    Layer(
            Editions editions,
            OwnFigureStore figures,
            FigureCheckStore checks,
            OwnEntryStore entries,
            EntityManager entityManager,
            PlatformTransactionManager transactions,
            Moments moments) {
        this.editions = editions;
        this.figures = figures;
        this.checks = checks;
        this.entries = entries;
        this.entityManager = entityManager;
        transaction = new TransactionTemplate(transactions);
        this.moments = moments;
    }

    /** What is stored takes effect at the start. Where it no longer fits what is shipped, the shipped content alone does. */
    @Override
    public void afterSingletonsInstantiated() {
        transaction.executeWithoutResult(s -> {
            if (figures.count() + checks.count() + entries.count() == 0) {
                return;
            }
            try {
                editions.publish(Edition.of(whole(), moments.now()));
            } catch (InvalidDocumentException e) {
                editions.unfit(e.problems().stream()
                        .map(p -> p.file() + ", " + p.path() + ": " + p.message())
                        .toList());
                LOG.warn(
                        "The department's own content does not fit the shipped one and is not used: {}",
                        editions.unfit());
            }
        });
    }

    /**
     * Does some work on what is stored, one after another. It is kept if the whole is valid afterwards.
     *
     * @throws InvalidDocumentException with everything that is wrong; nothing is stored then
     */
    <T> T change(Supplier<T> work) {
        return change(work, content -> {});
    }

    /**
     * @param agree may refuse the whole content that would result
     */
    synchronized <T> T change(Supplier<T> work, Consumer<Catalogue> agree) {
        record Done<R>(R result, Edition edition) {}
        Done<T> done = transaction.execute(s -> {
            T result = work.get();
            entityManager.flush();
            Edition next = Edition.of(whole(), moments.now());
            agree.accept(next.catalogue());
            return new Done<>(result, next);
        });
        editions.publish(done.edition());
        return done.result();
    }

    private PackFiles whole() {
        PackFiles all = withEntries(editions.shipped());
        List<OwnFigureRecord> own = figures.findAll(Sort.by("id"));
        if (!own.isEmpty()) {
            all = all.with(Packs.ACCURACY, AccuracyTable.write(rows(own)));
        }
        Map<String, SignOff> signOffs = new LinkedHashMap<>();
        checks.findAll(Sort.by("fingerprint")).forEach(c -> signOffs.put(c.fingerprint, c.signOff()));
        return signOffs.isEmpty() ? all : all.with(Packs.SIGN_OFFS, SignOffs.write(signOffs));
    }

    private PackFiles withEntries(Edition shipped) {
        List<OwnEntryRecord> own = entries.findAll(Sort.by("id"));
        if (own.isEmpty()) {
            return shipped.files();
        }
        PackEntries all = shipped.toBeChanged();
        own.forEach(e -> all.put(e.entry()));
        return all.files();
    }

    /** The shipped rows with the department's in place of those they replace, and its new ones after them. */
    private List<AccuracyRow> rows(List<OwnFigureRecord> own) {
        Map<AccuracyRow.Key, AccuracyRow> replacing = own.stream()
                .filter(o -> o.replaced().isPresent())
                .collect(Collectors.toMap(o -> o.replaced().orElseThrow(), OwnFigureRecord::row));
        List<AccuracyRow> rows = new ArrayList<>();
        for (AccuracyRow shipped : editions.shipped().catalogue().accuracy()) {
            AccuracyRow instead = replacing.remove(shipped.key());
            rows.add(instead == null ? shipped : instead);
        }
        // A row whose shipped one is gone with a newer version of the program stays as a row of the department's.
        rows.addAll(replacing.values());
        own.stream()
                .filter(o -> o.replaced().isEmpty())
                .map(OwnFigureRecord::row)
                .forEach(rows::add);
        return rows;
    }

    /** The department's rows by what tells them apart. */
    Map<AccuracyRow.Key, OwnFigureRecord> ownFigures() {
        return figures.findAll(Sort.by("id")).stream()
                .collect(Collectors.toMap(o -> o.row().key(), Function.identity(), (a, b) -> a, LinkedHashMap::new));
    }
}
