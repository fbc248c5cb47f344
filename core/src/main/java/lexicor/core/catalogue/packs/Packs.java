package lexicor.core.catalogue.packs;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Choice;
import lexicor.core.catalogue.Content;
import lexicor.core.catalogue.FingerMap;
import lexicor.core.catalogue.Provokes;
import lexicor.core.document.Documents;
import lexicor.core.document.Entry;
import lexicor.core.document.InvalidDocumentException;
import lexicor.core.document.Problems;

/** The shipped content as files: a catalogue of tests a region, and the evidence. */
public final class Packs {
    static final String CATALOGUE = "catalogue";
    static final String HISTORY = "catalogue/history.yaml";
    static final String EXAMINES = "catalogue/examines.yaml";
    static final String MEASURES = "catalogue/measures.yaml";
    static final String PRECAUTIONS = "catalogue/precautions.yaml";
    static final String CORE = "catalogue/core.yaml";
    static final String RAISES = "catalogue/raises.yaml";
    static final String FINGERS = "catalogue/fingers.yaml";
    static final String FIGURES = "catalogue/figures.yaml";
    static final String PRACTICE = "catalogue/practice.yaml";
    static final String PROVOKES = "evidence/provokes.yaml";
    static final String DEFINITIONS = "evidence/definitions.yaml";
    static final String JUDGED = "evidence/judged.yaml";
    static final String RELATIONS = "evidence/relations.yaml";
    static final String AGES = "evidence/ages.yaml";
    static final String CONDITIONS = "evidence/conditions.yaml";
    static final String CLUSTERS = "evidence/clusters.yaml";
    /** The accuracy table's file. */
    public static final String ACCURACY = "evidence/accuracy.csv";

    /** Textbook patients, by which a department sees what a change of its content does; none need be there. */
    public static final String PATIENTS = "evidence/patients.yaml";

    /** Who checked which figure; none need be there. */
    public static final String SIGN_OFFS = "evidence/sign-offs.csv";

    public static final List<String> REGIONS = List.of("neck", "shoulder", "elbow", "wrist", "hand");

    /** Every file that packs can have. */
    static final List<String> FILES = Stream.concat(
                    REGIONS.stream().map(Packs::regionFile),
                    Stream.of(
                            HISTORY,
                            EXAMINES,
                            MEASURES,
                            PRECAUTIONS,
                            RAISES,
                            CORE,
                            FINGERS,
                            FIGURES,
                            PRACTICE,
                            CONDITIONS,
                            CLUSTERS,
                            PROVOKES,
                            DEFINITIONS,
                            JUDGED,
                            RELATIONS,
                            AGES,
                            PATIENTS,
                            ACCURACY,
                            SIGN_OFFS))
            .toList();

    private Packs() {}

    /**
     * Reads all packs under a folder and checks them as a whole.
     *
     * @throws InvalidDocumentException with every problem found; each names the file, the entry and the field
     */
    public static Catalogue read(Path root) {
        return read(PackFiles.under(root));
    }

