package lexicor.server.people;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import lexicor.server.history.AfterCommit;
import lexicor.server.people.PeopleViews.NewPerson;
import lexicor.server.people.PeopleViews.PersonChange;
import lexicor.server.people.PeopleViews.PersonView;
import lexicor.server.problems.Refusal;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Keeps accounts. */
@Service
public class PeopleService {
    private static final Pattern NAME = Pattern.compile("[a-z][a-z0-9.-]{1,38}");
    private static final Pattern PIN = Pattern.compile("[0-9]{4,8}");
    /** What no password's hash is. */
    private static final String NO_PASSWORD = "";

    private static final int KEY_BYTES = 32;

    private static final long MOST_KEPT = 1000;
    private static final Set<Role> KEEPS_CASES = Set.of(Role.CLINICIAN, Role.LEAD);

    private final PersonStore store;
    private final Hashing hashing;
    private final PasswordRules rules;
    private final SecondFactor second;
    private final SignedIn signedIn;
    private final TransactionTemplate transaction;
    private final Cache<String, Optional<Person>> opened =
            Caffeine.newBuilder().maximumSize(MOST_KEPT).build();

    PeopleService(
            PersonStore store,
            Hashing hashing,
            PasswordRules rules,
            SecondFactor second,
            SignedIn signedIn,
            PlatformTransactionManager transactions) {
        this.store = store;
        this.hashing = hashing;
        this.rules = rules;
        this.second = second;
        this.signedIn = signedIn;
        this.transaction = new TransactionTemplate(transactions);
    }

    @Transactional(readOnly = true)
    public boolean isEmpty() {
        return store.count() == 0;
    }

    @Transactional(readOnly = true)
    public List<PersonView> all() {
        return store.findAllByOrderByName().stream().map(PeopleService::view).toList();
    }

    /** Everybody's name, whoever has left among them. */
    public List<String> names() {
        return all().stream().map(PersonView::name).sorted().toList();
    }

    /** Everybody who can be given a case. */
    @Transactional(readOnly = true)
    public List<String> colleagues() {
        return store.findAllByOrderByName().stream()
                .filter(p -> p.active && KEEPS_CASES.contains(p.role))
                .map(p -> p.name)
                .toList();
    }

    /** Everybody of a role, by name. */
    @Transactional(readOnly = true)
    public List<String> named(Role role) {
        return store.findAllByOrderByName().stream()
                .filter(p -> p.active && p.role == role)
                .map(p -> p.name)
                .toList();
    }

    /** Makes an account. The slow hash comes before the transaction, as everywhere here. */
    public PersonView create(NewPerson request) {
        String name = Optional.ofNullable(request.name()).orElse("");
        checkName(name);
        rules.check("password", name, request.password());
        String hash = hashing.hash(request.password());
        return transaction.execute(t -> {
            PersonRecord person = named(name, request.role());
            person.passwordHash = hash;
            return view(saved(person));
        });
    }

    /** An account that no password opens. */
    @Transactional
    public void createWithoutPassword(String name, Role role) {
        PersonRecord person = named(name, role);
        person.passwordHash = NO_PASSWORD;
        saved(person);
    }

    private static void checkName(String name) {
        if (!isName(name)) {
            throw Refusal.field(
                    "name",
                    "expected 2 to 39 small letters, digits, dots and hyphens, a letter first; the name to sign in with");
        }
    }

    /** Whether an account can be called so. */
    public static boolean isName(String name) {
        return NAME.matcher(name).matches();
    }

    private PersonRecord named(String name, Role role) {
        checkName(name);
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
    public PersonView change(long id, PersonChange change) {
        String hash = null;
        if (change.password() != null) {
            rules.check("password", store.findById(id).map(p -> p.name).orElse(""), change.password());
            hash = hashing.hash(change.password());
        }
        Optional<String> newHash = Optional.ofNullable(hash);
        return transaction.execute(t -> change(id, change, newHash));
    }

    private PersonView change(long id, PersonChange change, Optional<String> newHash) {
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
        newHash.ifPresent(made -> {
            person.passwordHash = made;
            person.pinHash = null;
        });
        if (Boolean.TRUE.equals(change.dropSecondFactor())) {
            second.clear(person);
        }
        if (newHash.isPresent() || role != person.role || !change.active()) {
            person.signOuts++;
        }
        person.role = role;
        person.active = change.active();
        return view(saved(person));
    }

    public Person newPassword(String wanted) {
        rules.check("newPassword", signedIn.person().name(), wanted);
        String hash = hashing.hash(wanted);
        return transaction.execute(t -> {
            PersonRecord person = own();
            person.passwordHash = hash;
            person.signOuts++;
            return saved(person).person();
        });
    }

    public void newPin(String pin) {
        if (pin == null || !PIN.matcher(pin).matches() || pin.chars().distinct().count() < 2) {
            throw Refusal.field("pin", "expected 4 to 8 digits, not all the same");
        }
        String hash = hashing.hash(pin);
        transaction.executeWithoutResult(t -> {
            PersonRecord person = own();
            person.pinHash = hash;
            saved(person);
        });
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

    /** Whether the account is still as it was when somebody signed in. */
    public boolean isStill(Person person) {
        return open(person.name()).filter(person::equals).isPresent();
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
    public boolean isPin(String pin) {
        String hash = own().pinHash;
        return hash != null && hashing.matches(pin, hash, true);
    }

    /**
     * The account, if the password is right. Takes as long for a name that there is not.
     *
     * @param isKnown whether it is tried at a device that they have signed in at before
     */
    public Optional<Person> withPassword(String name, String password, boolean isKnown) {
        Optional<PersonRecord> found = store.findByName(name).filter(p -> p.active);
        boolean right = hashing.matches(password, found.map(p -> p.passwordHash).orElse(null), isKnown);
        return found.filter(p -> right).map(PersonRecord::person);
    }

    /** Refuses whoever does not know the password of the person signed in. */
    public void confirm(String password) {
        if (!hashing.matches(password, own().passwordHash, true)) {
            throw Refusal.field("password", "this is not your password");
        }
    }

    /** What taps that wait on the devices of the person signed in are encrypted with. */
    public String tapKey() {
        return Optional.ofNullable(own().tapKey)
                .orElseGet(() -> transaction.execute(t -> {
                    PersonRecord person =
                            store.lockByName(signedIn.person().name()).orElseThrow();
                    if (person.tapKey == null) {
                        byte[] bytes = new byte[KEY_BYTES];
                        new SecureRandom().nextBytes(bytes);
                        person.tapKey = Base64.getEncoder().encodeToString(bytes);
                        store.saveAndFlush(person);
                    }
                    return person.tapKey;
                }));
    }

    private PersonRecord own() {
        return store.findByName(signedIn.person().name()).orElseThrow();
    }

    private static Role role(Role given) {
        return Optional.ofNullable(given)
                .orElseThrow(() -> Refusal.field("role", "missing; expected clinician, lead, student or auditor"));
    }

    private static PersonView view(PersonRecord p) {
        return new PersonView(p.id, p.version, p.name, p.role, p.active, p.secondFactor);
    }
}
