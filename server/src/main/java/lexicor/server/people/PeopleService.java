package lexicor.server.people;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import lexicor.server.history.AfterCommit;
import lexicor.server.people.PeopleViews.NewPerson;
import lexicor.server.people.PeopleViews.PersonChange;
import lexicor.server.people.PeopleViews.PersonView;
import lexicor.server.problems.Refusal;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps accounts. */
@Service
public class PeopleService {
    private static final Pattern NAME = Pattern.compile("[a-z][a-z0-9.-]{1,38}");
    private static final Pattern PIN = Pattern.compile("[0-9]{4,8}");
    /** What no password's hash is. */
    private static final String NO_PASSWORD = "";

    private static final long MOST_KEPT = 1000;
    private static final Set<Role> KEEPS_CASES = Set.of(Role.CLINICIAN, Role.LEAD);

    private final PersonStore store;
    private final PasswordEncoder encoder;
    private final PasswordRules rules;
    private final SignedIn signedIn;
    private final Cache<String, Optional<Person>> opened =
            Caffeine.newBuilder().maximumSize(MOST_KEPT).build();

    PeopleService(PersonStore store, PasswordEncoder encoder, PasswordRules rules, SignedIn signedIn) {
        this.store = store;
        this.encoder = encoder;
        this.rules = rules;
        this.signedIn = signedIn;
    }

    @Transactional(readOnly = true)
    public boolean isEmpty() {
        return store.count() == 0;
    }

    @Transactional(readOnly = true)
    public List<PersonView> all() {
        return store.findAllByOrderByName().stream().map(PeopleService::view).toList();
    }

    /** Everybody who can be given a case. */
    @Transactional(readOnly = true)
    public List<String> colleagues() {
        return store.findAllByOrderByName().stream()
                .filter(p -> p.active && KEEPS_CASES.contains(p.role))
                .map(p -> p.name)
                .toList();
    }

    @Transactional
    public PersonView create(NewPerson request) {
        PersonRecord person = named(request.name(), request.role());
        rules.check("password", person.name, request.password());
        person.passwordHash = encoder.encode(request.password());
        return view(saved(person));
    }

    /** An account that no password opens. */
    @Transactional
    void createWithoutPassword(String name, Role role) {
        PersonRecord person = named(name, role.id());
        person.passwordHash = NO_PASSWORD;
        saved(person);
    }

    private PersonRecord named(String wanted, String role) {
        String name = Optional.ofNullable(wanted).orElse("");
        if (!NAME.matcher(name).matches()) {
            throw Refusal.field(
                    "name",
                    "expected 2 to 39 small letters, digits, dots and hyphens, a letter first; the name to sign in with");
        }
        if (store.findByName(name).isPresent()) {
            throw Refusal.conflict("name: there is already an account " + name + "; choose another name");
        }
        PersonRecord person = new PersonRecord();
        person.name = name;
        person.role = role(role);
        person.active = true;
        return person;
    }

    /** Changes an account from the version last seen. A new role, a new password or closing it ends its sessions. */
    @Transactional
    public PersonView change(long id, PersonChange change) {
        PersonRecord person = store.findById(id).orElseThrow(() -> Refusal.notFound("There is no account " + id + "."));
        if (person.version != change.version()) {
            throw Refusal.conflict(
                    "version: the account was changed elsewhere in the meantime; here it is anew, please repeat");
        }
        Role role = role(change.role());
        boolean stopsLeading = person.role == Role.LEAD && person.active && (role != Role.LEAD || !change.active());
        if (stopsLeading && store.countByRoleAndActiveTrue(Role.LEAD) == 1) {
            throw Refusal.conflict("role: this is the only lead; make somebody else one first");
        }
        if (change.password() != null) {
            rules.check("password", person.name, change.password());
            person.passwordHash = encoder.encode(change.password());
            person.pinHash = null;
        }
        if (change.password() != null || role != person.role || !change.active()) {
            person.signOuts++;
        }
        person.role = role;
        person.active = change.active();
        return view(saved(person));
    }

    @Transactional
    public Person newPassword(String old, String wanted) {
        PersonRecord person = confirmed(old);
        rules.check("newPassword", person.name, wanted);
        person.passwordHash = encoder.encode(wanted);
        person.signOuts++;
        return saved(person).person();
    }

    @Transactional
    public void newPin(String password, String pin) {
        PersonRecord person = confirmed(password);
        if (pin == null || !PIN.matcher(pin).matches() || pin.chars().distinct().count() < 2) {
            throw Refusal.field("pin", "expected 4 to 8 digits, not all the same");
        }
        person.pinHash = encoder.encode(pin);
        saved(person);
    }

    /** Ends every session of the person signed in. */
    @Transactional
    public void signOutEverywhere() {
        PersonRecord person = own();
        person.signOuts++;
        saved(person);
    }

    /** The account of that name as it is now; empty if it is closed or there is none. */
    public Optional<Person> open(String name) {
        return opened.get(name, n -> store.findByName(n).filter(p -> p.active).map(PersonRecord::person));
    }

    /** Every request asks for its account; a change of one is seen by the next request. */
    private PersonRecord saved(PersonRecord person) {
        PersonRecord saved = store.saveAndFlush(person);
        AfterCommit.run(() -> opened.invalidate(saved.name));
        return saved;
    }

    @Transactional(readOnly = true)
    public boolean hasPin() {
        return own().pinHash != null;
    }

    /** Whether the PIN is that of the person signed in. */
    @Transactional(readOnly = true)
    public boolean isPin(String pin) {
        PersonRecord person = own();
        return person.pinHash != null && pin != null && encoder.matches(pin, person.pinHash);
    }

    /** The account, if the password is right. Takes as long for a name that there is not. */
    @Transactional(readOnly = true)
    public Optional<Person> withPassword(String name, String password) {
        Optional<PersonRecord> found = store.findByName(name).filter(p -> p.active);
        String hash = found.map(p -> p.passwordHash).orElseGet(this::nobodysHash);
        boolean right = encoder.matches(Optional.ofNullable(password).orElse(""), hash);
        return found.filter(p -> right).map(PersonRecord::person);
    }

    private String nobody;

    private synchronized String nobodysHash() {
        if (nobody == null) {
            nobody = encoder.encode("somebody who is not there");
        }
        return nobody;
    }

    private PersonRecord confirmed(String password) {
        PersonRecord person = own();
        if (password == null || !encoder.matches(password, person.passwordHash)) {
            throw Refusal.field("password", "this is not your password");
        }
        return person;
    }

    private PersonRecord own() {
        return store.findByName(signedIn.person().name()).orElseThrow();
    }

    private static Role role(String id) {
        return Role.withId(Optional.ofNullable(id).orElse(""))
                .orElseThrow(() -> Refusal.field("role", "expected clinician, lead, student or auditor, found " + id));
    }

    private static PersonView view(PersonRecord p) {
        return new PersonView(p.id, p.version, p.name, p.role.id(), p.active);
    }
}
