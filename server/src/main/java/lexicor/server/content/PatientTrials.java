package lexicor.server.content;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lexicor.core.catalogue.packs.PackEntry;
import lexicor.core.catalogue.packs.Packs;
import lexicor.core.document.InvalidDocumentException;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.textbook.TextbookPatient;
import lexicor.core.textbook.TextbookReader;
import lexicor.core.textbook.TextbookReading;
import lexicor.core.weighing.input.WeighingSettings;
import lexicor.server.catalogue.Edition;
import lexicor.server.catalogue.Editions;
import lexicor.server.content.ContentViews.PatientOtherwise;
import lexicor.server.content.ContentViews.PatientsTried;
import lexicor.server.content.ContentViews.Trial;
import lexicor.server.problems.CleanText;
import lexicor.server.problems.Refusal;
import lexicor.server.settings.DepartmentSettings;
import lexicor.server.settings.SettingsService;
import org.springframework.stereotype.Service;
import tools.jackson.databind.node.ObjectNode;

/** The textbook patients of the content weighed with a changed entry, by the department's way to weigh. */
@Service
class PatientTrials {
    private final Editions editions;
    private final SettingsService settings;

    PatientTrials(Editions editions, SettingsService settings) {
        this.editions = editions;
        this.settings = settings;
    }

    PatientsTried tryOut(PackEntry.Kind kind, String id, Trial trial) {
        if (!(trial.fields() instanceof ObjectNode fields)) {
            throw Refusal.field("fields", "expected an object with named fields");
        }
        CleanText.check(fields, "fields");
        Edition now = editions.current();
        if (!now.files().has(Packs.PATIENTS)) {
            return new PatientsTried(0, List.of());
        }
        PackEntry entry = new PackEntry(kind, id, fields);
        List<FormProblem> wrong = EntryChecks.of(entry);
        if (!wrong.isEmpty()) {
            throw Refusal.field(wrong.get(0).path(), wrong.get(0).message());
        }
        try {
            Edition then = Edition.of(now.toBeChanged().put(entry).files(), now.since());
            return compared(readings(now), readings(then));
        } catch (InvalidDocumentException e) {
            throw Refusal.field("fields", e.problems().get(0).message());
        }
    }

    private List<TextbookReading> readings(Edition edition) {
        DepartmentSettings department = settings.current();
        WeighingSettings weighing = department.weighing(Optional.empty());
        EvidenceBase evidence =
                edition.evidence(weighing.highBias(), department.checkedOnly(), department.judgements());
        List<TextbookPatient> patients =
                TextbookReader.read(Packs.PATIENTS, edition.files().text(Packs.PATIENTS), edition.catalogue());
        return patients.stream()
                .map(p -> TextbookReading.of(p, edition.catalogue(), evidence, weighing, department.school()))
                .toList();
    }

    private static PatientsTried compared(List<TextbookReading> before, List<TextbookReading> after) {
        List<PatientOtherwise> otherwise = new ArrayList<>();
        for (int i = 0; i < before.size(); i++) {
            TextbookReading was = before.get(i);
            TextbookReading is = after.get(i);
            if (!was.failures().equals(is.failures())) {
                otherwise.add(new PatientOtherwise(was.patient().id(), was.failures(), is.failures()));
            }
        }
        return new PatientsTried(before.size(), List.copyOf(otherwise));
    }
}
