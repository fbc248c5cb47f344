package lexicor.server.catalogue;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.packs.PackEntries;
import lexicor.core.catalogue.packs.PackEntry;
import lexicor.core.catalogue.packs.PackFiles;
import lexicor.core.catalogue.packs.Packs;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.evidence.HighBias;
import lexicor.core.evidence.Judgements;
import org.springframework.util.function.SingletonSupplier;

/** The whole content at one time: what it says, and its figures pooled for each way they can be taken. Immutable. */
public final class Edition {
    private record Way(HighBias highBias, boolean checkedOnly, Judgements judgements) {}

    private final PackFiles files;
    private final Catalogue catalogue;
    private final Instant since;
    private final String version;
    private final SingletonSupplier<PackEntries> entries;
    private final Map<Way, EvidenceBase> pooled = new ConcurrentHashMap<>();

    private Edition(PackFiles files, Instant since) {
        this.files = files;
        this.since = since;
        catalogue = Packs.read(files);
        version = digest(files);
        entries = SingletonSupplier.of(() -> PackEntries.of(files));
    }

    /**
     * @param since when it came to be in force
     * @throws lexicor.core.document.InvalidDocumentException with everything that is wrong with the content
     */
    public static Edition of(PackFiles files, Instant since) {
        return new Edition(files, since);
    }

    public PackFiles files() {
        return files;
    }

    public Catalogue catalogue() {
        return catalogue;
    }

    /** Every entry as it is written; the files are taken apart when one is first asked for. */
    public List<PackEntry> entries() {
        return entries.obtain().all();
    }

    /** The same to be changed; this edition stays as it is. */
    public PackEntries toBeChanged() {
        return entries.obtain().copy();
    }

    public Optional<PackEntry> entry(PackEntry.Kind kind, String id) {
        return entries.obtain().find(kind, id);
    }

    public Instant since() {
        return since;
    }

    /** Pooled when it is first asked for. */
    public EvidenceBase evidence(HighBias highBias, boolean checkedOnly, Judgements judgements) {
        return pooled.computeIfAbsent(
                new Way(highBias, checkedOnly, judgements),
                w -> EvidenceBase.of(catalogue, w.highBias(), w.checkedOnly(), w.judgements()));
    }

    /** A digest of the content: the same for the same content, whenever it was read. */
    public String version() {
        return version;
    }

    private static String digest(PackFiles files) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            files.texts().forEach((name, text) -> {
                digest.update((name + '\0' + text + '\0').getBytes(StandardCharsets.UTF_8));
            });
            return HexFormat.of().formatHex(digest.digest());
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}
