package lexicor.server.outcomes;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import lexicor.core.catalogue.Catalogue;
import lexicor.server.casehistory.CaseHistorySource;
import lexicor.server.cases.CaseBasis;
import lexicor.server.history.Revised;
import lexicor.server.outcomes.records.AttachedRecord;
import lexicor.server.outcomes.records.AttachedStore;
import lexicor.server.outcomes.records.CaseHunchStore;
import lexicor.server.outcomes.records.NoteRecord;
import lexicor.server.outcomes.records.NoteStore;
import lexicor.server.outcomes.records.ReferralRecord;
import lexicor.server.outcomes.records.ReferralStore;
import org.springframework.stereotype.Component;

/** What was noted of how a case came out, what was taken back, waited for, attached and thought before. */
@Component
class OutcomeHistory implements CaseHistorySource {
    private final NoteStore notes;
    private final ReferralStore referrals;
    private final AttachedStore attached;
    private final CaseHunchStore hunches;
    private final CaseBasis basis;

    OutcomeHistory(
            NoteStore notes, ReferralStore referrals, AttachedStore attached, CaseHunchStore hunches, CaseBasis basis) {
        this.basis = basis;
        this.notes = notes;
        this.referrals = referrals;
        this.attached = attached;
        this.hunches = hunches;
    }

    @Override
    public String subject() {
        return "What came out";
    }

    @Override
    public List<Revised> changes(long caseId) {
        List<Revised> all = new ArrayList<>();
        Catalogue catalogue = basis.today().catalogue();
        for (NoteRecord n : notes.findByCaseIdOrderByOnAscIdAsc(caseId)) {
            Map<String, String> said = said(n, catalogue);
            all.add(new Revised(0, n.madeAt, n.madeBy, Map.of(), said));
            if (!n.stands()) {
                all.add(new Revised(0, n.takenBackAt, n.takenBackBy, said, Map.of()));
            }
        }
        for (ReferralRecord r : referrals.findByCaseIdOrderByOnAscIdAsc(caseId)) {
            String what = "waited for: " + named(r.by().words(), r.on);
            all.add(new Revised(0, r.madeAt, r.madeBy, Map.of(), Map.of(what, r.note.isEmpty() ? "yes" : r.note)));
            if (!r.isWaiting()) {
                all.add(new Revised(
                        0,
                        r.endedAt,
                        r.endedBy,
                        Map.of(),
                        Map.of(what, r.noteId == null ? "no answer will come: " + r.why : "answered")));
            }
        }
        for (AttachedRecord a : attached.findByCaseIdOrderById(caseId)) {
            Map<String, String> there = Map.of("report", a.name);
            all.add(new Revised(0, a.madeAt, a.madeBy, Map.of(), there));
            if (a.removedAt != null) {
                all.add(new Revised(0, a.removedAt, a.removedBy, there, Map.of()));
            }
        }
        hunches.findByCaseIdOrderById(caseId)
                .forEach(h -> all.add(new Revised(
                        0,
                        h.madeAt,
                        h.madeBy,
                        Map.of(),
                        Map.of(
                                "thought of " + catalogue.conditionName(h.condition),
                                Math.round(100 * h.stated) + " %"))));
        return all;
    }

    private static Map<String, String> said(NoteRecord n, Catalogue catalogue) {
        String by = named(n.by().words(), n.on) + (n.months == null ? "" : ", " + n.months + " months");
        Map<String, String> said = new TreeMap<>();
        n.answers.forEach((condition, cameOut) ->
                said.put(catalogue.conditionName(condition) + " by " + by, cameOut.replace('-', ' ')));
        if (!n.note.isEmpty()) {
            said.put("note of " + by, n.note);
        }
        return said;
    }

    private static String named(String reference, LocalDate on) {
        return reference + " of " + on;
    }
}
