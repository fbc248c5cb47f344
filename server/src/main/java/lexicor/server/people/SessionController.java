package lexicor.server.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.util.List;
import java.util.Optional;
import lexicor.server.people.PeopleViews.DemoRequest;
import lexicor.server.people.PeopleViews.FirstLeadRequest;
import lexicor.server.people.PeopleViews.NewPassword;
import lexicor.server.people.PeopleViews.NewPin;
import lexicor.server.people.PeopleViews.PinRequest;
import lexicor.server.people.PeopleViews.SessionView;
import lexicor.server.people.PeopleViews.SignInRequest;
import lexicor.server.problems.Refusal;
import lexicor.server.settings.SettingsService;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out, and the lock of an idle screen. */
@RestController
@RequestMapping("/api/session")
class SessionController {
    private static final String WRONG_PINS = "lexicor.wrongPins";
    private static final int MOST_WRONG_PINS = 5;

    private final PeopleService people;
    private final FirstLead firstLead;
    private final DemoAccounts demo;
    private final Tries tries;
    private final SignedIn signedIn;
    private final SettingsService settings;
    private final SecurityContextRepository contexts;

    SessionController(
            PeopleService people,
            FirstLead firstLead,
            DemoAccounts demo,
            Tries tries,
            SignedIn signedIn,
            SettingsService settings,
            SecurityContextRepository contexts) {
        this.people = people;
        this.firstLead = firstLead;
        this.demo = demo;
        this.tries = tries;
        this.signedIn = signedIn;
        this.settings = settings;
        this.contexts = contexts;
    }

    @GetMapping
    SessionView session(HttpServletRequest request) {
        Optional<Person> person = signedIn.ifAny();
        if (person.isEmpty()) {
            String state = firstLead.token().isPresent() ? "first-lead" : "signed-out";
            return new SessionView(state, null, null, false, 0, demo.listed());
        }
        return new SessionView(
                SessionLock.isLocked(request) ? "locked" : "signed-in",
                person.get().name(),
                person.get().role().id(),
                people.hasPin(),
                settings.current().lockMinutes(),
                List.of());
    }

    @PostMapping
    SessionView signIn(@RequestBody SignInRequest wanted, HttpServletRequest request, HttpServletResponse response) {
        String name = Optional.ofNullable(wanted.name()).orElse("").strip();
        tries.allow(name);
        Optional<Person> person = people.withPassword(name, wanted.password());
        if (person.isEmpty()) {
            tries.failed(name);
            throw Refusal.signedOut("Name or password is not right.");
        }
        tries.succeeded(name);
        return begin(person.get(), request, response);
    }

    @PostMapping("/first-lead")
    SessionView createFirstLead(
            @RequestBody FirstLeadRequest wanted, HttpServletRequest request, HttpServletResponse response) {
        return begin(firstLead.create(wanted), request, response);
    }

    @PostMapping("/demo")
    SessionView signInToDemo(
            @RequestBody DemoRequest wanted, HttpServletRequest request, HttpServletResponse response) {
        return begin(demo.person(wanted.name()), request, response);
    }

    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest request) {
        end(request);
    }

    @PostMapping("/everywhere")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOutEverywhere(HttpServletRequest request) {
        people.signOutEverywhere();
        end(request);
    }

    @PostMapping("/lock")
    SessionView lock(HttpServletRequest request) {
        signedIn.person();
        SessionLock.lock(request);
        return session(request);
    }

    /** Opens a locked screen; after a few wrong PINs the password is needed. */
    @PostMapping("/unlock")
    SessionView unlock(@RequestBody PinRequest wanted, HttpServletRequest request) {
        Person person = signedIn.person();
        HttpSession session = request.getSession();
        if (!people.isPin(wanted.pin())) {
            int wrong = Optional.ofNullable((Integer) session.getAttribute(WRONG_PINS))
                            .orElse(0)
                    + 1;
            session.setAttribute(WRONG_PINS, wrong);
            if (wrong >= MOST_WRONG_PINS) {
                end(request);
                throw Refusal.signedOut(
                        "The PIN was wrong " + wrong + " times. Sign in as " + person.name() + " again.");
            }
            throw Refusal.field("pin", "not the PIN of " + person.name());
        }
        SessionLock.open(request);
        session.removeAttribute(WRONG_PINS);
        return session(request);
    }

    @PutMapping("/pin")
    SessionView changePin(@RequestBody NewPin wanted, HttpServletRequest request) {
        people.newPin(wanted.password(), wanted.pin());
        return session(request);
    }

    /** Changes the password and ends every other session. */
    @PutMapping("/password")
    SessionView changePassword(
            @RequestBody NewPassword wanted, HttpServletRequest request, HttpServletResponse response) {
        return begin(people.newPassword(wanted.password(), wanted.newPassword()), request, response);
    }

    /** A session of its own: nothing of one that was there before lives on. */
    private SessionView begin(Person person, HttpServletRequest request, HttpServletResponse response) {
        end(request);
        request.getSession(true);
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(SignedIn.authentication(person));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
        return session(request);
    }

    private static void end(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
        SecurityContextHolder.clearContext();
    }
}