    /**
     * Reads all packs and checks them as a whole.
     *
     * @throws InvalidDocumentException with every problem found; each names the file, the entry and the field
     */
    public static Catalogue read(PackFiles given) {
        PackFiles files = FirstEdition.completed(given);
        Content content = new Content();
        Problems problems = new Problems();
        for (String region : REGIONS) {
            problems.collect(() -> readTests(yaml(files, regionFile(region)), content, problems));
        }
        problems.collect(() -> HistoryReader.read(yaml(files, HISTORY), content, problems));
        problems.collect(() -> readExamines(yaml(files, EXAMINES), content));
        problems.collect(() -> SafetyReader.precautions(yaml(files, PRECAUTIONS), content, problems));
        // Packs of the editions before have none.
        if (files.has(RAISES)) {
            problems.collect(() -> SafetyReader.raises(yaml(files, RAISES), content, problems));
        }
        if (files.has(CORE)) {
            problems.collect(() -> CoreReader.read(yaml(files, CORE), content, problems));
        }
        problems.collect(() -> readFingers(yaml(files, FINGERS), content));
        if (files.has(FIGURES)) {
            problems.collect(() -> FiguresReader.read(yaml(files, FIGURES), content, problems));
        }
        if (files.has(PRACTICE)) {
            problems.collect(() -> SimulationReader.read(yaml(files, PRACTICE), content));
        }
        problems.collect(() -> readProvokes(yaml(files, PROVOKES), content));
        problems.collect(() -> DefinitionsReader.read(yaml(files, DEFINITIONS), content, problems));
        problems.collect(() -> MeasuresReader.read(yaml(files, MEASURES), content, problems));
        problems.collect(() -> ConditionsReader.read(yaml(files, CONDITIONS), content, problems));
        problems.collect(() -> ClustersReader.read(yaml(files, CLUSTERS), content, problems));
        // Packs of the editions before have none of these, and are read as they were.
        if (files.has(JUDGED)) {
            problems.collect(() -> JudgedReader.read(yaml(files, JUDGED), content, problems));
        }
        if (files.has(RELATIONS)) {
            problems.collect(() -> RelationsReader.read(yaml(files, RELATIONS), content));
        }
        if (files.has(AGES)) {
            problems.collect(() -> AgesReader.read(yaml(files, AGES), content, problems));
        }
        problems.collect(() -> readAccuracy(files.text(ACCURACY), content, problems));
        if (files.has(SIGN_OFFS)) {
            problems.collect(() -> content.signOffs.putAll(SignOffs.read(SIGN_OFFS, files.text(SIGN_OFFS), problems)));
        }
        new CatalogueChecks(content, problems).run();
        SimulationChecks.run(content, problems);
        problems.throwIfAny();
        return new Catalogue(content);
    }

    private static void readExamines(Entry file, Content content) {
        content.examines.putAll(lists(file, "families"));
        file.done();
    }

    private static void readProvokes(Entry file, Content content) {
        content.provokes = new Provokes(lists(file, "families"), lists(file, "tests"), lists(file, "criteria"));
        file.done();
    }

    private static Map<String, List<String>> lists(Entry file, String field) {
        Entry entry = file.child(field);
        Map<String, List<String>> lists = new LinkedHashMap<>();
        entry.fieldNames().forEach(name -> lists.put(name, entry.texts(name)));
        entry.done();
        return lists;
    }

    private static void readFingers(Entry file, Content content) {
        List<FingerMap.Finger> fingers = file.each("fingers", e -> {
            FingerMap.Finger finger = new FingerMap.Finger(e.text("id"), e.text("label"), e.text("territory"));
            e.done();
            return finger;
        });
        List<Choice> territories = ParticularsReader.choices(file, "territories");
        file.done();
        for (FingerMap.Finger f : fingers) {
            if (territories.stream().noneMatch(t -> t.id().equals(f.territory()))) {
                throw file.problem("fingers." + f.id() + ".territory", "there is no territory " + f.territory());
            }
        }
        content.fingers = new FingerMap(fingers, territories);
    }

    static String regionFile(String region) {
        return CATALOGUE + "/" + region + ".yaml";
    }

    private static Entry yaml(PackFiles files, String name) {
        return Documents.yaml(name, files.text(name));
    }

    private static void readAccuracy(String text, Content content, Problems problems) {
        for (AccuracyTable.Line line : AccuracyTable.read(ACCURACY, text).lines()) {
            line.row().ifPresent(content.accuracy::add);
            line.problems().forEach(p -> problems.add(p.file(), p.path(), p.message()));
        }
    }

    private static void readTests(Entry file, Content content, Problems problems) {
        file.children("tests").forEach(e -> problems.collect(() -> content.tests.add(TestReader.read(e))));
        file.done();
    }
}
