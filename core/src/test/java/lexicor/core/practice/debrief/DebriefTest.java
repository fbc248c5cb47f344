package lexicor.core.practice.debrief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.catalogue.Setting;
import lexicor.core.catalogue.packs.Shipped;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.evidence.HighBias;
import lexicor.core.examination.Place;
import lexicor.core.examination.ReadingValue;
import lexicor.core.examination.ReadingValue.Flag;
import lexicor.core.examination.Readings;
import lexicor.core.examination.Side;
import lexicor.core.examination.Tap;
import lexicor.core.planning.Circumstances;
import lexicor.core.practice.debrief.Deed.Asked;
import lexicor.core.practice.debrief.Deed.Courtesy;
import lexicor.core.practice.debrief.Deed.Did;
import lexicor.core.practice.debrief.Deed.Looked;
import lexicor.core.practice.debrief.Deed.Question;
import lexicor.core.practice.debrief.Deed.Said;
import lexicor.core.practice.debrief.Deed.WentAhead;
import lexicor.core.practice.patient.SimulatedPatient;
import lexicor.core.practice.patient.Wish;
import lexicor.core.weighing.NextTest;
import lexicor.core.weighing.School;
import lexicor.core.weighing.WeighedCase;
import lexicor.core.weighing.Weighing;
import lexicor.core.weighing.input.WeighingSettings;
import org.junit.jupiter.api.Test;

class DebriefTest {
    private static final Catalogue CATALOGUE = Shipped.CATALOGUE;
    private static final EvidenceBase EVIDENCE = EvidenceBase.of(CATALOGUE, HighBias.CORRECTED);
    private static final Deed PERMISSION = new Said(Courtesy.PERMISSION);
    private static final Deed SPEAK_UP = new Said(Courtesy.SPEAK_UP);
    private static final Deed BARE = new Said(Courtesy.BARE);

    private final List<Deed> deeds = new ArrayList<>();
    private final Map<Place, Map<ReadingLeaf, ReadingValue>> tapped = new LinkedHashMap<>();
    private final Map<String, Double> atEnd = new HashMap<>();
    private SimulatedPatient patient;

    private void patient(String complaint, long seed, Wish wish) {
        patient = SimulatedPatient.of(
                CATALOGUE, EVIDENCE, WeighingSettings.DEFAULT, complaint, Setting.SPECIALIST, seed, wish);
        deeds.clear();
        tapped.clear();
        atEnd.clear();
    }

    private static Wish having(String... conditions) {
        return new Wish(Optional.of(Set.copyOf(Arrays.asList(conditions))), Optional.empty(), Set.of(), Set.of());
    }

    private Side involved() {
        return patient.person().involved();
    }

    private Place place(String test) {
        return new Place(test, "", involved());
    }

    /** Does a test on one side and records it as it is felt. */
    private void felt(Place place) {
        deeds.add(new Did(place, 0));
        tapped.put(
                place,
                new LinkedHashMap<>(
                        patient.reply(place.test(), place.at(), place.side(), 0).felt()));
    }

    private void bothSides(String test) {
        felt(new Place(test, "", involved().other()));
        felt(place(test));
    }

    private Debrief debrief() {
        List<Tap> taps = tapped.entrySet().stream()
                .filter(e -> !e.getValue().isEmpty())
                .map(e -> new Tap(
                        e.getKey(),
                        e.getValue().entrySet().stream()
                                .collect(Collectors.toMap(Map.Entry::getKey, v -> Optional.of(v.getValue())))))
                .toList();
        Encounter encounter = new Encounter(
                patient, List.copyOf(deeds), Map.of(), Map.copyOf(atEnd), Readings.of(taps), Optional.empty());
        return Debrief.of(encounter, EVIDENCE, School.DIFFERENTIAL);
    }

    private static List<String> said(Debrief debrief, Point.Kind kind) {
        return debrief.points().stream()
                .filter(p -> p.kind() == kind)
                .map(Point::words)
                .toList();
    }

    @Test
    void whoAsksLooksAtBothSidesAndRecordsWhatIsFeltHearsNothingOfIt() {
        patient("shoulder-pain", 3, having("frozen-shoulder"));
        deeds.addAll(List.of(PERMISSION, SPEAK_UP, BARE));
        bothSides("neck-movement-screen");
        bothSides("full-can");
        bothSides("neer");
        Debrief debrief = debrief();
        assertThat(said(debrief, Point.Kind.READING)).isEmpty();
        assertThat(said(debrief, Point.Kind.FACE)).isEmpty();
        assertThat(said(debrief, Point.Kind.ORDER)).isEmpty();
        assertThat(debrief.minutes()).isGreaterThan(2);
        assertThat(debrief.judged())
                .filteredOn(Debrief.Judged::present)
                .extracting(Debrief.Judged::condition)
                .containsExactly("frozen-shoulder");
    }

