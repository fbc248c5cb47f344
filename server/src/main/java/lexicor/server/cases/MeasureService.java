package lexicor.server.cases;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Stream;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Measure;
import lexicor.core.catalogue.MeasureList;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.examination.Side;
import lexicor.core.measuring.Regrowth;
import lexicor.core.measuring.RotationRatio;
import lexicor.core.measuring.Strength;
import lexicor.server.cases.CaseViews.NewTap;
import lexicor.server.cases.MeasureViews.Measures;
import lexicor.server.cases.MeasureViews.NewMeasure;
import lexicor.server.cases.MeasureViews.RegrowthPoint;
import lexicor.server.cases.MeasureViews.RegrowthView;
import lexicor.server.catalogue.Editions;
import lexicor.server.problems.Refusal;
import lexicor.server.settings.DepartmentSettings;
import lexicor.server.settings.SettingsService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what is measured; a value that belongs to a test is recorded as that test's reading in the same step. */
@Service
class MeasureService {
    private static final String NERVE = "nerve-regrowth-tinel";
    private static final String DEVICE = "measures";
    private static final int DAYS_FOR_A_PACE = 3;

    private final CaseDoor door;
    private final MeasuredStore values;
    private final TapStore taps;
    private final CaseService service;
    private final CaseAssembly assembly;
    private final Panels panels;
    private final SettingsService settings;
    private final Editions editions;
    private final MeasureList list;

    MeasureService(
            CaseDoor door,
            MeasuredStore values,
            TapStore taps,
            CaseService service,
            CaseAssembly assembly,
            Panels panels,
            SettingsService settings,
            Editions editions) {
        this.door = door;
        this.values = values;
        this.taps = taps;
        this.service = service;
        this.assembly = assembly;
        this.panels = panels;
        this.settings = settings;
        this.editions = editions;
        this.list = editions.catalogue().measures();
    }

    @Transactional(readOnly = true)
    public Measures measures(String code) {
        return view(door.existing(code));
    }

    /** What was measured at a visit. */
    MeasuredValues at(CaseRecord stored, int visit) {
        return new MeasuredValues(
                values.findByCaseIdAndVisitOrderByPlace(stored.id, visit),
                assembly.readings(taps.standing(stored.id, visit)));
    }

    /** Stores the values of one side and records what they say of their test, in one step. */
    @Transactional
    public Measures save(String code, NewMeasure request) {
        return view(keep(code, request));
    }

    /** The same, where nobody waits to see what follows. */
    @Transactional
    public CaseRecord keep(String code, NewMeasure request) {
        CaseRecord stored = door.lockForRecording(code);
        Measure measure = list.measure(Optional.ofNullable(request.measure()).orElse(""))
                .orElseThrow(() -> Refusal.field("measure", "there is no measure " + request.measure()));
        IntakeCheck.side("side", request.side());
        Side side = CaseAssembly.side(request.side());
        if (request.tapId() == null || request.changes() == null) {
            throw Refusal.field(request.tapId() == null ? "tapId" : "changes", "missing");
        }
        MeasureChanges changes = MeasureChanges.read(measure, request.changes(), Boolean.TRUE.equals(request.sure()));
        changes.byItem().forEach((item, amounts) -> store(stored, measure, side, item, amounts));
        values.flush();
        measure.feeds().ifPresent(feeds -> {
            Map<String, Object> reading =
                    readings(editions.catalogue().test(feeds.test()).orElseThrow(), changes);
            if (!reading.isEmpty()) {
                tap(stored, request.tapId(), feeds, side, reading);
            }
        });
        feedRatios(request.tapId(), stored, measure, side);
        return stored;
    }

    private void store(CaseRecord stored, Measure measure, Side side, String item, List<MeasureChanges.Value> amounts) {
        values.deleteAll(values.findByCaseIdAndVisitAndMeasureAndItemAndSide(
                stored.id, stored.visit(), measure.id(), item, side.id()));
        values.flush();
        for (int place = 0; place < amounts.size(); place++) {
            MeasuredRecord record = new MeasuredRecord();
            record.caseId = stored.id;
            record.visit = stored.visit();
            record.measure = measure.id();
            record.item = item;
            record.side = side.id();
            record.place = place;
            record.amount = amounts.get(place).amount();
            record.word = amounts.get(place).word();
            record.recordedAt = Instant.now();
            values.save(record);
        }
    }

    /** What the values say as readings of the test, as far as it takes them. */
    private static Map<String, Object> readings(ClinicalTest test, MeasureChanges changes) {
        Map<String, Object> reading = new HashMap<>();
        changes.byItem().forEach((item, amounts) -> {
            Double amount = amounts.isEmpty() ? null : MeasuredValues.mean(trials(amounts));
            Boolean yes = amount == null ? null : amount > 0;
            switch (item) {
                case MeasureChanges.GRADE -> put(reading, test, ReadingLeaf.WEAKNESS_MRC, amount);
                case MeasureChanges.PAIN_UNDER_LOAD -> put(reading, test, ReadingLeaf.PAIN_SEVERITY, amount);
                case MeasureChanges.FAMILIAR_PAIN -> {
                    put(reading, test, ReadingLeaf.PAIN_FAMILIAR, yes);
                    put(reading, test, ReadingLeaf.PAIN_PRESENT, yes);
                }
                case MeasureChanges.CHEATED -> put(reading, test, ReadingLeaf.MARK_CHEATED, yes);
                case MeasureChanges.LEVER, MeasureChanges.PAIN_AT_REST, MeasureChanges.END_FEEL -> {}
                default -> put(reading, test, ReadingLeaf.named(item).orElseThrow(), amount);
            }
        });
        return reading;
    }

