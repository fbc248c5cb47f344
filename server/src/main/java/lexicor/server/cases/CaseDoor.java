package lexicor.server.cases;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.cases.records.CaseStore;
import lexicor.server.people.PeopleService;
import lexicor.server.people.Person;
import lexicor.server.people.Role;
import lexicor.server.people.SignedIn;
import lexicor.server.problems.Refusal;
import lexicor.server.settings.SettingsService;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/**
 * The one way to a stored case. It belongs to its examiner and to those it is shared with, or to everybody who keeps cases
 * where the department shares all; for anybody else it is not there.
 */
@Component
public class CaseDoor {
    /** Between a code and who made the case. */
    private static final char OF = '~';

    /** The header that names the case that is meant. */
    private static final String MEANT = "X-Case";

    private final CaseStore cases;
    private final SignedIn signedIn;
    private final PeopleService people;
    private final SettingsService settings;

    CaseDoor(CaseStore cases, SignedIn signedIn, PeopleService people, SettingsService settings) {
        this.cases = cases;
        this.signedIn = signedIn;
        this.people = people;
        this.settings = settings;
    }

    /** The case, or a refusal that says there is none. */
    public CaseRecord existing(String address) {
        CaseRecord found = find(address).orElseThrow(() -> none(address));
        meant().filter(id -> !id.equals(String.valueOf(found.id))).ifPresent(id -> {
            throw Refusal.conflict("The code " + address
                    + " stands for another case now. Nothing was changed; open the case from the list of cases.");
        });
        return found;
    }

    /**
     * Which case the page means. A code can come to stand for another case, after a deletion or when one is shared; what was
     * tapped for one patient must never be recorded of another.
     */
    private static Optional<String> meant() {
        return RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes attributes
                ? Optional.ofNullable(attributes.getRequest().getHeader(MEANT))
                : Optional.empty();
    }

    /** The case, if it is open to whoever asks. */
    public Optional<CaseRecord> find(String address) {
        Person person = signedIn.person();
        return chosen(address, person, c -> c.deletedAt == null && isOpenTo(person, c));
    }

    /** The same, locked until the transaction ends, so that acts on one case are played one after another. */
    public CaseRecord lockExisting(String address) {
        CaseRecord locked = cases.lock(existing(address).id);
        // It may have been deleted or handed on while this one waited.
        if (locked.deletedAt != null || !isOpenTo(signedIn.person(), locked)) {
            throw none(address);
        }
        return locked;
    }

    /**
     * What somebody calls a case by: its code, and where that is the code of another of theirs too, who made it besides.
     */
    public String address(CaseRecord stored) {
        return addresses(List.of(stored)).get(stored.id);
    }

    /** The same for many at once. */
    public Map<Long, String> addresses(List<CaseRecord> some) {
        Person person = signedIn.person();
        Set<String> codes = some.stream().map(c -> c.code).collect(Collectors.toSet());
        Map<String, List<CaseRecord>> byCode = cases.findByCodeInOrderById(codes).stream()
                .filter(c -> c.deletedAt == null && isOpenTo(person, c))
                .collect(Collectors.groupingBy(c -> c.code));
        return some.stream()
                .collect(Collectors.toMap(
                        c -> c.id,
                        c -> first(byCode.getOrDefault(c.code, List.of()), person)
                                        .filter(other -> !other.id.equals(c.id))
                                        .isPresent()
                                ? c.code + OF + c.madeBy
                                : c.code));
    }

    /** The same to record in it, which a closed case refuses. */
    public CaseRecord lockForRecording(String address) {
        return requireOpen(lockExisting(address));
    }

    /** The same of a case that is locked already. */
    public static CaseRecord requireOpen(CaseRecord stored) {
        if (stored.isClosed()) {
            throw Refusal.conflict("Case " + stored.code + " is closed. Open it again to record.");
        }
        return stored;
    }

    /** The same, if it still has the version that somebody's change was made from. */
    public CaseRecord lockForRecording(String address, long version) {
        return atVersion(lockForRecording(address), version);
    }

    /** The same for what may be done to a closed case as well. */
    CaseRecord lockExisting(String address, long version) {
        return atVersion(lockExisting(address), version);
    }

    private static CaseRecord atVersion(CaseRecord stored, long version) {
        if (stored.version != version) {
            throw Refusal.conflict("version: case " + stored.code
                    + " was changed elsewhere in the meantime; here is your page anew, please repeat the last change");
        }
        return stored;
    }

    /** Why a document of the case may no longer go out in somebody's name; empty where it may. */
    @Transactional(readOnly = true)
    public Optional<String> objection(long caseId, String sender) {
        Optional<CaseRecord> stored = cases.findById(caseId).filter(c -> c.deletedAt == null);
        if (stored.isEmpty()) {
            return Optional.of("The case was deleted.");
        }
        boolean may = people.open(sender)
                .filter(p -> p.role() == Role.LEAD || p.role() == Role.CLINICIAN)
                .filter(p -> isOpenTo(p, stored.get()))
                .isPresent();
        return may ? Optional.empty() : Optional.of(sender + ", who sent it, may no longer open the case.");
    }

    /** The case for its history, which an auditor reads as well, also of a deleted one. */
    public CaseRecord forHistory(String address) {
        Person person = signedIn.person();
        return person.role() == Role.AUDITOR
                ? chosen(address, person, c -> true).orElseThrow(() -> none(address))
                : existing(address);
    }

    /** Whoever examines a patient a second time sees nothing of the first examination, nor anybody of the second, until it is closed. */
    public boolean isOpenTo(Person person, CaseRecord stored) {
        if (stored.isBlind() || person.name().equals(stored.blindTo)) {
            return stored.isBlind() && person.name().equals(stored.owner);
        }
        return stored.owner == null
                || stored.owner.equals(person.name())
                || stored.shares.contains(person.name())
                || settings.current().shareAll();
    }

    /** Refuses whoever it does not belong to. */
    public void ownedBy(Person person, CaseRecord stored) {
        if (stored.owner != null && !stored.owner.equals(person.name()) && !person.isLead()) {
            throw Refusal.forbidden("Only " + stored.owner + ", whose case it is, or a lead can do this.");
        }
    }

    private Optional<CaseRecord> chosen(String address, Person person, Predicate<CaseRecord> isOpen) {
        int of = address.indexOf(OF);
        String code = of < 0 ? address : address.substring(0, of);
        List<CaseRecord> found =
                cases.findByCodeOrderById(code).stream().filter(isOpen).toList();
        return of < 0
                ? first(found, person)
                : found.stream()
                        .filter(c -> c.madeBy.equals(address.substring(of + 1)))
                        .findFirst();
    }

    /** Which of several with one code is meant by the code alone: one's own before another's, an earlier before a later. */
    private static Optional<CaseRecord> first(List<CaseRecord> found, Person person) {
        return found.stream()
                .min(Comparator.comparing((CaseRecord c) -> !c.madeBy.equals(person.name()))
                        .thenComparing(c -> !person.name().equals(c.owner))
                        .thenComparing(c -> c.id));
    }

    private static Refusal none(String code) {
        return Refusal.notFound("There is no case " + code + ".");
    }
}
