package lexicor.server.cases;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.document.Documents;
import lexicor.core.document.Entry;
import lexicor.core.examination.Pad;
import lexicor.core.examination.PadBoard;
import lexicor.server.cases.CaseViews.CaseView;
import lexicor.server.cases.CaseViews.IntakeChange;
import lexicor.server.cases.CaseViews.NewCase;
import lexicor.server.cases.CaseViews.NewTap;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnExpression;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Fills an empty database with the demo clinic's cases, through the same doors as a user's. */
@Component
@ConditionalOnExpression("'${lexicor.demo}' != ''")
class DemoClinic implements ApplicationRunner {
    private final Path folder;
    private final CaseService service;
    private final CaseStore cases;
    private final Catalogue catalogue;

    DemoClinic(@Value("${lexicor.demo}") Path folder, CaseService service, CaseStore cases, Catalogue catalogue) {
        this.folder = folder;
        this.service = service;
        this.cases = cases;
        this.catalogue = catalogue;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments args) {
        if (cases.count() == 0) {
            Entry file = Documents.yaml(folder, "cases.yaml");
            file.children("cases").forEach(this::open);
            file.done();
        }
    }

    private void open(Entry listed) {
        String code = listed.text("code");
        Entry entry = listed.named("cases." + code);
        entry.has("code");
        String side = entry.text("side");
        CaseView opened = service.create(new NewCase(code, entry.text("complaint"), side, entry.text("setting")));
        Map<String, String> suspicion = new LinkedHashMap<>();
        entry.map("suspicion").forEach((condition, step) -> suspicion.put(condition, step.asString()));
        Map<String, Boolean> answers = new LinkedHashMap<>();
        entry.map("answers").forEach((item, answer) -> answers.put(item, answer.asBoolean()));
        Intake intake = opened.intake();
        service.saveIntake(
                code,
                new IntakeChange(
                        opened.version(),
                        new Intake(
                                intake.complaint(),
                                side,
                                entry.text("dominant"),
                                entry.text("age"),
                                intake.setting(),
                                entry.text("mechanism"),
                                null,
                                intake.candidates().stream()
                                        .map(c -> new Intake.CandidateChoice(
                                                c.condition(),
                                                null,
                                                suspicion.getOrDefault(c.condition(), c.suspicion())))
                                        .toList(),
                                answers,
                                entry.texts("precautions"),
                                entry.texts("warnings"))));
        entry.children("tests").forEach(t -> examine(code, side, t));
        entry.done();
    }

    private void examine(String code, String involved, Entry entry) {
        ClinicalTest test =
                catalogue.test(entry.text("test")).orElseThrow(() -> entry.problem("test", "there is no such test"));
        String at = entry.optionalText("at").orElse("");
        String other = involved.equals("left") ? "right" : "left";
        List<NewTap> taps = new ArrayList<>();
        tap(entry, test, at, other, "other", "otherSet").ifPresent(taps::add);
        tap(entry, test, at, involved, "involved", "set").ifPresent(taps::add);
        entry.done();
        taps.forEach(t -> service.tap(code, t));
    }

    private static Optional<NewTap> tap(
            Entry entry, ClinicalTest test, String at, String side, String pads, String numbers) {
        Map<String, Object> changes = new LinkedHashMap<>();
        for (String id : entry.texts(pads)) {
            Pad pad = PadBoard.of(test).stream()
                    .filter(b -> b.at().equals(at))
                    .flatMap(b -> b.pads().stream())
                    .filter(p -> p.id().equals(id))
                    .findFirst()
                    .orElseThrow(() -> entry.problem(pads, "there is no pad " + id));
            pad.sets().forEach((leaf, value) -> changes.put(leaf.leafName(), value.plain()));
        }
        entry.map(numbers).forEach((leaf, value) -> changes.put(leaf, value.asDouble()));
        return changes.isEmpty()
                ? Optional.empty()
                : Optional.of(new NewTap(UUID.randomUUID(), test.id(), at, side, changes));
    }
}
