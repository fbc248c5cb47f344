package lexicor.server.fhir;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Date;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import lexicor.core.catalogue.Condition;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.examination.DefinitionState;
import lexicor.core.examination.Outcome;
import lexicor.core.examination.Side;
import lexicor.core.examination.TestWording;
import lexicor.core.examination.Wording;
import lexicor.core.weighing.model.Item;
import lexicor.server.casefiles.WholeCases.WholeCase;
import lexicor.server.cases.CaseViews.FindingView;
import lexicor.server.cases.CaseViews.PlaceReadings;
import lexicor.server.measures.MeasureViews.ItemView;
import lexicor.server.measures.MeasureViews.MeasureView;
import lexicor.server.measures.MeasureViews.SideView;
import lexicor.server.standing.Standing.ConditionStanding;
import lexicor.server.standing.Standing.DefinitionView;
import org.hl7.fhir.r4.model.Attachment;
import org.hl7.fhir.r4.model.BooleanType;
import org.hl7.fhir.r4.model.Bundle;
import org.hl7.fhir.r4.model.CodeableConcept;
import org.hl7.fhir.r4.model.Coding;
import org.hl7.fhir.r4.model.Composition;
import org.hl7.fhir.r4.model.DateTimeType;
import org.hl7.fhir.r4.model.DecimalType;
import org.hl7.fhir.r4.model.DiagnosticReport;
import org.hl7.fhir.r4.model.DocumentReference;
import org.hl7.fhir.r4.model.DomainResource;
import org.hl7.fhir.r4.model.Encounter;
import org.hl7.fhir.r4.model.Enumerations;
import org.hl7.fhir.r4.model.Identifier;
import org.hl7.fhir.r4.model.Narrative;
import org.hl7.fhir.r4.model.Observation;
import org.hl7.fhir.r4.model.Patient;
import org.hl7.fhir.r4.model.Period;
import org.hl7.fhir.r4.model.PractitionerRole;
import org.hl7.fhir.r4.model.Reference;
import org.hl7.fhir.r4.model.Resource;
import org.hl7.fhir.r4.model.RiskAssessment;
import org.hl7.fhir.utilities.xhtml.NodeType;
import org.hl7.fhir.utilities.xhtml.XhtmlNode;

/**
 * Writes a case as a document Bundle: who by role, the visit, what was read, found and measured on both sides, and the
 * weighed candidates as risk assessments. The case's own file goes with it, from which the case can be restored whole.
 */
public final class FhirDocument {
    private static final String CAUTION =
            "Lexicor supports the judgement of a licensed clinician. It does not diagnose, and it defers to local protocol.";
    private static final String CASE_FILE = "application/json";
    private static final int DECIMALS = 6;

    private final WholeCase given;
    private final Bundle bundle = new Bundle();
    private final Map<String, List<Reference>> sections = new LinkedHashMap<>();
    private final Composition composition = new Composition();
    private final Date date;
    private Reference patient;
    private Reference encounter;
    private Reference performer;
    private int made;

    private FhirDocument(WholeCase given) {
        this.given = given;
        date = Date.from(given.view().updatedAt());
    }

    /**
     * @param caseFile the case in its own format
     * @param id of the document, the same whenever the same document is made
     */
    public static Bundle of(WholeCase given, byte[] caseFile, UUID id) {
        return new FhirDocument(given).write(caseFile, id);
    }

    private Bundle write(byte[] caseFile, UUID id) {
        bundle.setType(Bundle.BundleType.DOCUMENT);
        bundle.setIdentifier(new Identifier().setSystem("urn:ietf:rfc:3986").setValue("urn:uuid:" + id));
        bundle.setTimestamp(date);
        add(composition);
        who();
        readings();
        findings();
        decided();
        measures();
        List<Reference> assessments = risks();
        report(assessments);
        attach(caseFile);
        compose();
        return bundle;
    }

