package lexicor.server.cases;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Complaint;
import lexicor.core.examination.Readings;
import lexicor.core.weighing.BedsideCase;
import lexicor.core.weighing.Suspicion;
import lexicor.server.cases.CaseViews.CaseSummary;
import lexicor.server.cases.CaseViews.CaseView;
import lexicor.server.cases.CaseViews.Examination;
import lexicor.server.cases.CaseViews.IntakeChange;
import lexicor.server.cases.CaseViews.LadderChange;
import lexicor.server.cases.CaseViews.NewCase;
import lexicor.server.cases.CaseViews.NewOverride;
import lexicor.server.cases.CaseViews.NewTap;
import lexicor.server.cases.CaseViews.PlanChange;
import lexicor.server.cases.CaseViews.Sharing;
import lexicor.server.cases.CaseViews.TapView;
import lexicor.server.catalogue.Editions;
import lexicor.server.people.PeopleService;
import lexicor.server.people.SignedIn;
import lexicor.server.privacy.PersonalDetails;
import lexicor.server.problems.Refusal;
import lexicor.server.settings.SettingsService;
import lexicor.server.standing.Basis;
import lexicor.server.standing.Standing.ConditionStanding;
import lexicor.server.standing.StandingService;
import lexicor.server.standing.Weighed;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Opens, keeps and answers for cases. Every change is one transaction. */
@Service
class CaseService {
    private static final String CODE_PREFIX = "HB-";
    private static final String DEFAULT_SETTING = "community";
    private static final int PAGE = 50;
    /** A smaller difference of a probability does not show. */
    private static final double SEEN = 0.0005;

    private final CaseStore cases;
    private final CaseDoor door;
    private final SignedIn signedIn;
    private final PeopleService people;
    private final AccessLog log;
    private final RecordingClock clock;
    private final TapStore taps;
    private final OverrideStore overrides;
    private final CaseAssembly assembly;
    private final Safety safety;
    private final Plans plans;
    private final Ladders ladders;
    private final IntakeCheck check;
    private final StandingService standings;
    private final SettingsService settings;
    private final CaseBasis basis;
    private final Editions editions;

    CaseService(
            CaseStore cases,
            CaseDoor door,
            SignedIn signedIn,
            PeopleService people,
            AccessLog log,
            RecordingClock clock,
            TapStore taps,
            OverrideStore overrides,
            CaseAssembly assembly,
            Safety safety,
            Plans plans,
            Ladders ladders,
            IntakeCheck check,
            StandingService standings,
            SettingsService settings,
            CaseBasis basis,
            Editions editions) {
        this.cases = cases;
        this.door = door;
        this.signedIn = signedIn;
        this.people = people;
        this.log = log;
        this.clock = clock;
        this.taps = taps;
        this.overrides = overrides;
        this.assembly = assembly;
        this.safety = safety;
        this.plans = plans;
        this.ladders = ladders;
        this.check = check;
        this.standings = standings;
        this.settings = settings;
        this.basis = basis;
        this.editions = editions;
    }

    @Transactional(readOnly = true)
    public List<CaseSummary> list(String search, int page) {
        List<CaseRecord> found = cases.search(
                search, signedIn.person().name(), settings.current().shareAll(), PageRequest.of(page, PAGE));
        Map<Long, List<TapRecord>> byCase =
                taps
                        .findByCaseIdInAndUndoneFalseOrderByTappedAtAscIdAsc(
                                found.stream().map(c -> c.id).toList())
                        .stream()
                        .collect(Collectors.groupingBy(t -> t.caseId));
        Map<Long, String> addresses = door.addresses(found);
        return found.stream()
                .map(c -> summary(
                        c,
                        addresses.get(c.id),
                        assembly.readings(byCase.getOrDefault(c.id, List.of()).stream()
                                .filter(t -> t.visit == c.visit())
                                .toList())))
                .toList();
    }

    @Transactional
    public CaseView create(NewCase request) {
        return view(make(request));
    }