    private static List<Double> trials(List<MeasureChanges.Value> amounts) {
        return amounts.stream()
                .map(MeasureChanges.Value::amount)
                .map(a -> a == null ? 1.0 : a)
                .toList();
    }

    private static void put(Map<String, Object> reading, ClinicalTest test, ReadingLeaf leaf, Object value) {
        if (leaf.isMark() || test.offers(leaf)) {
            reading.put(leaf.leafName(), value);
        }
    }

    /** The ratios that this measure is part of, to the tests that take them. */
    private void feedRatios(UUID tapId, CaseRecord stored, Measure changed, Side side) {
        MeasureComparison comparison = comparison(stored, settings.current());
        for (Measure m : list.measures()) {
            boolean touched = m.ratioTo().isPresent()
                    && (m.id().equals(changed.id()) || m.ratioTo().get().equals(changed.id()));
            if (touched && m.feeds().isPresent()) {
                Optional<Double> ratio = comparison.ratio(m, side);
                Map<String, Object> reading = new HashMap<>();
                reading.put(ReadingLeaf.RATIO.leafName(), ratio.orElse(null));
                UUID own = UUID.nameUUIDFromBytes((tapId + " ratio " + m.id()).getBytes(StandardCharsets.UTF_8));
                tap(stored, own, m.feeds().get(), side, reading);
            }
        }
    }

    private void tap(CaseRecord stored, UUID tapId, Measure.Feeds feeds, Side side, Map<String, Object> reading) {
        service.record(
                door.address(stored),
                new NewTap(tapId, feeds.test(), feeds.at(), side.id(), reading, DEVICE, null, stored.visit()));
    }

    private MeasureComparison comparison(CaseRecord stored, DepartmentSettings department) {
        int visit = stored.visit();
        return new MeasureComparison(
                editions.catalogue(),
                department,
                at(stored, visit),
                visit > 1 ? Optional.of(at(stored, visit - 1)) : Optional.empty(),
                CaseAssembly.involved(stored),
                Optional.ofNullable(stored.dominantSide)
                        .filter(d -> Stream.of(Side.values()).anyMatch(s -> s.id().equals(d)))
                        .map(CaseAssembly::side));
    }

    Measures view(CaseRecord stored) {
        DepartmentSettings department = settings.current();
        Side involved = CaseAssembly.involved(stored);
        MeasuredValues now = at(stored, stored.visit());
        MeasureComparison comparison = comparison(stored, department);
        boolean shoulder = assembly.regions(stored)
                .containsAll(list.measure(list.capsular()).orElseThrow().regions());
        return new Measures(
                offered(stored, now).stream().map(comparison::view).toList(),
                department.deficitPercent(),
                department.shortDegrees(),
                department.headStartPercent(),
                rotationRatio(now, involved).orElse(null),
                panels.capsular(now, involved, department).orElse(null),
                shoulder ? panels.looseness(now.readings(), involved) : null,
                shoulder ? panels.labral() : null,
                Stream.of(involved.other(), involved)
                        .flatMap(side -> regrowth(stored, side).stream())
                        .toList(),
                service.get(door.address(stored)).examination());
    }

    /** Those of the complaint's regions, and whatever was measured all the same. */
    List<Measure> offered(CaseRecord stored, MeasuredValues now) {
        return list.measures().stream()
                .filter(m -> m.regions().stream().anyMatch(assembly.regions(stored)::contains) || now.has(m))
                .toList();
    }

    private Optional<Double> rotationRatio(MeasuredValues now, Side involved) {
        Optional<Strength> external = now.strength(list.measure(list.external()).orElseThrow(), involved);
        Optional<Strength> internal = now.strength(list.measure(list.internal()).orElseThrow(), involved)
                .filter(s -> s.meanNewtons() > 0);
        return external.flatMap(e -> internal.map(i -> RotationRatio.of(e, i)));
    }

    /** From the taps of all visits as they were made: a distance that a later one replaced stands for its day. */
    private Optional<RegrowthView> regrowth(CaseRecord stored, Side side) {
        TreeMap<LocalDate, Double> byDay = new TreeMap<>();
        for (TapRecord record : taps.findByCaseIdAndUndoneFalseOrderByTappedAtAscIdAsc(stored.id)) {
            if (record.test.equals(NERVE) && record.side.equals(side.id())) {
                LocalDate day = record.tappedAt.atZone(ZoneId.systemDefault()).toLocalDate();
                assembly.readings(List.of(record))
                        .at(assembly.tap(record).place())
                        .quantity(ReadingLeaf.DISTANCE_MM)
                        .ifPresent(mm -> byDay.put(day, mm));
            }
        }
        if (byDay.isEmpty()) {
            return Optional.empty();
        }
        List<Regrowth.Point> points = byDay.entrySet().stream()
                .map(e -> new Regrowth.Point(e.getKey().toEpochDay(), e.getValue()))
                .toList();
        return Optional.of(new RegrowthView(
                side.id(),
                byDay.entrySet().stream()
                        .map(e -> new RegrowthPoint(e.getKey(), e.getValue()))
                        .toList(),
                points.size() < DAYS_FOR_A_PACE ? null : Regrowth.of(points).sentence()));
    }
}
