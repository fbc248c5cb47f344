package lexicor.server.cases;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Measure;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.examination.Place;
import lexicor.core.examination.Readings;
import lexicor.core.examination.Tap;
import lexicor.core.examination.Wording;
import lexicor.server.cases.CaseViews.Examination;
import lexicor.server.cases.CaseViews.NewTap;
import lexicor.server.cases.HistoryViews.Happened;
import lexicor.server.cases.HistoryViews.Then;
import lexicor.server.catalogue.Editions;
import lexicor.server.history.Revised;
import lexicor.server.history.Revisions;
import lexicor.server.problems.Refusal;
import lexicor.server.standing.StandingService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Tells what happened to a case, how it stood then, and brings back what was overwritten by mistake. */
@Service
class CaseHistory {
    private final CaseDoor door;
    private final TapStore taps;
    private final OverrideStore overrides;
    private final AccessLog accesses;
    private final Revisions revisions;
    private final CaseAssembly assembly;
    private final CaseService service;
    private final StandingService standings;
    private final CaseBasis basis;
    private final Editions editions;
    private final List<CaseHistorySource> others;

    CaseHistory(
            CaseDoor door,
            TapStore taps,
            OverrideStore overrides,
            AccessLog accesses,
            Revisions revisions,
            CaseAssembly assembly,
            CaseService service,
            StandingService standings,
            CaseBasis basis,
            Editions editions,
            List<CaseHistorySource> others) {
        this.door = door;
        this.taps = taps;
        this.overrides = overrides;
        this.accesses = accesses;
        this.revisions = revisions;
        this.assembly = assembly;
        this.service = service;
        this.standings = standings;
        this.basis = basis;
        this.editions = editions;
        this.others = others;
    }

    /** Everything that happened, the oldest first. */
    @Transactional(readOnly = true)
    public List<Happened> of(String code) {
        CaseRecord stored = door.forHistory(code);
        List<Happened> all = new ArrayList<>(taps(stored));
        for (OverrideRecord o : overrides.findByCaseIdOrderById(stored.id)) {
            all.add(new Happened(
                    o.recordedAt,
                    o.madeBy,
                    "went-ahead",
                    name(o.test),
                    List.of(new Revised.Line("reason", "", o.reason)),
                    null,
                    o.visit,
                    false,
                    o.broughtIn));
        }
        revisions.of(CaseRecord.class, "id", stored.id, c -> "", CaseHistory::flat).stream()
                .map(r -> changed(r, "changed", "The case"))
                .forEach(all::add);
        measured(stored).forEach(all::add);
        for (CaseHistorySource other : others) {
            other.changes(stored.id).forEach(r -> all.add(changed(r, "changed", other.subject())));
        }
        accesses.of(stored)
                .forEach(a ->
                        all.add(new Happened(a.at, a.person, a.what, "The case", List.of(), null, null, false, false)));
        all.sort(Comparator.comparing(Happened::at));
        return all;
    }

    /** How the visit stood right after the tap. */
    @Transactional(readOnly = true)
    public Then at(String code, UUID tapId) {
        CaseRecord stored = door.forHistory(code);
        TapRecord last = tap(stored, tapId);
        List<TapRecord> until = standing(stored).stream()
                .filter(t -> t.visit == last.visit)
                .takeWhile(t -> !t.key.equals(last.key))
                .collect(Collectors.toCollection(ArrayList::new));
        until.add(last);
        Readings readings = assembly.readings(until);
        return new Then(
                last.tappedAt,
                last.visit,
                CaseAssembly.places(readings),
                assembly.findings(stored, readings),
                standings.conditions(assembly.bedside(stored, readings), basis.of(stored)));
    }

