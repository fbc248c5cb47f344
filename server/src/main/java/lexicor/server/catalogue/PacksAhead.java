package lexicor.server.catalogue;

import java.nio.file.Path;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ConcurrentHashMap;
import lexicor.core.catalogue.packs.PackFiles;
import lexicor.server.time.Moments;

/** Reads the packs while the rest of the program gets ready, which makes a start a second or two shorter. */
public final class PacksAhead {
    private static final Map<Path, CompletableFuture<Edition>> READING = new ConcurrentHashMap<>();

    private PacksAhead() {}

    /** Begins to read. */
    public static void begin(Path packs) {
        READING.put(packs, CompletableFuture.supplyAsync(() -> Edition.of(PackFiles.under(packs), Moments.OF_START)));
    }

    /** What was begun, or what is read now. */
    static Edition read(Path packs) {
        CompletableFuture<Edition> begun = READING.remove(packs);
        if (begun == null) {
            return Edition.of(PackFiles.under(packs), Moments.OF_START);
        }
        try {
            return begun.join();
        } catch (CompletionException e) {
            throw e.getCause() instanceof RuntimeException fault ? fault : e;
        }
    }
}
