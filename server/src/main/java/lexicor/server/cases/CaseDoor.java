package lexicor.server.cases;

import java.util.Optional;
import lexicor.server.people.Person;
import lexicor.server.people.Role;
import lexicor.server.people.SignedIn;
import lexicor.server.problems.Refusal;
import lexicor.server.settings.SettingsService;
import org.springframework.stereotype.Component;

/**
 * The one way to a stored case. It belongs to its examiner and to those it is shared with, or to everybody who keeps cases
 * where the department shares all; for anybody else it is not there.
 */
@Component
class CaseDoor {
    private final CaseStore cases;
    private final SignedIn signedIn;
    private final SettingsService settings;

    CaseDoor(CaseStore cases, SignedIn signedIn, SettingsService settings) {
        this.cases = cases;
        this.signedIn = signedIn;
        this.settings = settings;
    }

    /** The case, or a refusal that says there is none. */
    CaseRecord existing(String code) {
        return open(code, cases.findByCode(code));
    }

    /** The same, locked until the transaction ends, so that acts on one case are played one after another. */
    CaseRecord lockExisting(String code) {
        return open(code, cases.lockByCode(code));
    }

    /** The same to record in it, which a closed case refuses. */
    CaseRecord lockForRecording(String code) {
        CaseRecord stored = lockExisting(code);
        if (stored.isClosed()) {
            throw Refusal.conflict("Case " + code + " is closed. Open it again to record.");
        }
        return stored;
    }

    /** The case for its history, which an auditor reads as well. */
    CaseRecord forHistory(String code) {
        return signedIn.person().role() == Role.AUDITOR
                ? cases.findByCode(code).orElseThrow(() -> none(code))
                : existing(code);
    }

    /** Refuses whoever it does not belong to. */
    void ownedBy(Person person, CaseRecord stored) {
        if (stored.owner != null && !stored.owner.equals(person.name()) && !person.isLead()) {
            throw Refusal.forbidden("Only " + stored.owner + ", whose case it is, or a lead can do this.");
        }
    }

    private CaseRecord open(String code, Optional<CaseRecord> found) {
        Person person = signedIn.person();
        return found.filter(c -> c.deletedAt == null)
                .filter(c -> isOpenTo(person, c))
                .orElseThrow(() -> none(code));
    }

    private boolean isOpenTo(Person person, CaseRecord stored) {
        return stored.owner == null
                || stored.owner.equals(person.name())
                || stored.shares.contains(person.name())
                || settings.current().shareAll();
    }

    private static Refusal none(String code) {
        return Refusal.notFound("There is no case " + code + ".");
    }
}