    /** Records once more what the tap replaced. */
    @Transactional
    public Examination bringBack(String code, UUID tapId, UUID newId) {
        CaseRecord stored = door.lockForRecording(code);
        TapRecord replaced = tap(stored, tapId);
        Map<String, Object> before = before(stored, replaced);
        if (before.isEmpty()) {
            throw Refusal.conflict("tap: it replaced nothing that could be brought back");
        }
        return service.tap(
                code,
                new NewTap(newId, replaced.test, replaced.at, replaced.side, before, "history", null, replaced.visit));
    }

    private List<Happened> taps(CaseRecord stored) {
        List<TapRecord> standing = standing(stored);
        Map<Integer, Readings> now = standing.stream()
                .collect(Collectors.groupingBy(
                        t -> t.visit, Collectors.collectingAndThen(Collectors.toList(), assembly::readings)));
        Map<String, Map<String, Object>> seen = new HashMap<>();
        List<Happened> all = new ArrayList<>();
        for (TapRecord t : taps.findByCaseIdOrderByTappedAtAscIdAsc(stored.id)) {
            Map<String, Object> at = seen.computeIfAbsent(place(t), p -> new HashMap<>());
            List<Revised.Line> lines = new ArrayList<>();
            boolean canBringBack = false;
            for (Map.Entry<String, Object> change : assembly.view(t).changes().entrySet()) {
                Object was = at.get(change.getKey());
                lines.add(line(change.getKey(), was, change.getValue()));
                Optional<Object> is =
                        assembly.known(t).map(tap -> words(value(now.get(t.visit), tap, change.getKey())));
                canBringBack |=
                        !t.undone && was != null && is.isPresent() && !is.get().equals(words(was));
                if (!t.undone) {
                    at.put(change.getKey(), change.getValue());
                }
            }
            String what = name(t.test) + where(t) + ", " + t.side;
            all.add(new Happened(t.tappedAt, t.madeBy, "tap", what, lines, t.key, t.visit, canBringBack, t.broughtIn));
            if (t.undone) {
                Instant when = Optional.ofNullable(t.undoneAt).orElse(t.recordedAt);
                all.add(new Happened(when, t.undoneBy, "taken-back", what, lines, t.key, t.visit, false, t.broughtIn));
            }
        }
        return all;
    }

    /** What stood where the tap set something else, as far as something did. */
    private Map<String, Object> before(CaseRecord stored, TapRecord replaced) {
        Map<String, Object> at = new LinkedHashMap<>();
        for (TapRecord t : standing(stored)) {
            if (t.key.equals(replaced.key)) {
                break;
            }
            if (place(t).equals(place(replaced))) {
                at.putAll(assembly.view(t).changes());
            }
        }
        at.keySet().retainAll(assembly.view(replaced).changes().keySet());
        at.values().removeIf(Objects::isNull);
        return at;
    }

    private List<TapRecord> standing(CaseRecord stored) {
        return taps.findByCaseIdAndUndoneFalseOrderByTappedAtAscIdAsc(stored.id);
    }

    private TapRecord tap(CaseRecord stored, UUID key) {
        return Optional.ofNullable(key)
                .flatMap(k -> taps.findByCaseIdAndKey(stored.id, k))
                .orElseThrow(() -> Refusal.notFound("There is no tap " + key + " in case " + stored.code + "."));
    }

    /** The place within the test in words, where it has more than one. */
    private static String where(TapRecord t) {
        return t.at.isEmpty() ? "" : ", " + Wording.code(t.at);
    }

    private static String place(TapRecord t) {
        return t.visit + " " + t.test + " " + t.at + " " + t.side;
    }

    private static Object value(Readings readings, Tap tap, String leaf) {
        Place place = tap.place();
        return readings == null
                ? null
                : readings.at(place).leaves().entrySet().stream()
                        .filter(e -> e.getKey().leafName().equals(leaf))
                        .map(e -> e.getValue().plain())
                        .findFirst()
                        .orElse(null);
    }

