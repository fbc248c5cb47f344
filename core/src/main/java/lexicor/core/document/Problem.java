package lexicor.core.document;

/**
 * One thing wrong with a document.
 *
 * @param file the file's name, empty where the document is not a file
 * @param path where in the document, from the outermost entry to the field, for example {@code tests.neer.minutes}
 * @param message what was found and what is expected
 */
public record Problem(String file, String path, String message) {
    @Override
    public String toString() {
        String where = path.isEmpty() ? file : file.isEmpty() ? path : file + ": " + path;
        return where.isEmpty() ? message : where + ": " + message;
    }
}
