package lexicor.server.practice;

import lexicor.server.people.PeopleService;
import lexicor.server.people.Person;
import lexicor.server.people.Role;
import lexicor.server.people.SignedIn;
import lexicor.server.problems.Refusal;
import org.springframework.stereotype.Component;

/**
 * The one way to what somebody practises. It is their own; a lead sees the students' as well, and changes nothing of it. For anybody
 * else it is not there.
 */
@Component
class PracticeDoor {
    private final PatientStore store;
    private final PeopleService people;
    private final SignedIn signedIn;

    PracticeDoor(PatientStore store, PeopleService people, SignedIn signedIn) {
        this.store = store;
        this.people = people;
        this.signedIn = signedIn;
    }

    Person person() {
        return signedIn.person();
    }

    String name() {
        return person().name();
    }

    /** One that may be looked at. */
    PatientRecord existing(long id) {
        return store.findById(id).filter(p -> isOpen(p.owner)).orElseThrow(() -> none(id));
    }

    /** One's own, locked until the transaction ends. */
    PatientRecord lockOwn(long id) {
        PatientRecord locked = store.lock(id);
        if (locked == null || !locked.owner.equals(name())) {
            throw none(id);
        }
        return locked;
    }

    /** One's own that is not over. */
    PatientRecord lockOpen(long id) {
        PatientRecord locked = lockOwn(id);
        if (locked.isEnded()) {
            throw Refusal.conflict("This patient has gone: the examination was ended. Begin another one.");
        }
        return locked;
    }

    /** Whether whoever asks may see what somebody practises. */
    boolean isOpen(String owner) {
        Person asking = person();
        return owner.equals(asking.name()) || asking.isLead() && isStudent(owner);
    }

    boolean isStudent(String name) {
        return people.named(Role.STUDENT).contains(name);
    }

    private static Refusal none(long id) {
        return Refusal.notFound("There is no simulated patient " + id + " of yours.");
    }
}
