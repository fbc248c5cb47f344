package lexicor.core.weighfile;

import java.util.List;
import java.util.Map;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.document.Documents;
import lexicor.core.document.Entry;
import lexicor.core.evidence.Evidence;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.evidence.HighBias;
import lexicor.core.evidence.Pooling;
import lexicor.core.evidence.Study;
import lexicor.core.weighing.School;
import lexicor.core.weighing.Weighing;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.ClusterDesign;
import lexicor.core.weighing.input.WeighingSettings;
import tools.jackson.databind.node.ObjectNode;

/** Answers a self-contained file: a case to weigh, studies to pool, or a rule to design. */
public final class WeighFile {
    /** Where the file of a whole case has the part that can be weighed. */
    private static final String CASE_TO_WEIGH = "weigh";

    private static final int MOST_POINTS = 1000;
    private static final String WHOLE_CASE = "lexicor-case";

    /** What else a whole case's file has. */
    private static final List<String> BESIDE = List.of(
            "version", "code", "created", "intake", "visits", "plan", "ladders", "taps", "measured", "overrides");

    private WeighFile() {}

    /**
     * The result as JSON.
     *
     * @param name the file's name for messages
     * @throws lexicor.core.document.InvalidDocumentException if the text is not such a file; the message gives the path
     *     in the JSON and what is expected there
     */
    public static ObjectNode answer(String name, String text) {
        Entry file = Documents.json(name, text);
        if (file.has("format")) {
            return weighed(CaseReader.read(partOfWholeCase(file)));
        }
        if (file.has("pool")) {
            return pool(file);
        }
        if (file.has("design")) {
            return design(file);
        }
        return weighed(CaseReader.read(file));
    }

    private static ObjectNode weighed(CaseReader.Read read) {
        return ResultWriter.weighed(Weighing.weigh(read.given(), read.school()), read.school());
    }

    /**
     * The case in the text.
     *
     * @throws lexicor.core.document.InvalidDocumentException if the text is not a self-contained case
     */
    public static CaseToWeigh readCase(String name, String text) {
        return CaseReader.read(Documents.json(name, text)).given();
    }

    /**
     * The case as a self-contained file: weighed again it comes to the same, with no need of the packs.
     *
     * @param school the way to weigh it
     * @param evidence the figures that the case was made with
     */
    public static ObjectNode write(CaseToWeigh given, School school, Catalogue catalogue, EvidenceBase evidence) {
        return new CaseWriter(given, school, catalogue, evidence).write();
    }

    /** Of a whole case's file only the part to weigh is read here; anything that such a file has not is refused. */
    private static Entry partOfWholeCase(Entry file) {
        file.oneOf("format", Map.of(WHOLE_CASE, true), false);
        Entry part = file.child(CASE_TO_WEIGH);
        BESIDE.forEach(file::has);
        file.done();
        return part;
    }

    private static ObjectNode pool(Entry file) {
        List<Study> studies = file.each("pool", StudyReader::study);
        HighBias highBias = file.oneOf("highBias", CaseReader.HIGH_BIAS, HighBias.CORRECTED);
        file.done();
        if (studies.isEmpty()) {
            throw file.problem("pool", "expected at least one study");
        }
        Evidence evidence = Pooling.pool(studies, highBias);
        if (evidence instanceof Evidence.Weighable weighable) {
            return ResultWriter.pooled(weighable.accuracy());
        }
        throw file.problem(
                "pool",
                evidence instanceof Evidence.LeftOut
                        ? "every study is at high risk of bias and such studies are left out"
                        : "expected at least one study with a specificity");
    }

    private static ObjectNode design(Entry file) {
        Entry design = file.child("design");
        WeighingSettings usual = WeighingSettings.DEFAULT;
        double family = design.optionalNumber("familyOverlap", 0, WeighingSettings.MAX_OVERLAP)
                .orElse(usual.familyOverlap());
        double general = design.optionalNumber("generalOverlap", 0, WeighingSettings.MAX_GENERAL_OVERLAP)
                .orElse(usual.generalOverlap());
        CaseReader.requireOrder(design, family, general);
        List<ClusterDesign.Member> members = design.each("findings", WeighFile::member);
        design.done();
        file.done();
        if (members.isEmpty()) {
            throw design.problem("findings", "expected at least one finding");
        }
        long distinct =
                members.stream().map(ClusterDesign.Member::id).distinct().count();
        if (distinct < members.size()) {
            throw design.problem("findings", "an id is given twice");
        }
        return ResultWriter.designed(ClusterDesign.rules(members, family, general));
    }

    private static int points(Entry entry) {
        double points = entry.optionalNumber("points", 1, MOST_POINTS).orElse(1);
        if (points != Math.rint(points)) {
            throw entry.problem("points", "expected a whole number");
        }
        return (int) points;
    }

    private static ClusterDesign.Member member(Entry entry) {
        ClusterDesign.Member member = new ClusterDesign.Member(
                entry.text("id"),
                entry.text("family"),
                entry.openProbability("sensitivity"),
                entry.openProbability("specificity"),
                points(entry));
        entry.done();
        return member;
    }
}
