package lexicor.server.cases;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Condition;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.catalogue.Setting;
import lexicor.core.document.InvalidDocumentException;
import lexicor.core.examination.AgeBand;
import lexicor.core.examination.CriterionEvaluator;
import lexicor.core.examination.Finding;
import lexicor.core.examination.Findings;
import lexicor.core.examination.Readings;
import lexicor.core.examination.Side;
import lexicor.core.examination.Tap;
import lexicor.core.examination.TapReader;
import lexicor.core.examination.Wording;
import lexicor.core.planning.Precaution;
import lexicor.core.weighing.BedsideCase;
import lexicor.core.weighing.Candidate;
import lexicor.core.weighing.Suspicion;
import lexicor.server.cases.CaseViews.FindingView;
import lexicor.server.cases.CaseViews.PlaceReadings;
import lexicor.server.cases.CaseViews.TapView;
import lexicor.server.cases.CaseViews.VariantDone;
import lexicor.server.catalogue.Editions;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Between what is stored and what the core works with. */
@Component
class CaseAssembly {
    private static final TypeReference<LinkedHashMap<String, Object>> CHANGES = new TypeReference<>() {};

    // What the API leaves out is a change here: a leaf that is null is cleared.
    private static final JsonMapper STORED = JsonMapper.shared();

    private final Editions editions;
    private final CaseBasis basis;
    private final JsonMapper json;

    CaseAssembly(Editions editions, CaseBasis basis, JsonMapper json) {
        this.editions = editions;
        this.basis = basis;
        this.json = json;
    }

    Tap tap(TapRecord stored) {
        return TapReader.read(
                editions.catalogue(), stored.test, stored.at, stored.side, json.readValue(stored.changes, CHANGES));
    }

    TapView view(TapRecord stored) {
        return new TapView(
                stored.key,
                stored.tappedAt,
                stored.recordedAt,
                stored.visit,
                stored.device,
                stored.test,
                stored.at,
                stored.side,
                json.readValue(stored.changes, CHANGES),
                stored.undone);
    }

    /** The variants in which tests were last recorded; tests done as described are absent. */
    List<VariantDone> variants(List<TapRecord> taps) {
        Map<String, String> byTest = new LinkedHashMap<>();
        taps.forEach(t -> byTest.put(t.test, t.variant));
        return byTest.entrySet().stream()
                .filter(e -> e.getValue() != null)
                .map(e -> new VariantDone(
                        e.getKey(),
                        e.getValue(),
                        editions.catalogue()
                                .test(e.getKey())
                                .flatMap(t -> t.variant(e.getValue()))
                                .map(ClinicalTest.Variant::note)
                                .orElse("")))
                .toList();
    }

    String changes(Map<String, Object> changes) {
        return STORED.writeValueAsString(changes);
    }

    Readings readings(List<TapRecord> taps) {
        return Readings.of(taps.stream().flatMap(t -> known(t).stream()).toList());
    }

    /** The tap, if the content in force knows what it is of. */
    Optional<Tap> known(TapRecord stored) {
        boolean gone = editions.catalogue().test(stored.test).isEmpty();
        try {
            return gone ? Optional.empty() : Optional.of(tap(stored));
        } catch (InvalidDocumentException e) {
            return Optional.empty();
        }
    }

    /**
     * What is recorded in the case and not known to the content in force, in words: taps on tests of the department's own
     * after those were taken out or no longer fit, a complaint, candidates. It stays in the record and weighs nothing.
     */
    List<String> unknown(CaseRecord stored, List<TapRecord> taps) {
        Map<String, Map<String, String>> readings = new LinkedHashMap<>();
        for (TapRecord t : taps) {
            if (known(t).isEmpty()) {
                String place = t.test + (t.at.isEmpty() ? "" : ", " + Wording.code(t.at)) + ", " + t.side;
                Map<String, String> at = readings.computeIfAbsent(place, p -> new LinkedHashMap<>());
                json.readValue(t.changes, CHANGES).forEach((leaf, value) -> {
                    String name = ReadingLeaf.named(leaf).map(Wording::label).orElse(leaf);
                    if (value == null) {
                        at.remove(name);
                    } else {
                        at.put(name, CaseHistory.words(value));
                    }
                });
            }
        }
        List<String> words = new ArrayList<>();
        if (editions.catalogue().complaint(stored.complaint).isEmpty()) {
            words.add("complaint " + stored.complaint);
        }
        stored.candidates.stream()
                .filter(c -> editions.catalogue().condition(c.condition).isEmpty())
                .forEach(c -> words.add("candidate " + c.condition));
        readings.forEach((place, at) -> {
            if (!at.isEmpty()) {
                words.add(place + ": "
                        + at.entrySet().stream()
                                .map(e -> e.getKey() + " " + e.getValue())
                                .collect(Collectors.joining(", ")));
            }
        });
        return words;
    }

