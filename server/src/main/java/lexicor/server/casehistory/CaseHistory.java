package lexicor.server.casehistory;

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
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Measure;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.examination.Place;
import lexicor.core.examination.Readings;
import lexicor.core.examination.Side;
import lexicor.core.examination.Tap;
import lexicor.core.examination.TestWording;
import lexicor.core.examination.Wording;
import lexicor.server.casehistory.HistoryViews.Happened;
import lexicor.server.casehistory.HistoryViews.Kind;
import lexicor.server.casehistory.HistoryViews.Then;
import lexicor.server.cases.CaseBasis;
import lexicor.server.cases.CaseDoor;
import lexicor.server.cases.CasePage;
import lexicor.server.cases.CaseViews.Examination;
import lexicor.server.cases.InWords;
import lexicor.server.cases.Intake;
import lexicor.server.cases.OpenCase;
import lexicor.server.cases.OpenCases;
import lexicor.server.cases.Taken;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.cases.records.OverrideRecord;
import lexicor.server.cases.records.OverrideStore;
import lexicor.server.cases.records.TapRecord;
import lexicor.server.cases.records.TapStore;
import lexicor.server.history.Revised;
import lexicor.server.history.Revisions;
import lexicor.server.measures.MeasureChanges;
import lexicor.server.measures.MeasureComparison;
import lexicor.server.measures.MeasuredRecord;
import lexicor.server.problems.Refusal;
import lexicor.server.recording.Recording;
import lexicor.server.recording.RecordingViews.NewTap;
import lexicor.server.standing.Standings;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Tells what happened to a case, how it stood then, and brings back what was overwritten by mistake. */
@Service
class CaseHistory {
    private final CaseDoor door;
    private final OpenCases openCases;
    private final CaseBasis basis;
    private final TapStore taps;
    private final OverrideStore overrides;
    private final AccessStore accesses;
    private final Revisions revisions;
    private final Recording recording;
    private final List<CaseHistorySource> others;

    CaseHistory(
            CaseDoor door,
            OpenCases openCases,
            CaseBasis basis,
            TapStore taps,
            OverrideStore overrides,
            AccessStore accesses,
            Revisions revisions,
            Recording recording,
            List<CaseHistorySource> others) {
        this.door = door;
        this.openCases = openCases;
        this.basis = basis;
        this.taps = taps;
        this.overrides = overrides;
        this.accesses = accesses;
        this.revisions = revisions;
        this.recording = recording;
        this.others = others;
    }

    /** Everything that happened, the oldest first. */
    @Transactional(readOnly = true)
    public List<Happened> of(String code) {
        CaseRecord stored = door.forHistory(code);
        Catalogue catalogue = basis.of(stored).catalogue();
        List<Happened> all = new ArrayList<>(taps(stored, catalogue));
        for (OverrideRecord o : overrides.findByCaseIdOrderById(stored.id)) {
            all.add(new Happened(
                    o.recordedAt,
                    o.madeBy,
                    Kind.WENT_AHEAD,
                    name(o.test, catalogue),
                    List.of(new Revised.Line("reason", "", o.reason)),
                    null,
                    o.visit,
                    false,
                    o.broughtIn));
        }
        revisions.of(CaseRecord.class, "id", stored.id, c -> "", CaseHistory::flat).stream()
                .map(r -> changed(r, Kind.CHANGED, "The case"))
                .forEach(all::add);
        measured(stored, catalogue).forEach(all::add);
        for (CaseHistorySource other : others) {
            other.changes(stored.id).forEach(r -> all.add(changed(r, Kind.CHANGED, other.subject())));
        }
        accesses.findByCaseIdOrderByAt(stored.id)
                .forEach(a -> all.add(new Happened(
                        a.at, a.person, Kind.withId(a.what), "The case", List.of(), null, null, false, false)));
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
        OpenCase then = openCases.with(stored, basis.of(stored), until);
        return new Then(
                last.tappedAt,
                last.visit,
                CasePage.places(then.readings()),
                CasePage.findings(then),
                Standings.conditions(then.bedside(), then.basis(), then.ranked()));
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
        return recording.tap(
                code,
                new NewTap(
                        newId,
                        replaced.test,
                        replaced.at,
                        Side.withId(replaced.side).orElseThrow(),
                        before,
                        "history",
                        null,
                        replaced.visit,
                        true));
    }

