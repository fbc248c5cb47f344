package lexicor.core.document;

import java.util.ArrayList;
import java.util.List;

/** Collects problems so that one reading of a document reports all its faulty entries, not the first alone. */
public final class Problems {
    private final List<Problem> found = new ArrayList<>();

    public void add(String file, String path, String message) {
        found.add(new Problem(file, path, message));
    }

    /** Runs a reading step; what it finds wrong is kept and the next entry can still be read. */
    public void collect(Runnable reading) {
        try {
            reading.run();
        } catch (InvalidDocumentException e) {
            found.addAll(e.problems());
        }
    }

    /**
     * @throws InvalidDocumentException with every problem collected, if there was one
     */
    public void throwIfAny() {
        if (!found.isEmpty()) {
            throw new InvalidDocumentException(found);
        }
    }
}
