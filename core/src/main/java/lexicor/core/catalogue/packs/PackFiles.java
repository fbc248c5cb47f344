package lexicor.core.catalogue.packs;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collections;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import lexicor.core.document.InvalidDocumentException;
import lexicor.core.document.Problem;

/** The texts of the packs by file name, wherever they come from. Immutable. */
public final class PackFiles {
    private final SortedMap<String, String> texts;

    private PackFiles(Map<String, String> texts) {
        this.texts = Collections.unmodifiableSortedMap(new TreeMap<>(texts));
    }

    /** The files of these names; others are not the packs' and are left out. */
    public static PackFiles of(Map<String, String> texts) {
        Map<String, String> known = new TreeMap<>(texts);
        known.keySet().retainAll(Packs.FILES);
        return new PackFiles(known);
    }

    /**
     * The files under a folder.
     *
     * @throws InvalidDocumentException if there is no such folder
     */
    public static PackFiles under(Path root) {
        if (!Files.isDirectory(root)) {
            throw new InvalidDocumentException(
                    new Problem(root.toString(), "", "there is no such folder; expected the packs"));
        }
        Map<String, String> texts = new TreeMap<>();
        for (String name : Packs.FILES) {
            Path file = root.resolve(name);
            if (Files.exists(file)) {
                try {
                    texts.put(name, Files.readString(file));
                } catch (IOException e) {
                    throw new UncheckedIOException("cannot read " + file, e);
                }
            }
        }
        return new PackFiles(texts);
    }

    public SortedMap<String, String> texts() {
        return texts;
    }

    public boolean has(String name) {
        return texts.containsKey(name);
    }

    /**
     * @throws InvalidDocumentException if there is no such file
     */
    public String text(String name) {
        String text = texts.get(name);
        if (text == null) {
            throw new InvalidDocumentException(new Problem(name, "", "the file is missing"));
        }
        return text;
    }

    /** The same with another text in one file. */
    public PackFiles with(String name, String text) {
        Map<String, String> changed = new TreeMap<>(texts);
        changed.put(name, text);
        return new PackFiles(changed);
    }
}