    @Test
    void whatWasLeftOutOrTakenForSomethingElseIsSaidWithItsPlace() {
        patient("shoulder-pain", painful("neer"), having("subacromial-pain"));
        Place neer = place("neer");
        deeds.add(SPEAK_UP);
        felt(neer);
        tapped.get(neer).put(ReadingLeaf.PAIN_FAMILIAR, new Flag(false));
        Debrief debrief = debrief();
        assertThat(said(debrief, Point.Kind.READING))
                .singleElement()
                .asString()
                .contains("it was their own pain, recorded was another pain");
        assertThat(debrief.points())
                .filteredOn(p -> p.kind() == Point.Kind.READING)
                .first()
                .satisfies(p -> assertThat(p.place()).contains(neer));
        assertThat(said(debrief, Point.Kind.ORDER))
                .anyMatch(w -> w.startsWith("Permission was not asked"))
                .anyMatch(w -> w.startsWith("The troubled side came first, or alone: Neer"))
                .anyMatch(w -> w.contains("provoked before any range or strength"))
                .anyMatch(w -> w.startsWith("The neck was not looked at"));
        assertThat(debrief.judged())
                .filteredOn(j -> j.condition().equals("subacromial-pain"))
                .allSatisfy(j -> assertThat(j.program()).isLessThan(j.asFelt()));
    }

    @Test
    void theFaceHasToBeLookedAtByWhoeverAskedNobodyToSpeakUp() {
        patient("shoulder-pain", painful("neer"), having("subacromial-pain"));
        felt(place("neer"));
        assertThat(said(debrief(), Point.Kind.FACE)).hasSize(1);
        deeds.add(new Looked());
        assertThat(said(debrief(), Point.Kind.FACE)).isEmpty();
    }

    @Test
    void aResultOnTheOtherSideAndOneOfATestNeverDoneAreTold() {
        patient("shoulder-pain", painful("neer"), having("subacromial-pain"));
        deeds.addAll(List.of(SPEAK_UP, new Did(place("neer"), 0)));
        tapped.put(
                new Place("neer", "", involved().other()),
                patient.reply("neer", "", involved(), 0).felt());
        tapped.put(place("speed"), Map.of(ReadingLeaf.PAIN_PRESENT, new Flag(false)));
        assertThat(said(debrief(), Point.Kind.READING))
                .anyMatch(w -> w.contains("recorded on the"))
                .anyMatch(w -> w.contains("recorded, and never done"))
                .hasSize(2);
    }

    @Test
    void warningsNobodyAskedForAndTestsThatMustNotBeAreTheFirstThingsSaid() {
        Wish wish = new Wish(
                Optional.of(Set.of("subacromial-pain")),
                Optional.empty(),
                Set.of("recent-surgery"),
                Set.of("chest-pain"));
        patient("shoulder-pain", 4, wish);
        String blocked = CATALOGUE.tests().stream()
                .filter(t -> t.region().equals("shoulder")
                        && t.contraindications().contains("recent-surgery")
                        && t.provocation() > 0
                        && t.places().contains(""))
                .findFirst()
                .orElseThrow()
                .id();
        felt(place(blocked));
        Debrief unasked = debrief();
        assertThat(unasked.points().get(0).kind()).isEqualTo(Point.Kind.WARNING);
        assertThat(unasked.points().get(0).words()).contains("chest tightness").contains("It was there");
        assertThat(said(unasked, Point.Kind.BLOCKED))
                .anyMatch(w -> w.contains("asked, the patient would have said so"));

        deeds.add(0, new Asked(Question.WARNING, "chest-pain", true));
        deeds.add(1, new WentAhead(blocked, "the surgeon allows it"));
        Debrief asked = debrief();
        assertThat(said(asked, Point.Kind.WARNING)).singleElement().asString().startsWith("The examination went on");
        assertThat(said(asked, Point.Kind.BLOCKED)).singleElement().asString().contains("the surgeon allows it");
    }

    @Test
    void aSpecificityTakenForTheChanceIsNamed() {
        patient("shoulder-slipping", 1, having("anterior-instability"));
        deeds.addAll(List.of(PERMISSION, SPEAK_UP, BARE, new Did(place("relocation"), 0)));
        tapped.put(
                place("jerk"),
                Map.of(
                        ReadingLeaf.PAIN_PRESENT, new Flag(true),
                        ReadingLeaf.PAIN_FAMILIAR, new Flag(true)));
        deeds.add(new Did(place("jerk"), 0));
        atEnd.put("posterior-instability", 0.98);
        assertThat(said(debrief(), Point.Kind.JUDGEMENT))
                .singleElement()
                .asString()
                .contains("is about the specificity of", "(98 %), not the chance of having it", "to begin with");
    }

    @Test
    void whoMultipliesEveryRatioIsToldWhyThatClaimsTooMuch() {
        for (long seed = 0; seed < 60; seed++) {
            patient("shoulder-pain", seed, Wish.NOTHING);
            deeds.addAll(List.of(PERMISSION, SPEAK_UP, BARE));
            List.of("neer", "hawkins-kennedy", "empty-can", "painful-arc", "full-can")
                    .forEach(this::bothSides);
            Optional<Debrief.Judged> apart = debrief().judged().stream()
                    .filter(j -> j.multiplied() > 0.6 && j.multiplied() - j.program() > 0.2)
                    .findFirst();
            if (apart.isPresent()) {
                atEnd.put(apart.get().condition(), apart.get().multiplied());
                assertThat(said(debrief(), Point.Kind.JUDGEMENT))
                        .anyMatch(w -> w.contains("multiplying every ratio") && w.contains("fail together"));
                return;
            }
        }
        throw new AssertionError("multiplying never claimed too much");
    }