    /** Opens a case without asking where it stands. */
    @Transactional
    CaseRecord make(NewCase request) {
        check.complaint(request.complaint());
        IntakeCheck.side("involvedSide", request.involvedSide());
        String setting = Optional.ofNullable(request.setting()).orElse(DEFAULT_SETTING);
        check.setting(setting);
        String code = Optional.ofNullable(request.code()).orElseGet(this::nextCode);
        check.code(code);
        PersonalDetails.questionCode("code", code, request.sure());
        String me = signedIn.person().name();
        if (door.find(code).isPresent() || cases.existsByCodeAndMadeBy(code, me)) {
            throw Refusal.conflict("code: you have a case " + code + " already, or had one; choose another code");
        }
        CaseRecord stored = new CaseRecord();
        stored.code = code;
        stored.owner = me;
        stored.madeBy = me;
        stored.createdAt = now();
        stored.updatedAt = stored.createdAt;
        stored.visits.add(stored.createdAt);
        stored.complaint = request.complaint();
        stored.involvedSide = request.involvedSide();
        stored.setting = setting;
        stored.mechanism = "";
        for (String condition :
                editions.catalogue().complaint(stored.complaint).orElseThrow().candidates()) {
            CandidateRecord candidate = new CandidateRecord();
            candidate.condition = condition;
            candidate.suspicion = Suspicion.AS_USUAL.id();
            stored.candidates.add(candidate);
        }
        return cases.saveAndFlush(stored);
    }

    /** The case, as somebody opens it. */
    @Transactional
    public CaseView open(String code) {
        CaseRecord stored = door.existing(code);
        log.opened(stored);
        return view(stored);
    }

    @Transactional(readOnly = true)
    public CaseView get(String code) {
        return view(door.existing(code));
    }

    /** Saves an intake made from the stored version; one made from an older version is refused and nothing is lost. */
    @Transactional
    public CaseView saveIntake(String code, IntakeChange change) {
        return view(keepIntake(code, change));
    }

    /** The same without asking where the case stands then. */
    @Transactional
    CaseRecord keepIntake(String code, IntakeChange change) {
        if (change.intake() == null) {
            throw Refusal.field("intake", "missing");
        }
        check.intake(change.intake());
        CaseRecord stored = atVersion(code, change.version());
        Intake intake = change.intake();
        if (!intake.mechanism().equals(stored.mechanism)) {
            PersonalDetails.question("intake.mechanism", intake.mechanism(), change.sure());
        }
        take(intake, stored);
        stored.updatedAt = now();
        return cases.saveAndFlush(stored);
    }

    /** Puts an intake in the place of the stored one. */
    static void take(Intake intake, CaseRecord stored) {
        stored.complaint = intake.complaint();
        stored.involvedSide = intake.involvedSide();
        stored.dominantSide = intake.dominantSide();
        stored.ageBand = intake.ageBand();
        stored.setting = intake.setting();
        stored.mechanism = intake.mechanism();
        stored.highBias = intake.highBias();
        stored.candidates.clear();
        for (Intake.CandidateChoice choice : intake.candidates()) {
            CandidateRecord candidate = new CandidateRecord();
            candidate.condition = choice.condition();
            candidate.baseRate = choice.baseRate();
            candidate.suspicion = choice.suspicion();
            stored.candidates.add(candidate);
        }
        stored.answers.clear();
        stored.answers.putAll(intake.answers());
        stored.precautions.clear();
        stored.precautions.addAll(intake.precautions());
        stored.warnings.clear();
        stored.warnings.addAll(intake.warnings());
    }

    /** Hands a case on or shares it; its examiner or a lead can. */
    @Transactional
    public CaseView share(String code, Sharing sharing) {
        CaseRecord stored = lockedAtVersion(code, sharing.version());
        door.ownedBy(signedIn.person(), stored);
        List<String> known = people.colleagues();
        if (sharing.owner() == null || !known.contains(sharing.owner())) {
            throw Refusal.field("owner", "expected somebody who keeps cases, found " + sharing.owner());
        }
        if (sharing.shares() == null || !known.containsAll(sharing.shares())) {
            throw Refusal.field("shares", "expected a list of people who keep cases, which may be empty");
        }
        stored.owner = sharing.owner();
        stored.shares.clear();
        stored.shares.addAll(sharing.shares());
        stored.shares.remove(stored.owner);
        return view(cases.saveAndFlush(stored));
    }

    /** Records a tap; the same tap sent again changes nothing. */
    @Transactional
    public Examination tap(String code, NewTap tap) {
        return examination(record(code, tap));
    }