    BedsideCase bedside(CaseRecord stored, Readings readings) {
        return bedside(stored, readings, basis.of(stored).catalogue());
    }

    /** The case as another content sees it. */
    BedsideCase bedside(CaseRecord stored, Readings readings, Catalogue catalogue) {
        Findings findings = Findings.of(
                catalogue,
                readings,
                involved(stored),
                Optional.ofNullable(stored.ageBand).flatMap(AgeBand::withId),
                stored.answers);
        Set<String> precautions =
                Safety.precautions(stored).stream().map(Precaution::id).collect(Collectors.toSet());
        return new BedsideCase(candidates(stored, Map.of(), catalogue), findings, regions(stored), precautions);
    }

    Set<String> regions(CaseRecord stored) {
        return editions.catalogue()
                .complaint(stored.complaint)
                .map(c -> Set.copyOf(c.regions()))
                .orElse(Set.of());
    }

    List<Candidate> candidates(CaseRecord stored) {
        return candidates(stored, Map.of(), basis.of(stored).catalogue());
    }

    /**
     * @param suspicions steps of suspicion in place of the stored ones, by condition
     */
    List<Candidate> candidates(CaseRecord stored, Map<String, String> suspicions) {
        return candidates(stored, suspicions, basis.of(stored).catalogue());
    }

    private static List<Candidate> candidates(CaseRecord stored, Map<String, String> suspicions, Catalogue catalogue) {
        Setting setting = Setting.valueOf(stored.setting.toUpperCase(java.util.Locale.ROOT));
        return stored.candidates.stream()
                .filter(c -> catalogue.condition(c.condition).isPresent())
                .map(c -> candidate(c, setting, suspicions.getOrDefault(c.condition, c.suspicion), catalogue))
                .toList();
    }

    static Side involved(CaseRecord stored) {
        return side(stored.involvedSide);
    }

    /** The side of that name. */
    static Side side(String id) {
        return Side.valueOf(id.toUpperCase(java.util.Locale.ROOT));
    }

    private static Candidate candidate(CandidateRecord stored, Setting setting, String suspicion, Catalogue catalogue) {
        Condition condition = catalogue.condition(stored.condition).orElseThrow();
        double base = stored.baseRate == null ? condition.pretest().get(setting) : stored.baseRate;
        double pretest = Suspicion.withId(suspicion).orElseThrow().pretest(base);
        return new Candidate(
                condition.id(), pretest, Candidate.ASSUMED_LOGIT_SD, condition.ruleOut(), condition.act(), 1);
    }

    /** Every criterion of every test begun, on both sides. */
    List<FindingView> findings(CaseRecord stored, Readings readings) {
        Side involved = involved(stored);
        Set<String> begun = readings.tests();
        List<FindingView> views = new ArrayList<>();
        for (ClinicalTest test : basis.of(stored).catalogue().tests()) {
            if (begun.contains(test.id())) {
                for (Side side : List.of(involved.other(), involved)) {
                    test.criteria().forEach(c -> {
                        Finding f = CriterionEvaluator.evaluate(test, c, readings, side);
                        views.add(new FindingView(
                                c.id(),
                                test.id(),
                                c.label(),
                                side.id(),
                                f.outcome().id(),
                                f.reason()));
                    });
                }
            }
        }
        return views;
    }

    static List<PlaceReadings> places(Readings readings) {
        List<PlaceReadings> places = new ArrayList<>();
        readings.byPlace().forEach((place, at) -> {
            Map<String, Object> values = new LinkedHashMap<>();
            at.leaves().forEach((leaf, value) -> values.put(leaf.leafName(), value.plain()));
            places.add(new PlaceReadings(place.test(), place.at(), place.side().id(), values));
        });
        return places;
    }
}