    /** Values that were replaced in one step stand together. */
    private Stream<Happened> measured(CaseRecord stored) {
        Map<Long, List<Revised>> steps =
                revisions.of(MeasuredRecord.class, "caseId", stored.id, m -> String.valueOf(m.id), this::flat).stream()
                        .collect(Collectors.groupingBy(Revised::revision, TreeMap::new, Collectors.toList()));
        return steps.values().stream().map(step -> {
            Map<String, String> before = new TreeMap<>();
            Map<String, String> after = new TreeMap<>();
            step.forEach(r -> r.before().forEach((field, value) -> before.merge(field, value, (a, b) -> a + " " + b)));
            step.forEach(r -> r.after().forEach((field, value) -> after.merge(field, value, (a, b) -> a + " " + b)));
            Revised first = step.get(0);
            return changed(
                    new Revised(first.revision(), first.at(), first.who(), before, after), "measured", "Measures");
        });
    }

    /** The same field for all trials of one item. */
    private Map<String, String> flat(MeasuredRecord m) {
        String measure = editions.catalogue()
                .measures()
                .measure(m.measure)
                .map(Measure::name)
                .orElse(m.measure);
        String item = ReadingLeaf.named(m.item)
                .map(MeasureComparison::label)
                .orElseGet(() -> MeasureChanges.noteName(m.item));
        String value = m.amount == null ? m.word : number(m.amount);
        return Map.of(measure + ", " + item + ", " + m.side + ", visit " + m.visit, String.valueOf(value));
    }

    private static Happened changed(Revised r, String kind, String what) {
        return new Happened(r.at(), r.who(), kind, what, r.lines(), null, null, false, false);
    }

    private static Map<String, String> flat(CaseRecord c) {
        Map<String, String> flat = new TreeMap<>();
        flat.put("complaint", words(c.complaint));
        flat.put("side that troubles", words(c.involvedSide));
        flat.put("dominant side", words(c.dominantSide));
        flat.put("age", words(c.ageBand));
        flat.put("setting", words(c.setting));
        flat.put("what happened", words(c.mechanism));
        flat.put("studies at high risk of bias", words(c.highBias));
        flat.put("examiner", words(c.owner));
        flat.put("shared with", String.join(", ", c.shares));
        flat.put("deleted", words(c.deletedAt));
        flat.put("closed", words(c.closedAt));
        flat.put("closed by", words(c.closedBy));
        flat.put("visits", String.valueOf(c.visits.size()));
        flat.put("running order", String.join(", ", c.plan));
        flat.put("precautions", String.join(", ", c.precautions));
        flat.put("warning signs", String.join(", ", c.warnings));
        c.candidates.forEach(k -> flat.put(
                "candidate " + k.condition, k.suspicion + (k.baseRate == null ? "" : ", base rate " + k.baseRate)));
        c.answers.forEach((item, answer) -> flat.put("answer " + item, answer ? "yes" : "no"));
        c.ladders.forEach((ladder, answer) -> flat.put("ladder " + ladder, answer));
        flat.values().removeIf(String::isEmpty);
        return flat;
    }

    private static Revised.Line line(String leaf, Object was, Object is) {
        return ReadingLeaf.named(leaf)
                .map(l -> new Revised.Line(Wording.label(l), words(l, was), words(l, is)))
                .orElseGet(() -> new Revised.Line(leaf, words(was), words(is)));
    }

    private static String words(ReadingLeaf leaf, Object value) {
        String plain = words(value);
        return switch (leaf.kind()) {
            case FLAG -> plain;
            case CODE -> Wording.code(plain);
            case QUANTITY -> plain.isEmpty() ? plain : (plain + " " + leaf.unit()).strip();
        };
    }

    static String words(Object value) {
        if (value == null) {
            return "";
        }
        if (value instanceof Number number) {
            return number(number.doubleValue());
        }
        return value instanceof Boolean yes ? (yes ? "yes" : "no") : value.toString();
    }

    /** The same however it was written. */
    private static String number(double value) {
        return BigDecimal.valueOf(value)
                .setScale(2, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }

    private String name(String test) {
        return editions.catalogue().test(test).map(ClinicalTest::name).orElse(test);
    }
}
