package lexicor.server.signin;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.util.List;
import java.util.Optional;
import lexicor.server.build.Build;
import lexicor.server.catalogue.Editions;
import lexicor.server.people.PeopleService;
import lexicor.server.people.Person;
import lexicor.server.people.SecondFactor;
import lexicor.server.people.SignedIn;
import lexicor.server.people.TimeCode;
import lexicor.server.settings.SettingsService;
import lexicor.server.signin.SessionViews.CodeProof;
import lexicor.server.signin.SessionViews.DemoRequest;
import lexicor.server.signin.SessionViews.FirstLeadRequest;
import lexicor.server.signin.SessionViews.NewPassword;
import lexicor.server.signin.SessionViews.NewPin;
import lexicor.server.signin.SessionViews.PasswordProof;
import lexicor.server.signin.SessionViews.PinRequest;
import lexicor.server.signin.SessionViews.RecoveryCodes;
import lexicor.server.signin.SessionViews.SecondFactorOffer;
import lexicor.server.signin.SessionViews.SessionView;
import lexicor.server.signin.SessionViews.SignInRequest;
import lexicor.server.signin.SessionViews.State;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CsrfTokenRepository;
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
    private static final String SECRET = "lexicor.secret";

    private final PeopleService people;
    private final FirstLead firstLead;
    private final DemoAccounts demo;
    private final SignIn signIn;
    private final SecondFactor second;
    private final ScreenLock lock;
    private final SignedIn signedIn;
    private final SettingsService settings;
    private final Editions editions;
    private final SecurityContextRepository contexts;
    private final CsrfTokenRepository tokens;

    SessionController(
            PeopleService people,
            FirstLead firstLead,
            DemoAccounts demo,
            SignIn signIn,
            SecondFactor second,
            ScreenLock lock,
            SignedIn signedIn,
            SettingsService settings,
            Editions editions,
            SecurityContextRepository contexts,
            CsrfTokenRepository tokens) {
        this.people = people;
        this.firstLead = firstLead;
        this.demo = demo;
        this.signIn = signIn;
        this.second = second;
        this.lock = lock;
        this.signedIn = signedIn;
        this.settings = settings;
        this.editions = editions;
        this.contexts = contexts;
        this.tokens = tokens;
    }

    @GetMapping
    SessionView session(HttpServletRequest request) {
        Optional<Person> person = signedIn.ifAny();
        if (person.isEmpty()) {
            State state = firstLead.token().isPresent() ? State.FIRST_LEAD : State.SIGNED_OUT;
            return new SessionView(state, null, null, false, 0, false, null, false, Build.version(), demo.listed());
        }
        boolean locked = lock.isLocked(request);
        boolean open = !locked && !second.isMissing(person.get());
        return new SessionView(
                locked ? State.LOCKED : open ? State.SIGNED_IN : State.SECOND_FACTOR,
                person.get().name(),
                person.get().role(),
                people.hasPin(),
                settings.current().lockMinutes(),
                second.has(person.get().name()),
                open ? people.tapKey() : null,
                !editions.unfit().isEmpty(),
                Build.version(),
                List.of());
    }

    @PostMapping
    SessionView signIn(@RequestBody SignInRequest wanted, HttpServletRequest request, HttpServletResponse response) {
        return begin(signIn.person(wanted, request, response), request, response);
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
        lock.lock(request);
        return session(request);
    }

    /** A sign of life from a page that somebody uses without changing anything. */
    @PostMapping("/alive")
    SessionView stayOpen(HttpServletRequest request) {
        lock.alive(request);
        return session(request);
    }

    /** Opens a locked screen; after a few wrong PINs the password is needed. */
    @PostMapping("/unlock")
    SessionView unlock(@RequestBody PinRequest wanted, HttpServletRequest request) {
        signIn.checkPin(signedIn.person(), wanted.pin(), request);
        lock.open(request);
        return session(request);
    }

    @PutMapping("/pin")
    SessionView changePin(@RequestBody NewPin wanted, HttpServletRequest request) {
        signIn.confirm(wanted.password(), request);
        people.newPin(wanted.pin());
        return session(request);
    }

    /** Changes the password and ends every other session. */
    @PutMapping("/password")
    SessionView changePassword(
            @RequestBody NewPassword wanted, HttpServletRequest request, HttpServletResponse response) {
        signIn.confirm(wanted.password(), request);
        return begin(people.newPassword(wanted.newPassword()), request, response);
    }

    /** Offers a second factor; it counts once a code shows that the app has it. */
    @PostMapping("/second-factor")
    SecondFactorOffer offerSecondFactor(@RequestBody PasswordProof proof, HttpServletRequest request) {
        signIn.confirm(proof.password(), request);
        String secret = second.newSecret();
        request.getSession().setAttribute(SECRET, secret);
        return new SecondFactorOffer(
                secret, TimeCode.picture(TimeCode.uri(secret, signedIn.person().name())));
    }

    @PostMapping("/second-factor/begin")
    RecoveryCodes beginSecondFactor(@RequestBody CodeProof proof, HttpServletRequest request) {
        HttpSession session = request.getSession();
        List<String> codes = second.begin(signedIn.person(), (String) session.getAttribute(SECRET), proof.code());
        session.removeAttribute(SECRET);
        return new RecoveryCodes(codes);
    }

    @PostMapping("/second-factor/end")
    SessionView endSecondFactor(@RequestBody PasswordProof proof, HttpServletRequest request) {
        signIn.confirm(proof.password(), request);
        second.end(signedIn.person().name());
        return session(request);
    }

    /** A session of its own: nothing of one that was there before lives on, the page's token least of all. */
    private SessionView begin(Person person, HttpServletRequest request, HttpServletResponse response) {
        end(request);
        request.getSession(true);
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(SignedIn.authentication(person));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
        lock.open(request);
        tokens.saveToken(tokens.generateToken(request), request, response);
        return session(request);
    }

    private static void end(HttpServletRequest request) {
        OpenSessions.end(request);
        SecurityContextHolder.clearContext();
    }
}
