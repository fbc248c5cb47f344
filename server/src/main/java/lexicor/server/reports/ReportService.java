package lexicor.server.reports;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lexicor.server.casefiles.WholeCases;
import lexicor.server.people.SignedIn;
import lexicor.server.privacy.PersonalDetails;
import lexicor.server.problems.Refusal;
import lexicor.server.reports.ReportViews.NewReport;
import lexicor.server.reports.ReportViews.ReportEdit;
import lexicor.server.reports.ReportViews.ReportView;
import lexicor.server.reports.ReportViews.Section;
import lexicor.server.time.Moments;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Composes, keeps and signs off reports. What was signed is never changed; what was composed is kept beside it. */
@Service
class ReportService {
    private static final TypeReference<List<Section>> SECTIONS = new TypeReference<>() {};
    private static final int LONGEST_TEXT = 4000;

    private final ReportStore store;
    private final WholeCases cases;
    private final SignedIn signedIn;
    private final JsonMapper json;
    private final Moments moments;

    ReportService(ReportStore store, WholeCases cases, SignedIn signedIn, JsonMapper json, Moments moments) {
        this.store = store;
        this.cases = cases;
        this.signedIn = signedIn;
        this.json = json;
        this.moments = moments;
    }

    /** The case's reports, the latest first. */
    @Transactional(readOnly = true)
    public List<ReportView> all(String code) {
        return store.findByCaseIdOrderByIdDesc(cases.id(code)).stream()
                .map(this::view)
                .toList();
    }

    @Transactional
    public ReportView compose(String code, NewReport request) {
        ReportKind kind = request.kind();
        if (kind == null) {
            throw Refusal.field("kind", "missing; expected record, referral or patient");
        }
        if ((kind == ReportKind.REFERRAL) != (request.recipient() != null)) {
            throw Refusal.field(
                    "recipient",
                    kind == ReportKind.REFERRAL
                            ? "expected imaging, nerve-studies, surgeon or physician"
                            : "expected none");
        }
        WholeCases.WholeCase whole = request.visit() == null ? cases.whole(code) : cases.whole(code, request.visit());
        Composer composer = new Composer(new CaseFacts(whole));
        ReportPdf.getReady();
        ReportRecord record = new ReportRecord();
        record.caseId = whole.id();
        record.visit = whole.view().visit();
        record.kind = kind.id();
        record.recipient =
                Optional.ofNullable(request.recipient()).map(Recipient::id).orElse(null);
        record.title = composer.title(kind);
        record.original = json.writeValueAsString(composer.sections(kind, request.recipient()));
        record.sections = record.original;
        record.madeBy = signedIn.person().name();
        record.madeAt = moments.now();
        return view(store.saveAndFlush(record));
    }

    /** Saves edited texts over the version they were made from. */
    @Transactional
    public ReportView edit(String code, long id, ReportEdit edit) {
        ReportRecord record = draft(code, id, edit.version());
        List<Section> before = json.readValue(record.sections, SECTIONS);
        if (edit.texts() == null || edit.texts().size() != before.size()) {
            throw Refusal.field("texts", "expected one text for each of the " + before.size() + " sections");
        }
        List<Section> after = new ArrayList<>();
        for (int i = 0; i < before.size(); i++) {
            String text = edit.texts().get(i) == null ? "" : edit.texts().get(i).strip();
            if (text.length() > LONGEST_TEXT) {
                throw Refusal.field("texts[" + i + "]", "expected at most " + LONGEST_TEXT + " characters");
            }
            if (!text.equals(before.get(i).text())) {
                PersonalDetails.question("texts[" + i + "]", text, edit.sure());
            }
            after.add(before.get(i).withText(text));
        }
        record.sections = json.writeValueAsString(after);
        return view(store.saveAndFlush(record));
    }

    @Transactional
    public ReportView sign(String code, long id, long version) {
        ReportRecord record = draft(code, id, version);
        record.signedBy = signedIn.person().name();
        record.signedAt = moments.now();
        return view(store.saveAndFlush(record));
    }

    /** Throws a draft away; a signed report stays. */
    @Transactional
    public void discard(String code, long id, long version) {
        store.delete(draft(code, id, version));
    }

    /** The report to be taken out of the program, which is written down. */
    @Transactional
    public Paper exported(String code, long id, boolean dates) {
        ReportRecord record = existing(code, id);
        cases.exported(code);
        return Paper.of(code, view(record), dates, cases.zone(code));
    }

    /** The case on paper as it stands; nothing of it is kept. */
    @Transactional(readOnly = true)
    public Paper paper(String code) {
        WholeCases.WholeCase whole = cases.whole(code);
        return Paper.now(
                whole.view().code(),
                new Composer(new CaseFacts(whole)),
                whole.view().visit(),
                moments.now(),
                whole.open().basis().department().zone());
    }

    private ReportRecord draft(String code, long id, long version) {
        ReportRecord record = existing(code, id);
        if (record.signedBy != null) {
            throw Refusal.conflict("This report is signed off and stays as it is. Compose another one.");
        }
        if (record.version != version) {
            throw Refusal.conflict("version: the report was changed elsewhere in the meantime; look at the page anew");
        }
        return record;
    }

    private ReportRecord existing(String code, long id) {
        long caseId = cases.id(code);
        return store.findById(id)
                .filter(r -> r.caseId == caseId)
                .orElseThrow(() -> Refusal.notFound("Case " + code + " has no report " + id + "."));
    }

    private ReportView view(ReportRecord r) {
        List<Section> original = json.readValue(r.original, SECTIONS);
        return new ReportView(
                r.id,
                r.version,
                ReportKind.withId(r.kind).orElseThrow(),
                Optional.ofNullable(r.recipient).flatMap(Recipient::withId).orElse(null),
                r.visit,
                r.title,
                json.readValue(r.sections, SECTIONS),
                original.stream().map(Section::text).toList(),
                r.madeBy,
                r.madeAt,
                r.signedBy,
                r.signedAt);
    }
}