    /** The same, where nobody waits to see what follows. */
    @Transactional
    public CaseRecord record(String code, NewTap tap) {
        if (tap.tapId() == null || tap.changes() == null) {
            throw Refusal.field(tap.tapId() == null ? "tapId" : "changes", "missing");
        }
        TapRecord record = new TapRecord();
        record.key = tap.tapId();
        record.test = tap.test();
        record.at = Optional.ofNullable(tap.at()).orElse("");
        record.side = tap.side();
        record.changes = assembly.changes(tap.changes());
        record.recordedAt = clock.now();
        record.device = Optional.ofNullable(tap.device()).orElse("");
        check.device(record.device, tap.ageMillis());
        assembly.tap(record);
        CaseRecord stored = door.lockForRecording(code);
        if (taps.findByCaseIdAndKey(stored.id, tap.tapId()).isEmpty()) {
            safety.allow(stored, record.test);
            record.caseId = stored.id;
            record.madeBy = signedIn.person().name();
            record.visit = visit(stored, tap.visit());
            record.tappedAt =
                    tappedAt(record, Optional.ofNullable(tap.ageMillis()).orElse(0L));
            record.variant = settings.current().variants().get(record.test);
            taps.saveAndFlush(record);
            cases.touch(stored.id, record.recordedAt);
        }
        return stored;
    }

    /** The visit a tap belongs to; one that waited on a device belongs to the visit it was made at. */
    private static int visit(CaseRecord stored, Integer sent) {
        int visit = Optional.ofNullable(sent).orElse(stored.visit());
        if (visit < 1 || visit > stored.visit()) {
            throw Refusal.field("visit", "expected 1 to " + stored.visit() + ", found " + visit);
        }
        return visit;
    }

    /** Keeps the written reason for going ahead with a blocked test; from then on it can be recorded. */
    @Transactional
    public Examination goAhead(String code, NewOverride request) {
        CaseRecord stored = door.lockForRecording(code);
        OverrideRecord override = safety.goAhead(stored, request.test(), request.reason());
        PersonalDetails.question("reason", override.reason, request.sure());
        override.recordedAt = now();
        override.madeBy = signedIn.person().name();
        overrides.saveAndFlush(override);
        cases.touch(stored.id, override.recordedAt);
        return examination(stored);
    }

    /**
     * When the tap was made. The sender says how long ago, so that its clock does not matter; the taps of one device stay in
     * their order whatever the line or this clock does.
     */
    private Instant tappedAt(TapRecord tap, long ageMillis) {
        Instant made = tap.recordedAt.minusMillis(ageMillis);
        return taps.findFirstByCaseIdAndDeviceOrderByTappedAtDesc(tap.caseId, tap.device)
                .map(latest -> latest.tappedAt.plus(1, ChronoUnit.MICROS))
                .filter(soonest -> soonest.isAfter(made))
                .orElse(made);
    }

    /** Takes a tap back; one that was taken back before stays so. */
    @Transactional
    public Examination undo(String code, UUID tapId) {
        if (tapId == null) {
            throw Refusal.field("tapId", "missing");
        }
        CaseRecord stored = door.lockForRecording(code);
        TapRecord tap = taps.findByCaseIdAndKey(stored.id, tapId)
                .orElseThrow(() -> Refusal.notFound("There is no tap " + tapId + " in case " + code + "."));
        if (!tap.undone) {
            tap.undone = true;
            tap.undoneAt = now();
            tap.undoneBy = signedIn.person().name();
            taps.saveAndFlush(tap);
            cases.touch(stored.id, now());
        }
        return examination(stored);
    }

    /** Every tap ever made in the case, oldest first. */
    @Transactional(readOnly = true)
    public List<TapView> taps(String code) {
        return taps.findByCaseIdOrderByTappedAtAscIdAsc(door.existing(code).id).stream()
                .map(assembly::view)
                .toList();
    }

    /** Saves a running order made from the stored version. */
    @Transactional
    public CaseView savePlan(String code, PlanChange change) {
        CaseRecord stored = atVersion(code, change.version());
        List<String> tests = plans.checked(change.tests(), change.arrange());
        stored.plan.clear();
        stored.plan.addAll(tests);
        stored.updatedAt = now();
        return view(cases.saveAndFlush(stored));
    }

    /** Starts a ladder with an answer to its question, or leaves it. */
    @Transactional
    public CaseView walkLadder(String code, String ladder, LadderChange change) {
        CaseRecord stored = atVersion(code, change.version());
        ladders.check(ladder, change.answer());
        if (change.answer() == null) {
            stored.ladders.remove(ladder);
        } else {
            stored.ladders.put(ladder, change.answer());
        }
        stored.updatedAt = now();
        return view(cases.saveAndFlush(stored));
    }

    /** The case, locked, if it still has the version that somebody's change was made from. */
    CaseRecord atVersion(String code, long version) {
        return atVersion(door.lockForRecording(code), version);
    }

    /** The same for what may be done to a closed case as well. */
    CaseRecord lockedAtVersion(String code, long version) {
        return atVersion(door.lockExisting(code), version);
    }