    private void who() {
        Patient code = new Patient();
        code.addIdentifier().setSystem(Codes.OWN).setValue(given.view().code());
        patient = add(told(code, "Case " + given.view().code() + ". A code stands for the patient."));
        PractitionerRole role = new PractitionerRole();
        role.addCode(Codes.own("clinician", "Clinician"));
        performer = add(told(role, "A clinician of the department, by role."));
        Encounter visit = new Encounter();
        visit.setStatus(
                given.view().closedAt() == null
                        ? Encounter.EncounterStatus.INPROGRESS
                        : Encounter.EncounterStatus.FINISHED);
        visit.setClass_(new Coding(Codes.ACT, "AMB", "ambulatory"));
        visit.setSubject(patient);
        List<java.time.Instant> visits = given.view().visits();
        visit.setPeriod(new Period().setStart(Date.from(visits.get(given.view().visit() - 1))));
        visit.addReasonCode(
                Codes.own(given.view().intake().complaint(), given.view().complaintName()));
        encounter = add(told(visit, "Visit " + given.view().visit() + "."));
    }

    private void readings() {
        for (PlaceReadings place : given.view().examination().readings()) {
            String test =
                    given.catalogue().test(place.test()).map(t -> t.name()).orElse(place.test());
            Observation observation = observation(
                    place.test() + (place.at().isEmpty() ? "" : "@" + place.at()),
                    test,
                    place.side().id());
            Optional<TestWording> wording =
                    given.catalogue().test(place.test()).map(t -> TestWording.of(t, given.catalogue()));
            place.values().forEach((leaf, value) -> component(observation, leaf, value, wording));
            if (!observation.getComponent().isEmpty()) {
                section("Readings", told(observation, test + ", " + place.side().id() + " side, as read."));
            }
        }
    }

    private static void component(Observation observation, String leaf, Object value, Optional<TestWording> wording) {
        var part = observation
                .addComponent()
                .setCode(Codes.own(
                        leaf, ReadingLeaf.named(leaf).map(Wording::label).orElse(leaf)));
        if (value instanceof Boolean truth) {
            part.setValue(new BooleanType(truth));
        } else if (value instanceof Number number) {
            String unit = ReadingLeaf.named(leaf).map(ReadingLeaf::unit).orElse("");
            part.setValue(Codes.quantity(number.doubleValue(), unit));
        } else {
            part.setValue(coded(leaf, value, wording));
        }
    }

    /** Several codes stand as codings of one concept; what somebody wrote is its text alone. */
    private static CodeableConcept coded(String leaf, Object value, Optional<TestWording> wording) {
        Optional<ReadingLeaf> known = ReadingLeaf.named(leaf);
        String text = known.flatMap(l -> wording.map(w -> w.value(l, value)))
                .orElseGet(() -> Wording.code(String.valueOf(value)));
        CodeableConcept concept = new CodeableConcept().setText(text);
        List<?> codes = value instanceof List<?> list ? list : List.of(value);
        if (known.filter(l -> l.kind() == ReadingLeaf.Kind.TEXT).isEmpty()) {
            codes.forEach(c -> concept.addCoding(new Coding(
                    Codes.OWN,
                    String.valueOf(c),
                    known.flatMap(l -> wording.map(w -> w.name(l, String.valueOf(c))))
                            .orElse(Wording.code(String.valueOf(c))))));
        }
        return concept;
    }

