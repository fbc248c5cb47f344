package lexicor.server.signin;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Optional;
import lexicor.server.people.Hashing;
import lexicor.server.people.PeopleService;
import lexicor.server.people.Person;
import lexicor.server.people.SecondFactor;
import lexicor.server.problems.Refusal;
import lexicor.server.signin.SessionViews.SignInRequest;
import org.springframework.stereotype.Component;

/**
 * Lets in whoever shows who they are, and makes guessing slow. Wrong tries are counted by name and network together, and at a
 * device where the person has signed in before by themselves, so that nobody can lock another out from elsewhere.
 */
@Component
class SignIn {
    private static final int MOST_WRONG_PINS = 5;
    private static final String WRONG = "Name or password is not right.";

    private final PeopleService people;
    private final KnownDevices devices;
    private final Tries tries;
    private final SecondFactor second;
    private final FailedSignIns failed;
    private final Hashing hashing;
    private final Cache<String, Integer> pins = Caffeine.newBuilder()
            .maximumSize(10_000)
            .expireAfterAccess(Duration.ofHours(12))
            .build();

    SignIn(
            PeopleService people,
            KnownDevices devices,
            Tries tries,
            SecondFactor second,
            FailedSignIns failed,
            Hashing hashing) {
        this.hashing = hashing;
        this.people = people;
        this.devices = devices;
        this.tries = tries;
        this.second = second;
        this.failed = failed;
    }

    /** Who it is, by name, password and, where there is one, second factor. */
    Person person(SignInRequest wanted, HttpServletRequest request, HttpServletResponse response) {
        String name = Optional.ofNullable(wanted.name()).orElse("").strip();
        String network = Network.of(request);
        if (!PeopleService.isName(name)) {
            failed.add(Optional.empty(), network);
            throw Refusal.signedOut(WRONG);
        }
        Optional<String> device = devices.known(request, name);
        hashing.refuseACrowd(device.isPresent());
        Tries.Try counted = tries.begin(device.map(d -> "device " + d).orElse("network " + network) + " " + name);
        Optional<Person> person = withPassword(wanted, name, device.isPresent(), counted);
        if (person.isEmpty()) {
            failed.add(people.open(name).map(Person::name), network);
            throw Refusal.signedOut(WRONG);
        }
        if (second.has(name)) {
            checkCode(name, wanted.code(), network, counted);
        }
        counted.succeeded();
        devices.remember(request, response, name);
        return person.get();
    }

    private Optional<Person> withPassword(SignInRequest wanted, String name, boolean isKnown, Tries.Try counted) {
        try {
            return people.withPassword(name, wanted.password(), isKnown);
        } catch (Refusal busy) {
            counted.withdrawn();
            throw busy;
        }
    }

    /** Counted by the name alone: whoever comes this far knows the password. */
    private void checkCode(String name, String code, String network, Tries.Try counted) {
        if (code == null || code.isBlank()) {
            counted.withdrawn();
            throw Refusal.codeWanted("The code of your second factor is wanted as well.");
        }
        Tries.Try codes = tries.begin("code " + name);
        if (!second.isRight(name, code)) {
            failed.add(Optional.of(name), network);
            throw Refusal.codeWanted("This is not the code of now, nor one that is kept for when the app is gone.");
        }
        codes.succeeded();
    }

    /** Refuses whoever does not know the password of the person signed in. */
    void confirm(String password, HttpServletRequest request) {
        Tries.Try counted = tries.begin("confirm " + request.getSession().getId());
        people.confirm(password);
        counted.succeeded();
    }

    /** Refuses a wrong PIN; after a few the session has ended and the password is needed. */
    void checkPin(Person person, String pin, HttpServletRequest request) {
        String session = request.getSession().getId();
        int times = pins.asMap().merge(session, 1, Integer::sum);
        if (times <= MOST_WRONG_PINS && people.isPin(pin)) {
            pins.invalidate(session);
            return;
        }
        if (times >= MOST_WRONG_PINS) {
            OpenSessions.end(request);
            throw Refusal.signedOut(
                    "The PIN was wrong " + MOST_WRONG_PINS + " times. Sign in as " + person.name() + " again.");
        }
        throw Refusal.field("pin", "not the PIN of " + person.name());
    }
}
