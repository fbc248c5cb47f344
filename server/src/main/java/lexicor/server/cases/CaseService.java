package lexicor.server.cases;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Complaint;
import lexicor.core.examination.Readings;
import lexicor.core.weighing.BedsideCase;
import lexicor.core.weighing.Suspicion;
import lexicor.server.cases.CaseViews.CaseSummary;
import lexicor.server.cases.CaseViews.CaseView;
import lexicor.server.cases.CaseViews.Examination;
import lexicor.server.cases.CaseViews.IntakeChange;
import lexicor.server.cases.CaseViews.NewCase;
import lexicor.server.cases.CaseViews.NewOverride;
import lexicor.server.cases.CaseViews.NewTap;
import lexicor.server.problems.Refusal;
import lexicor.server.settings.SettingsService;
import lexicor.server.standing.Standing;
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

    private final CaseStore cases;
    private final TapStore taps;
    private final OverrideStore overrides;
    private final CaseAssembly assembly;
    private final Safety safety;
    private final IntakeCheck check;
    private final StandingService standings;
    private final SettingsService settings;
    private final Catalogue catalogue;

    CaseService(
            CaseStore cases,
            TapStore taps,
            OverrideStore overrides,
            CaseAssembly assembly,
            Safety safety,
            IntakeCheck check,
            StandingService standings,
            SettingsService settings,
            Catalogue catalogue) {
        this.cases = cases;
        this.taps = taps;
        this.overrides = overrides;
        this.assembly = assembly;
        this.safety = safety;
        this.check = check;
        this.standings = standings;
        this.settings = settings;
        this.catalogue = catalogue;
    }

    @Transactional(readOnly = true)
    public List<CaseSummary> list(String search, int page) {
        List<CaseRecord> found = cases.search(search, PageRequest.of(page, PAGE));
        Map<Long, List<TapRecord>> byCase =
                taps
                        .findByCaseIdInAndUndoneFalseOrderById(
                                found.stream().map(c -> c.id).toList())
                        .stream()
                        .collect(Collectors.groupingBy(t -> t.caseId));
        return found.stream()
                .map(c -> summary(c, assembly.readings(byCase.getOrDefault(c.id, List.of()))))
                .toList();
    }

    @Transactional
    public CaseView create(NewCase request) {
        check.complaint(request.complaint());
        check.side("involvedSide", request.involvedSide());
        String setting = Optional.ofNullable(request.setting()).orElse(DEFAULT_SETTING);
        check.setting(setting);
        String code = Optional.ofNullable(request.code()).orElseGet(this::nextCode);
        check.code(code);
        if (cases.findByCode(code).isPresent()) {
            throw Refusal.conflict("code: there is already a case " + code + "; choose another code");
        }
        CaseRecord stored = new CaseRecord();
        stored.code = code;
        stored.createdAt = now();
        stored.updatedAt = stored.createdAt;
        stored.complaint = request.complaint();
        stored.involvedSide = request.involvedSide();
        stored.setting = setting;
        stored.mechanism = "";
        for (String condition : complaint(stored).candidates()) {
            CandidateRecord candidate = new CandidateRecord();
            candidate.condition = condition;
            candidate.suspicion = Suspicion.AS_USUAL.id();
            stored.candidates.add(candidate);
        }
        return view(cases.saveAndFlush(stored));
    }

    @Transactional(readOnly = true)
    public CaseView get(String code) {
        return view(find(code));
    }

    /** Saves an intake made from the stored version; one made from an older version is refused and nothing is lost. */
    @Transactional
    public CaseView saveIntake(String code, IntakeChange change) {
        if (change.intake() == null) {
            throw Refusal.field("intake", "missing");
        }
        check.intake(change.intake());
        CaseRecord stored = cases.lockByCode(code).orElseThrow(() -> unknown(code));
        if (stored.version != change.version()) {
            throw Refusal.conflict("version: case " + code
                    + " was changed elsewhere in the meantime; here is your page anew, please repeat the last change");
        }
        Intake intake = change.intake();
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
        stored.updatedAt = now();
        return view(cases.saveAndFlush(stored));
    }

    /** Records a tap; the same tap sent again changes nothing. */
    @Transactional
    public Examination tap(String code, NewTap tap) {
        if (tap.tapId() == null || tap.changes() == null) {
            throw Refusal.field(tap.tapId() == null ? "tapId" : "changes", "missing");
        }
        TapRecord record = new TapRecord();
        record.key = tap.tapId();
        record.test = tap.test();
        record.at = Optional.ofNullable(tap.at()).orElse("");
        record.side = tap.side();
        record.changes = assembly.changes(tap.changes());
        record.recordedAt = now();
        assembly.tap(record);
        CaseRecord stored = cases.lockByCode(code).orElseThrow(() -> unknown(code));
        Optional<TapRecord> sentBefore = taps.findByKey(tap.tapId());
        if (sentBefore.isEmpty()) {
            safety.allow(stored, record.test);
            record.caseId = stored.id;
            taps.saveAndFlush(record);
            cases.touch(stored.id, record.recordedAt);
        } else if (!sentBefore.get().caseId.equals(stored.id)) {
            throw Refusal.conflict("tapId: this tap belongs to another case");
        }
        return examination(stored);
    }

    /** Keeps the written reason for going ahead with a blocked test; from then on it can be recorded. */
    @Transactional
    public Examination goAhead(String code, NewOverride request) {
        CaseRecord stored = cases.lockByCode(code).orElseThrow(() -> unknown(code));
        OverrideRecord override = safety.goAhead(stored, request.test(), request.reason());
        override.recordedAt = now();
        overrides.saveAndFlush(override);
        cases.touch(stored.id, override.recordedAt);
        return examination(stored);
    }

    /** Takes back the latest tap that stands; without one, nothing happens. */
    @Transactional
    public Examination undo(String code) {
        CaseRecord stored = cases.lockByCode(code).orElseThrow(() -> unknown(code));
        taps.findFirstByCaseIdAndUndoneFalseOrderByIdDesc(stored.id).ifPresent(tap -> {
            tap.undone = true;
            taps.saveAndFlush(tap);
            cases.touch(stored.id, now());
        });
        return examination(stored);
    }

    @Transactional(readOnly = true)
    public Weighed weighed(String code) {
        CaseRecord stored = find(code);
        return standings.weighed(assembly.bedside(stored, readings(stored)), settings.current(), bias(stored));
    }

    private CaseRecord find(String code) {
        return cases.findByCode(code).orElseThrow(() -> unknown(code));
    }

    private static Refusal unknown(String code) {
        return Refusal.notFound("There is no case " + code + ".");
    }

    private Complaint complaint(CaseRecord stored) {
        return catalogue.complaint(stored.complaint).orElseThrow();
    }

    private static Optional<String> bias(CaseRecord stored) {
        return Optional.ofNullable(stored.highBias);
    }

    private Readings readings(CaseRecord stored) {
        return assembly.readings(taps.findByCaseIdAndUndoneFalseOrderById(stored.id));
    }

    private CaseSummary summary(CaseRecord stored, Readings readings) {
        BedsideCase bedside = assembly.bedside(stored, readings);
        Standing standing = standings.standing(bedside, settings.current(), bias(stored));
        return new CaseSummary(
                stored.code,
                stored.complaint,
                complaint(stored).name(),
                stored.involvedSide,
                stored.mechanism,
                stored.updatedAt,
                readings.tests().size(),
                standing.conditions().stream().findFirst().orElse(null));
    }

    private CaseView view(CaseRecord stored) {
        Intake intake = new Intake(
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
        return new CaseView(
                stored.code,
                stored.version,
                stored.createdAt,
                stored.updatedAt,
                complaint(stored).name(),
                intake,
                examination(stored));
    }

    private Examination examination(CaseRecord stored) {
        List<TapRecord> standing = taps.findByCaseIdAndUndoneFalseOrderById(stored.id);
        Readings readings = assembly.readings(standing);
        BedsideCase bedside = assembly.bedside(stored, readings);
        return new Examination(
                CaseAssembly.places(readings),
                assembly.findings(readings, CaseAssembly.involved(stored)),
                standings.standing(bedside, settings.current(), bias(stored)),
                !standing.isEmpty(),
                safety.blocked(stored),
                safety.warnings(stored, bedside.findings()));
    }

    private String nextCode() {
        int highest = cases.codesFrom(CODE_PREFIX, PageRequest.of(0, 1)).stream()
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