    private static CaseRecord atVersion(CaseRecord stored, long version) {
        if (stored.version != version) {
            throw Refusal.conflict("version: case " + stored.code
                    + " was changed elsewhere in the meantime; here is your page anew, please repeat the last change");
        }
        return stored;
    }

    @Transactional(readOnly = true)
    public Weighed weighed(String code) {
        return weighed(door.existing(code));
    }

    Weighed weighed(CaseRecord stored) {
        Readings readings = readings(stored);
        Weighed weighed = standings.weighed(assembly.bedside(stored, readings), basis.of(stored));
        return stored.isClosed() ? besideToday(stored, readings, weighed) : weighed;
    }

    /** A closed case with where it would stand today. */
    private Weighed besideToday(CaseRecord stored, Readings readings, Weighed then) {
        Basis today = basis.today(stored);
        List<ConditionStanding> now =
                standings.conditions(assembly.bedside(stored, readings, today.catalogue()), today);
        return then.closed(
                basis.of(stored).edition().since(), now, differs(then.standing().conditions(), now));
    }

    private static boolean differs(List<ConditionStanding> then, List<ConditionStanding> now) {
        for (int i = 0; i < then.size(); i++) {
            boolean elsewhere = !then.get(i).id().equals(now.get(i).id());
            if (elsewhere || Math.abs(then.get(i).posttest() - now.get(i).posttest()) >= SEEN) {
                return true;
            }
        }
        return false;
    }

    private String complaintName(CaseRecord stored) {
        return editions.catalogue()
                .complaint(stored.complaint)
                .map(Complaint::name)
                .orElse(stored.complaint);
    }

    private Readings readings(CaseRecord stored) {
        return assembly.readings(taps.standing(stored));
    }

    private CaseSummary summary(CaseRecord stored, String address, Readings readings) {
        BedsideCase bedside = assembly.bedside(stored, readings);
        return new CaseSummary(
                address,
                stored.complaint,
                complaintName(stored),
                stored.involvedSide,
                stored.mechanism,
                stored.updatedAt,
                readings.tests().size(),
                stored.isClosed(),
                standings.conditions(bedside, basis.of(stored)).stream()
                        .findFirst()
                        .orElse(null));
    }

    static Intake intake(CaseRecord stored) {
        return new Intake(
                stored.complaint,
                stored.involvedSide,
                stored.dominantSide,
                stored.ageBand,
                stored.setting,
                stored.mechanism,
                stored.highBias,
                stored.candidates.stream()
                        .map(c -> new Intake.CandidateChoice(c.condition, c.baseRate, c.suspicion))
                        .toList(),
                new LinkedHashMap<>(stored.answers),
                List.copyOf(stored.precautions),
                List.copyOf(stored.warnings));
    }

    CaseView view(CaseRecord stored) {
        return new CaseView(
                door.address(stored),
                stored.id,
                stored.version,
                stored.owner,
                List.copyOf(stored.shares),
                stored.createdAt,
                stored.updatedAt,
                List.copyOf(stored.visits),
                complaintName(stored),
                stored.closedAt,
                stored.closedBy,
                intake(stored),
                plans.view(stored),
                examination(stored));
    }

    private Examination examination(CaseRecord stored) {
        List<TapRecord> standing = taps.standing(stored);
        Readings readings = assembly.readings(standing);
        BedsideCase bedside = assembly.bedside(stored, readings);
        return new Examination(
                CaseAssembly.places(readings),
                assembly.findings(stored, readings),
                standings.standing(bedside, basis.of(stored)),
                standing.isEmpty() ? null : standing.get(standing.size() - 1).key,
                ladders.views(stored, bedside),
                assembly.variants(standing),
                safety.blocked(stored),
                safety.warnings(stored, bedside.findings()),
                assembly.unknown(stored, standing));
    }

    private String nextCode() {
        int highest = cases
                .codesFrom(
                        CODE_PREFIX,
                        signedIn.person().name(),
                        settings.current().shareAll(),
                        PageRequest.of(0, 1))
                .stream()
                .mapToInt(c -> Integer.parseInt(c.substring(CODE_PREFIX.length())))
                .findFirst()
                .orElse(0);
        return String.format(java.util.Locale.ROOT, "%s%03d", CODE_PREFIX, highest + 1);
    }

    /** As precise as the database keeps it, so that what is answered now reads the same later. */
    private static Instant now() {
        return Instant.now().truncatedTo(ChronoUnit.MICROS);
    }
}