    /** The clusters that are decided, with their count, and the case definitions. */
    private void decided() {
        Set<String> seen = new HashSet<>();
        given.weighed().ledgers().values().forEach(ledger -> ledger.stream()
                .filter(r -> r.kind() == Item.Kind.CLUSTER && !r.result().equals("open") && seen.add(r.id()))
                .forEach(r -> {
                    Observation observation = about("cluster/" + r.id(), r.name());
                    observation.setValue(Codes.own(r.result(), r.reason()));
                    section("Clusters and definitions", told(observation, r.name() + ": " + r.reason() + "."));
                }));
        for (ConditionStanding c : given.weighed().standing().conditions()) {
            for (DefinitionView d : c.definitions()) {
                if (d.met() > 0 || d.state() != DefinitionState.State.OPEN) {
                    Observation observation = about("definition/" + d.id(), d.name());
                    observation.setValue(Codes.own(d.state().id(), d.words()));
                    section("Clusters and definitions", told(observation, d.words()));
                }
            }
        }
    }

    private void findings() {
        for (FindingView f : given.view().examination().findings()) {
            if (f.outcome() == Outcome.NOT_DONE) {
                continue;
            }
            String name = given.catalogue().findingName(f.criterion());
            Observation observation = observation(f.criterion(), name, f.side().id());
            observation.setValue(Codes.own(f.outcome().id(), f.outcome().id()));
            String interpretation =
                    switch (f.outcome()) {
                        case POSITIVE -> "POS";
                        case NEGATIVE -> "NEG";
                        default -> "IND";
                    };
            observation.addInterpretation(new CodeableConcept(new Coding(Codes.INTERPRETATION, interpretation, null)));
            if (!f.reason().isEmpty()) {
                observation.addNote().setText(f.reason());
            }
            section(
                    "Findings",
                    told(
                            observation,
                            name + ", " + f.side().id() + " side: "
                                    + f.outcome().id() + "."));
        }
    }

    private void measures() {
        Side involved = given.view().intake().involvedSide();
        for (MeasureView m : given.measures().measures()) {
            measure(m, m.involved(), involved.id());
            measure(m, m.other(), involved.other().id());
        }
    }

    private void measure(MeasureView m, SideView side, String name) {
        // Some measures have the name of the test that they are taken in.
        Observation observation = observation("measure/" + m.id(), m.name(), name);
        for (ItemView item : m.items()) {
            var trials = side.values().get(item.item());
            if (trials != null) {
                observation
                        .addComponent()
                        .setCode(Codes.own(item.item(), item.label()))
                        .setValue(Codes.quantity(trials.mean(), item.unit()));
            }
        }
        if (!observation.getComponent().isEmpty()) {
            section("Measures", told(observation, m.name() + ", " + name + " side, the mean of its trials."));
        }
    }

    private List<Reference> risks() {
        List<Reference> all = new ArrayList<>();
        for (ConditionStanding c : given.weighed().standing().conditions()) {
            RiskAssessment risk = new RiskAssessment();
            risk.setStatus(RiskAssessment.RiskAssessmentStatus.PRELIMINARY);
            risk.setMethod(Codes.own(
                    given.weighed().method().school().id(),
                    "Weighed findings: " + given.weighed().method().school().id()));
            risk.setSubject(patient);
            risk.setEncounter(encounter);
            risk.setOccurrence(new DateTimeType(date));
            risk.setPerformer(performer);
            CodeableConcept condition = Codes.own(c.id(), c.name());
            given.catalogue()
                    .condition(c.id())
                    .map(Condition::icd10)
                    .ifPresent(code -> condition.addCoding(
                            new Coding().setSystem(Codes.ICD10).setCode(code)));
            risk.addPrediction()
                    .setOutcome(condition)
                    .setProbability(
                            new DecimalType(BigDecimal.valueOf(c.posttest()).setScale(DECIMALS, RoundingMode.HALF_UP)))
                    .setRationale(String.format(
                            Locale.ROOT,
                            "Pretest %.1f %%, now %.1f %%, 95 %% interval of the average %.1f %% to %.1f %%; %s.",
                            100 * c.pretest(),
                            100 * c.posttest(),
                            100 * c.low(),
                            100 * c.high(),
                            c.verdict().words()));
            all.add(section("Candidates", told(risk, c.name() + ". " + CAUTION)));
        }
        return all;
    }

