package lexicor.server.catalogue;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.nio.file.Path;
import java.util.List;
import lexicor.core.catalogue.Catalogue;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;

/** The edition in force, the shipped one below it, and those that closed cases keep. */
@Component
public class Editions {
    /** Reading one takes a moment, and closed cases of one time share theirs. */
    private static final int KEPT_IN_MEMORY = 4;

    private final EditionStore store;
    private final Edition shipped;
    private final TransactionTemplate byItself;
    private final Cache<Long, Edition> kept =
            Caffeine.newBuilder().maximumSize(KEPT_IN_MEMORY).build();
    private volatile Edition current;
    private volatile List<String> unfit = List.of();

    Editions(@Value("${lexicor.packs}") Path packs, EditionStore store, PlatformTransactionManager transactions) {
        this.store = store;
        byItself = new TransactionTemplate(transactions);
        byItself.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
        shipped = PacksAhead.read(packs);
        current = shipped;
    }

    public Edition current() {
        return current;
    }

    /** The content in force. */
    public Catalogue catalogue() {
        return current.catalogue();
    }

    /** What came with the program. */
    public Edition shipped() {
        return shipped;
    }

    /** From now on, every open case is weighed with this one. */
    public void publish(Edition edition) {
        current = edition;
        unfit = List.of();
    }

    /** The department's content does not fit what is shipped, which alone is in force until somebody has mended it. */
    public void unfit(List<String> why) {
        unfit = why;
    }

    /** Why the department's content is not in force; empty where it is. */
    public List<String> unfit() {
        return unfit;
    }

    /** Keeps the edition in force for as long as somebody needs it, and says by which number it is found again. */
    public long keepCurrent() {
        Edition edition = current;
        return store.findFirstByDigest(edition.version()).map(r -> r.id).orElseGet(() -> keep(edition));
    }

    /** Stored by itself, one after another: two who close a case at once need the same one. */
    private synchronized long keep(Edition edition) {
        return byItself.execute(t -> store.findFirstByDigest(edition.version())
                .orElseGet(() -> {
                    EditionRecord record = new EditionRecord();
                    record.since = edition.since();
                    record.digest = edition.version();
                    record.content = PackZip.write(edition.files());
                    return store.saveAndFlush(record);
                })
                .id);
    }

    /** The edition with the number. */
    public Edition kept(long id) {
        return kept.get(id, i -> {
            EditionRecord record = store.findById(i).orElseThrow();
            return current.version().equals(record.digest)
                    ? current
                    : Edition.of(PackZip.read(record.content), record.since);
        });
    }
}
