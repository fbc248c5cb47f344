package lexicor.server.outcomes;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Complaint;
import lexicor.server.cases.CaseBasis;
import lexicor.server.cases.CaseDoor;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.cases.records.CaseStore;
import lexicor.server.outcomes.OutcomeViews.WaitingCase;
import lexicor.server.outcomes.records.ReferralRecord;
import lexicor.server.outcomes.records.ReferralStore;
import lexicor.server.people.Person;
import lexicor.server.people.SignedIn;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Cases that wait for an answer. */
@Service
public class WaitingCases {
    /** An answer usually comes within as many; a working line. */
    private static final int USUAL_WEEKS = 8;

    private final ReferralStore referrals;
    private final CaseStore cases;
    private final CaseDoor door;
    private final CaseBasis basis;
    private final OutcomeDays days;
    private final SignedIn signedIn;

    WaitingCases(
            ReferralStore referrals,
            CaseStore cases,
            CaseDoor door,
            CaseBasis basis,
            OutcomeDays days,
            SignedIn signedIn) {
        this.referrals = referrals;
        this.cases = cases;
        this.door = door;
        this.basis = basis;
        this.days = days;
        this.signedIn = signedIn;
    }

    /** Those that whoever asks may open, the longest waited for first. */
    @Transactional(readOnly = true)
    public List<WaitingCase> all() {
        Person person = signedIn.person();
        List<ReferralRecord> waiting = referrals.findByEndedAtIsNullOrderByOnAscIdAsc();
        Map<Long, CaseRecord> open = cases
                .findAllById(waiting.stream().map(r -> r.caseId).distinct().toList())
                .stream()
                .filter(c -> c.deletedAt == null && door.isOpenTo(person, c))
                .collect(Collectors.toMap(c -> c.id, Function.identity()));
        Map<Long, String> addresses = door.addresses(List.copyOf(open.values()));
        return waiting.stream()
                .filter(r -> open.containsKey(r.caseId))
                .map(r -> waiting(r, open.get(r.caseId), addresses.get(r.caseId)))
                .toList();
    }

    private WaitingCase waiting(ReferralRecord r, CaseRecord stored, String code) {
        int weeks = days.weeksSince(r.on);
        return new WaitingCase(
                code,
                basis.of(stored)
                        .catalogue()
                        .complaint(stored.complaint)
                        .map(Complaint::name)
                        .orElse(stored.complaint),
                r.by(),
                days.referred(r.by(), r.on),
                r.note,
                r.on,
                weeks,
                isLate(r));
    }

    /** How many of everybody's have been waited for longer than usual. */
    @Transactional(readOnly = true)
    public int late() {
        return (int) referrals.findByEndedAtIsNullOrderByOnAscIdAsc().stream()
                .filter(this::isLate)
                .count();
    }

    private boolean isLate(ReferralRecord r) {
        return days.weeksSince(r.on) > USUAL_WEEKS;
    }
}