    private void report(List<Reference> assessments) {
        DiagnosticReport report = new DiagnosticReport();
        report.setStatus(DiagnosticReport.DiagnosticReportStatus.PRELIMINARY);
        report.setCode(Codes.own("examination", "Physical examination, weighed"));
        report.setSubject(patient);
        report.setEncounter(encounter);
        report.setEffective(new DateTimeType(date));
        report.addPerformer(performer);
        sections.forEach((name, references) -> {
            if (!name.equals("Candidates")) {
                references.forEach(report::addResult);
            }
        });
        report.setConclusion(given.weighed().standing().conditions().stream()
                .filter(ConditionStanding::weighed)
                .findFirst()
                .map(c -> String.format(
                        Locale.ROOT, "%s ranks first, at %.0f %%. %s", c.name(), 100 * c.posttest(), CAUTION))
                .orElse(CAUTION));
        section("Report", told(report, report.getConclusion()));
    }

    private void attach(byte[] caseFile) {
        DocumentReference whole = new DocumentReference();
        whole.setStatus(Enumerations.DocumentReferenceStatus.CURRENT);
        whole.setType(Codes.own("case-file", "The case in Lexicor's own format"));
        whole.setSubject(patient);
        whole.addContent()
                .setAttachment(new Attachment()
                        .setContentType(CASE_FILE)
                        .setTitle(given.view().code() + ".json")
                        .setData(caseFile));
        section("Case file", told(whole, "The whole case, from which it can be restored."));
    }

    private void compose() {
        composition.setStatus(Composition.CompositionStatus.PRELIMINARY);
        composition.setType(Codes.own("examination", "Physical examination, weighed"));
        composition.setSubject(patient);
        composition.setEncounter(encounter);
        composition.setDate(date);
        composition.addAuthor(performer);
        composition.setTitle(given.view().complaintName());
        told(composition, given.view().complaintName() + ". " + CAUTION);
        sections.forEach((name, references) -> {
            Composition.SectionComponent section =
                    composition.addSection().setTitle(name).setText(narrative(name + "."));
            references.forEach(section::addEntry);
        });
    }

    private Observation observation(String code, String text, String side) {
        Observation observation = new Observation();
        observation.setStatus(Observation.ObservationStatus.PRELIMINARY);
        observation.setCode(Codes.own(code, text));
        observation.setSubject(patient);
        observation.setEncounter(encounter);
        observation.setEffective(new DateTimeType(date));
        observation.addPerformer(performer);
        observation.setBodySite(Codes.own("side-" + side, side + " side"));
        return observation;
    }

    /** An observation of the patient rather than of one side. */
    private Observation about(String code, String text) {
        Observation observation =
                observation(code, text, given.view().intake().involvedSide().id());
        observation.setBodySite(null);
        return observation;
    }

    private Reference section(String name, DomainResource resource) {
        Reference reference = add(resource);
        sections.computeIfAbsent(name, n -> new ArrayList<>()).add(reference);
        return reference;
    }

    private Reference add(Resource resource) {
        UUID id = UUID.nameUUIDFromBytes((given.view().code() + " " + made++).getBytes(StandardCharsets.UTF_8));
        String url = "urn:uuid:" + id;
        resource.setId(id.toString());
        bundle.addEntry().setFullUrl(url).setResource(resource);
        return new Reference(url);
    }

    private static <T extends DomainResource> T told(T resource, String text) {
        resource.setText(narrative(text));
        return resource;
    }

    private static Narrative narrative(String text) {
        Narrative narrative = new Narrative();
        narrative.setStatus(Narrative.NarrativeStatus.GENERATED);
        XhtmlNode div = new XhtmlNode(NodeType.Element, "div");
        div.attribute("xmlns", "http://www.w3.org/1999/xhtml");
        div.addTag("p").addText(text);
        narrative.setDiv(div);
        return narrative;
    }
}