    @Test
    void theBestOrderWithinTheSameMinutesTellsAtLeastAsMuch() {
        patient("shoulder-pain", 8, having("full-thickness-cuff-tear"));
        List.of("yergason", "speed", "neer", "hawkins-kennedy").forEach(this::bothSides);
        Debrief debrief = debrief();
        assertThat(debrief.steps()).hasSize(4);
        double own =
                debrief.steps().stream().mapToDouble(Debrief.TestStep::bits).sum();
        double best =
                debrief.best().stream().mapToDouble(Debrief.TestStep::bits).sum();
        double minutes =
                debrief.steps().stream().mapToDouble(Debrief.TestStep::minutes).sum();
        assertThat(best).isGreaterThan(own);
        assertThat(debrief.best().stream()
                        .mapToDouble(Debrief.TestStep::minutes)
                        .sum())
                .isLessThanOrEqualTo(minutes + 1e-9);
    }

    /** A patient whose test hurts and is theirs. */
    private long painful(String test) {
        for (long seed = 0; seed < 100; seed++) {
            SimulatedPatient one = SimulatedPatient.of(
                    CATALOGUE,
                    EVIDENCE,
                    WeighingSettings.DEFAULT,
                    "shoulder-pain",
                    Setting.SPECIALIST,
                    seed,
                    having("subacromial-pain"));
            if (new Flag(true)
                    .equals(one.reply(test, "", one.person().involved(), 0)
                            .felt()
                            .get(ReadingLeaf.PAIN_FAMILIAR))) {
                return seed;
            }
        }
        throw new AssertionError("nobody hurts");
    }

    /** One probability and whether it was so. */
    private record Stated(double program, double multiplied, boolean is) {}

    @Test
    void whoFollowsTheAdviceAndRepeatsTheProgramIsCalibratedAndWhoMultipliesIsNot() {
        List<Stated> stated = new ArrayList<>();
        for (long seed = 0; seed < 150; seed++) {
            patient("shoulder-pain", 1000 + seed, Wish.NOTHING);
            stated.addAll(followed());
        }
        assertCalibrated(
                stated.stream().map(s -> new double[] {s.program, s.is ? 1 : 0}).toList());
        assertThat(brier(stated, false)).isGreaterThan(brier(stated, true));
    }

    private static double brier(List<Stated> stated, boolean program) {
        return stated.stream()
                .mapToDouble(s -> Math.pow((program ? s.program : s.multiplied) - (s.is ? 1 : 0), 2))
                .average()
                .orElseThrow();
    }

    private static void assertCalibrated(List<double[]> stated) {
        for (int tenth = 0; tenth < 10; tenth += 2) {
            double from = tenth / 10.0;
            List<double[]> some = stated.stream()
                    .filter(s -> s[0] >= from && s[0] < from + 0.2)
                    .toList();
            double said = some.stream().mapToDouble(s -> s[0]).average().orElse(0);
            double was = some.stream().mapToDouble(s -> s[1]).average().orElse(0);
            double error = Math.sqrt(0.25 / Math.max(1, some.size()));
            assertThat(was)
                    .as("of %d said to be about %.0f %%", some.size(), 100 * said)
                    .isCloseTo(said, within(0.06 + 2.5 * error));
        }
    }

    /** Eight tests as advised, as they turn out; then what the program and a multiplier say. */
    private List<Stated> followed() {
        Bedside bedside = new Bedside(patient, EVIDENCE, School.DIFFERENTIAL);
        List<Place> places = new ArrayList<>();
        List<String> done = new ArrayList<>();
        WeighedCase weighed = weigh(bedside, places);
        while (done.size() < 8) {
            Optional<String> next = weighed.nextTests().stream()
                    .map(NextTest::id)
                    .map(c -> CATALOGUE.testOf(c).orElseThrow().id())
                    .filter(t -> !done.contains(t))
                    .findFirst();
            if (next.isEmpty()) {
                break;
            }
            done.add(next.get());
            places.addAll(bedside.places(next.get()));
            weighed = weigh(bedside, places);
        }
        Map<String, Double> multiplied = weighed.schools().get(School.INDEPENDENT);
        return weighed.conditions().stream()
                .map(c -> new Stated(
                        c.posttest(),
                        multiplied.get(c.id()),
                        patient.conditions().contains(c.id())))
                .toList();
    }

    private static WeighedCase weigh(Bedside bedside, List<Place> places) {
        return Weighing.weigh(
                bedside.toWeigh(
                        bedside.findings(bedside.felt(places), Map.of()),
                        Map.of(),
                        Circumstances.of(bedside.patient.world().complaint(), false)),
                bedside.school);
    }
}
