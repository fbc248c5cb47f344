package lexicor.server.intake;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Setting;
import lexicor.core.weighing.input.Suspicion;
import lexicor.server.cases.CaseBasis;
import lexicor.server.cases.CaseDoor;
import lexicor.server.cases.CasePage;
import lexicor.server.cases.CaseViews.CaseView;
import lexicor.server.cases.Intake;
import lexicor.server.cases.records.CandidateRecord;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.cases.records.CaseStore;
import lexicor.server.intake.IntakeViews.IntakeChange;
import lexicor.server.intake.IntakeViews.NewCase;
import lexicor.server.people.SignedIn;
import lexicor.server.privacy.PersonalDetails;
import lexicor.server.problems.Refusal;
import lexicor.server.settings.SettingsService;
import lexicor.server.time.Moments;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes cases and keeps what is asked before the examination. */
@Service
public class Intakes {
    private final CaseStore cases;
    private final CaseDoor door;
    private final CaseBasis basis;
    private final CasePage page;
    private final SettingsService settings;
    private final Moments moments;
    private final SignedIn signedIn;

    Intakes(
            CaseStore cases,
            CaseDoor door,
            CaseBasis basis,
            CasePage page,
            SettingsService settings,
            Moments moments,
            SignedIn signedIn) {
        this.cases = cases;
        this.door = door;
        this.basis = basis;
        this.page = page;
        this.settings = settings;
        this.moments = moments;
        this.signedIn = signedIn;
    }

    @Transactional
    public CaseView create(NewCase request) {
        return page.of(make(request));
    }

    /** Makes a case with its complaint's candidates, where nobody waits to see it. */
    @Transactional
    public CaseRecord make(NewCase request) {
        CaseRecord stored = new CaseRecord();
        Catalogue catalogue = basis.today().catalogue();
        IntakeCheck check = new IntakeCheck(catalogue);
        check.complaint(request.complaint());
        IntakeCheck.present("involvedSide", request.involvedSide(), "left or right");
        String code = Optional.ofNullable(request.code()).orElseGet(this::nextCode);
        IntakeCheck.code(code);
        PersonalDetails.questionCode("code", code, request.sure());
        String me = signedIn.person().name();
        if (door.find(code).isPresent() || cases.existsByCodeAndMadeBy(code, me)) {
            throw Refusal.conflict("code: you have a case " + code + " already, or had one; choose another code");
        }
        stored.code = code;
        stored.owner = me;
        stored.madeBy = me;
        stored.createdAt = moments.now();
        stored.updatedAt = stored.createdAt;
        stored.visits.add(stored.createdAt);
        stored.complaint = request.complaint();
        stored.involvedSide = request.involvedSide().id();
        stored.setting =
                Optional.ofNullable(request.setting()).orElse(Setting.COMMUNITY).id();
        stored.mechanism = "";
        for (String condition :
                catalogue.complaint(stored.complaint).orElseThrow().candidates()) {
            CandidateRecord candidate = new CandidateRecord();
            candidate.condition = condition;
            candidate.suspicion = Suspicion.AS_USUAL.id();
            stored.candidates.add(candidate);
        }
        return cases.saveAndFlush(stored);
    }

    /** Saves an intake made from the stored version; one made from an older version is refused and nothing is lost. */
    @Transactional
    public CaseView save(String code, IntakeChange change) {
        return page.of(keep(code, change));
    }

    /** The same, where nobody waits to see the case. */
    @Transactional
    public CaseRecord keep(String code, IntakeChange change) {
        if (change.intake() == null) {
            throw Refusal.field("intake", "missing");
        }
        CaseRecord stored = door.lockForRecording(code, change.version());
        Intake intake = change.intake();
        new IntakeCheck(basis.of(stored).catalogue()).intake(intake);
        if (!intake.mechanism().equals(stored.mechanism)) {
            PersonalDetails.question("intake.mechanism", intake.mechanism(), change.sure());
        }
        Optional.ofNullable(intake.told())
                .filter(told -> !told.equals(Intake.of(stored).told()))
                .ifPresent(told -> told.texts()
                        .forEach((field, text) ->
                                PersonalDetails.question("intake.told." + field, text, change.sure())));
        intake.into(stored);
        stored.updatedAt = moments.now();
        return cases.saveAndFlush(stored);
    }

    private String nextCode() {
        String prefix = settings.current().codePrefix() + "-";
        List<String> highest = cases.codesFrom(
                prefix, signedIn.person().name(), settings.current().shareAll(), PageRequest.of(0, 1));
        int last = highest.isEmpty() ? 0 : Integer.parseInt(highest.get(0).substring(prefix.length()));
        return String.format(Locale.ROOT, "%s%03d", prefix, last + 1);
    }
}
