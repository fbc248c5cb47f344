package lexicor.server.catalogue;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import lexicor.core.catalogue.packs.PackFiles;
import lexicor.core.document.InvalidDocumentException;
import lexicor.core.document.Problem;
import lexicor.core.document.Utf8;

/** Packs as one zip of YAML and CSV. Nothing in a zip is ever written to the disk, whatever its names say. */
public final class PackZip {
    private static final String FILE = "zip";
    private static final int MOST_FILES = 40;
    private static final int MOST_BYTES = 64 << 20;

    private PackZip() {}

    public static byte[] write(PackFiles files) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, String> file : files.texts().entrySet()) {
                ZipEntry entry = new ZipEntry(file.getKey());
                // The same content makes the same zip.
                entry.setTime(0);
                zip.putNextEntry(entry);
                zip.write(file.getValue().getBytes(StandardCharsets.UTF_8));
                zip.closeEntry();
            }
        } catch (IOException e) {
            throw new UncheckedIOException("writing into memory", e);
        }
        return bytes.toByteArray();
    }

    /**
     * @throws InvalidDocumentException if it is no zip, holds a file that is not the packs', the same one twice, too many or
     *     too much, or a text that is not UTF-8
     */
    public static PackFiles read(byte[] content) {
        Map<String, String> texts = new TreeMap<>();
        int left = MOST_BYTES;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(content))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                if (entry.isDirectory()) {
                    continue;
                }
                String name = entry.getName();
                if (texts.containsKey(name)) {
                    throw problem(name, "the file is there twice");
                }
                if (texts.size() == MOST_FILES) {
                    throw problem("", "more than " + MOST_FILES + " files; expected the packs' files alone");
                }
                byte[] bytes = zip.readNBytes(left + 1);
                left -= bytes.length;
                if (left < 0) {
                    throw problem("", "more than " + (MOST_BYTES >> 20) + " MB when unpacked");
                }
                texts.put(name, text(name, bytes));
            }
        } catch (ZipException | java.io.EOFException | IllegalArgumentException e) {
            throw problem("", "not a whole zip file");
        } catch (IOException e) {
            throw new UncheckedIOException("reading from memory", e);
        }
        if (texts.isEmpty()) {
            throw problem("", "not a zip file, or an empty one");
        }
        PackFiles files = PackFiles.of(texts);
        texts.keySet().stream().filter(n -> !files.has(n)).findFirst().ifPresent(n -> {
            throw problem(n, "not a file of the packs");
        });
        return files;
    }

    private static String text(String name, byte[] bytes) {
        return Utf8.text(bytes).orElseThrow(() -> problem(name, "not text in UTF-8"));
    }

    private static InvalidDocumentException problem(String path, String message) {
        return new InvalidDocumentException(new Problem(FILE, path, message));
    }
}
