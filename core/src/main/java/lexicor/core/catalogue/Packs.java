package lexicor.core.catalogue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import lexicor.core.document.Documents;
import lexicor.core.document.Entry;
import lexicor.core.document.InvalidDocumentException;
import lexicor.core.document.Problem;
import lexicor.core.document.Problems;

/** The shipped content as files: a catalogue of tests a region, and the evidence. */
public final class Packs {
    static final String CATALOGUE = "catalogue";
    static final String HISTORY = "catalogue/history.yaml";
    static final String EXAMINES = "catalogue/examines.yaml";
    static final String MEASURES = "catalogue/measures.yaml";
    static final String CONDITIONS = "evidence/conditions.yaml";
    static final String CLUSTERS = "evidence/clusters.yaml";
    static final String ACCURACY = "evidence/accuracy.csv";
    private static final List<String> REGIONS = List.of("neck", "shoulder", "elbow", "wrist", "hand");

    private Packs() {}

    /**
     * Reads all packs under a folder and checks them as a whole.
     *
     * @throws InvalidDocumentException with every problem found; each names the file, the entry and the field
     */
    public static Catalogue read(Path root) {
        if (!Files.isDirectory(root)) {
            throw new InvalidDocumentException(
                    new Problem(root.toString(), "", "there is no such folder; expected the packs"));
        }
        Content content = new Content();
        Problems problems = new Problems();
        for (String region : REGIONS) {
            problems.collect(() -> readTests(root, CATALOGUE + "/" + region + ".yaml", content, problems));
        }
        problems.collect(() -> HistoryReader.read(Documents.yaml(root, HISTORY), content, problems));
        problems.collect(() -> readExamines(Documents.yaml(root, EXAMINES), content));
        problems.collect(() -> MeasuresReader.read(Documents.yaml(root, MEASURES), content, problems));
        problems.collect(() -> ConditionsReader.read(Documents.yaml(root, CONDITIONS), content, problems));
        problems.collect(() -> ClustersReader.read(Documents.yaml(root, CLUSTERS), content, problems));
        AccuracyReader.read(root, ACCURACY, content, problems);
        new CatalogueChecks(content, problems).run();
        problems.throwIfAny();
        return new Catalogue(content);
    }

    private static void readExamines(Entry file, Content content) {
        Entry families = file.child("families");
        file.map("families").keySet().forEach(f -> content.examines.put(f, families.texts(f)));
        families.done();
        file.done();
    }

    private static void readTests(Path root, String name, Content content, Problems problems) {
        Entry file = Documents.yaml(root, name);
        file.children("tests").forEach(e -> problems.collect(() -> content.tests.add(TestReader.read(e))));
        file.done();
    }
}