    private List<Happened> taps(CaseRecord stored, Catalogue catalogue) {
        List<TapRecord> standing = standing(stored);
        Map<Integer, Readings> now = standing.stream()
                .collect(Collectors.groupingBy(
                        t -> t.visit,
                        Collectors.collectingAndThen(Collectors.toList(), at -> Taken.readings(at, catalogue))));
        Map<String, Map<String, Object>> seen = new HashMap<>();
        List<Happened> all = new ArrayList<>();
        for (TapRecord t : taps.findByCaseIdOrderByTappedAtAscIdAsc(stored.id)) {
            Map<String, Object> at = seen.computeIfAbsent(place(t), p -> new HashMap<>());
            List<Revised.Line> lines = new ArrayList<>();
            boolean canBringBack = false;
            Optional<Tap> known = Taken.known(t, catalogue);
            for (Map.Entry<String, Object> change : Taken.changes(t).entrySet()) {
                Object was = at.get(change.getKey());
                lines.add(line(t, change.getKey(), was, change.getValue(), catalogue));
                Optional<Object> is = known.map(tap -> InWords.of(value(now.get(t.visit), tap, change.getKey())));
                canBringBack |=
                        !t.undone && was != null && is.isPresent() && !is.get().equals(InWords.of(was));
                if (!t.undone) {
                    at.put(change.getKey(), change.getValue());
                }
            }
            String what = name(t.test, catalogue) + where(t, catalogue) + ", " + t.side + " side";
            all.add(new Happened(
                    t.tappedAt, t.madeBy, Kind.TAP, what, lines, t.key, t.visit, canBringBack, t.broughtIn));
            if (t.undone) {
                Instant when = Optional.ofNullable(t.undoneAt).orElse(t.recordedAt);
                all.add(new Happened(
                        when, t.undoneBy, Kind.TAKEN_BACK, what, lines, t.key, t.visit, false, t.broughtIn));
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
                at.putAll(Taken.changes(t));
            }
        }
        at.keySet().retainAll(Taken.changes(replaced).keySet());
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
    private static String where(TapRecord t, Catalogue catalogue) {
        String label = catalogue.test(t.test).map(test -> test.placeLabel(t.at)).orElse(Wording.code(t.at));
        return label.isEmpty() ? "" : ", " + Wording.midSentence(label);
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
    private Stream<Happened> measured(CaseRecord stored, Catalogue catalogue) {
        Map<Long, List<Revised>> steps = revisions
                .of(MeasuredRecord.class, "caseId", stored.id, m -> String.valueOf(m.id), m -> flat(m, catalogue))
                .stream()
                .collect(Collectors.groupingBy(Revised::revision, TreeMap::new, Collectors.toList()));
        return steps.values().stream().map(step -> {
            Map<String, String> before = new TreeMap<>();
            Map<String, String> after = new TreeMap<>();
            step.forEach(r -> r.before().forEach((field, value) -> before.merge(field, value, (a, b) -> a + " " + b)));
            step.forEach(r -> r.after().forEach((field, value) -> after.merge(field, value, (a, b) -> a + " " + b)));
            Revised first = step.get(0);
            return changed(
                    new Revised(first.revision(), first.at(), first.who(), before, after), Kind.MEASURED, "Measures");
        });
    }

    /** The same field for all trials of one item. */
    private static Map<String, String> flat(MeasuredRecord m, Catalogue catalogue) {
        String measure =
                catalogue.measures().measure(m.measure).map(Measure::name).orElse(m.measure);
        String item = ReadingLeaf.named(m.item)
                .map(MeasureComparison::label)
                .orElseGet(() -> MeasureChanges.noteName(m.item));
        String value = m.amount == null ? m.word : InWords.number(m.amount);
        return Map.of(measure + ", " + item + ", " + m.side + ", visit " + m.visit, String.valueOf(value));
    }

    private static Happened changed(Revised r, Kind kind, String what) {
        return new Happened(r.at(), r.who(), kind, what, r.lines(), null, null, false, false);
    }

    private static Map<String, String> flat(CaseRecord c) {
        Map<String, String> flat = new TreeMap<>();
        flat.put("complaint", InWords.of(c.complaint));
        flat.put("affected side", InWords.of(c.involvedSide));
        flat.put("dominant side", InWords.of(c.dominantSide));
        flat.put("age", c.age == null ? InWords.of(c.ageBand) : String.valueOf(c.age));
        flat.put("sex", InWords.of(c.sex));
        flat.put("setting", InWords.of(c.setting));
        flat.put("comes also with", InWords.of(c.alsoComplaint));
        Optional.ofNullable(Intake.of(c).told()).ifPresent(told -> {
            flat.put("onset", told.onset() == null ? "" : told.onset().id());
            told.texts().forEach(flat::put);
            told.pains().forEach((field, pain) -> flat.put(field, String.valueOf(pain)));
        });
        flat.put("what happened", InWords.of(c.mechanism));
        flat.put("studies at high risk of bias", InWords.of(c.highBias));
        flat.put("examiner", InWords.of(c.owner));
        flat.put("shared with", String.join(", ", c.shares));
        flat.put("deleted", InWords.of(c.deletedAt));
        flat.put("closed", InWords.of(c.closedAt));
        flat.put("closed by", InWords.of(c.closedBy));
        flat.put("visits", String.valueOf(c.visits.size()));
        flat.put("running order", String.join(", ", c.plan));
        flat.put("precautions", String.join(", ", c.precautions));
        flat.put("warning signs", String.join(", ", c.warnings));
        c.candidates.forEach(k -> flat.put(
                "candidate " + k.condition, k.suspicion + (k.baseRate == null ? "" : ", base rate " + k.baseRate)));
        c.settled.forEach((sign, s) -> flat.put(
                "warning sign " + sign, s.state + (s.why.isEmpty() ? "" : ": " + s.why) + " (" + s.madeBy + ")"));
        c.answers.forEach((item, answer) -> flat.put("answer " + item, answer ? "yes" : "no"));
        c.ladders.forEach((ladder, answer) -> flat.put("ladder " + ladder, answer));
        flat.values().removeIf(String::isEmpty);
        return flat;
    }

    /** A change in the words of its test; in those of the files where the content does not know it. */
    private static Revised.Line line(TapRecord t, String leaf, Object was, Object is, Catalogue catalogue) {
        Optional<ClinicalTest> test = catalogue.test(t.test);
        Optional<ReadingLeaf> known = ReadingLeaf.named(leaf);
        if (test.isEmpty() || known.isEmpty()) {
            return new Revised.Line(leaf, InWords.of(was), InWords.of(is));
        }
        TestWording wording = TestWording.of(test.get(), catalogue);
        return new Revised.Line(
                Wording.label(known.get()), words(wording, known.get(), was), words(wording, known.get(), is));
    }

    private static String words(TestWording wording, ReadingLeaf leaf, Object value) {
        return value == null ? "" : wording.value(leaf, value);
    }

    private static String name(String test, Catalogue catalogue) {
        return catalogue.test(test).map(ClinicalTest::name).orElse(test);
    }
}
