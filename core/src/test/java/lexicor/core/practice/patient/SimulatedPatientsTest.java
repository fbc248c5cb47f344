package lexicor.core.practice.patient;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Complaint;
import lexicor.core.catalogue.Criterion;
import lexicor.core.catalogue.HistoryItem;
import lexicor.core.catalogue.Setting;
import lexicor.core.catalogue.packs.Shipped;
import lexicor.core.catalogue.published.JudgedSign;
import lexicor.core.evidence.Accuracy;
import lexicor.core.evidence.Evidence;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.evidence.HighBias;
import lexicor.core.examination.CriterionEvaluator;
import lexicor.core.examination.Outcome;
import lexicor.core.examination.Place;
import lexicor.core.examination.Readings;
import lexicor.core.examination.Side;
import lexicor.core.examination.Tap;
import lexicor.core.numbers.GaussHermite;
import lexicor.core.numbers.NormalTable;
import lexicor.core.weighing.input.WeighingSettings;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Simulated patients agree with what they are made from. */
class SimulatedPatientsTest {
    private static final Catalogue CATALOGUE = Shipped.CATALOGUE;
    private static final EvidenceBase EVIDENCE = EvidenceBase.of(CATALOGUE, HighBias.CORRECTED);
    private static final WeighingSettings SETTINGS = WeighingSettings.DEFAULT;
    private static final int GROUP = 2000;
    /** Over some hundred comparisons none should be so far off by chance. */
    private static final double STANDARD_ERRORS = 4.5;

    private static PatientWorld world(String complaint, Setting setting) {
        return new PatientWorld(
                CATALOGUE, EVIDENCE, SETTINGS, CATALOGUE.complaint(complaint).orElseThrow(), setting, true);
    }

    private static SimulatedPatient patient(String complaint, long seed) {
        return SimulatedPatient.of(CATALOGUE, EVIDENCE, SETTINGS, complaint, Setting.SPECIALIST, seed, Wish.NOTHING);
    }

    /** Somebody of those who have the condition, or have not, with whatever else people have. */
    private static int drawn(PatientWorld world, int condition, boolean with, SplittableRandom random) {
        Sets sets = world.sets;
        double[] weights = IntStream.range(0, sets.sets.length)
                .mapToDouble(i -> Sets.has(sets.sets[i], condition) == with ? sets.chance[i] : 0)
                .toArray();
        return sets.sets[new Draws(random.nextLong()).weighted("set", weights)];
    }

    private static double share(PatientWorld world, Criterion criterion, int condition, boolean with, long seed) {
        Causes causes = world.figured(criterion.id());
        String family = CATALOGUE.testOf(criterion.id()).orElseThrow().family();
        SplittableRandom random = new SplittableRandom(seed);
        int positive = 0;
        for (int i = 0; i < GROUP; i++) {
            int set = drawn(world, condition, with, random);
            Latent latent = new Latent(new Draws(random.nextLong()), SETTINGS, set);
            positive += latent.positive(criterion.id(), family, causes) ? 1 : 0;
        }
        return (double) positive / GROUP;
    }

    private static void agrees(double share, double figure, String what) {
        double error = Math.sqrt(Math.max(figure * (1 - figure), 1e-4) / GROUP);
        assertThat(share).as(what).isCloseTo(figure, within(STANDARD_ERRORS * error));
    }

    @ParameterizedTest
    @EnumSource(Setting.class)
    void twoThousandWithAndWithoutAgreeWithEveryFigureThatNoOtherContradicts(Setting setting) {
        int pairs = 0;
        for (Complaint complaint : CATALOGUE.complaints()) {
            PatientWorld world = world(complaint.id(), setting);
            for (ClinicalTest test : world.tests().toList()) {
                for (Criterion criterion : test.criteria()) {
                    List<String> by = world.spokenBy(criterion.id());
                    if (by.size() == 1) {
                        Accuracy figure = ((Evidence.Weighable)
                                        EVIDENCE.of(criterion.id()).get(by.get(0)))
                                .accuracy();
                        if (figure.sensitivity() <= 1 - figure.specificity()) {
                            // More often positive without it than with it: nothing that a cause could do.
                            continue;
                        }
                        int condition = world.candidates().indexOf(by.get(0));
                        String what = complaint.id() + ", " + criterion.id() + ", " + by.get(0);
                        agrees(
                                share(world, criterion, condition, true, 11),
                                figure.sensitivity(),
                                what + ", sensitivity");
                        agrees(
                                1 - share(world, criterion, condition, false, 12),
                                figure.specificity(),
                                what + ", specificity");
                        pairs++;
                    }
                }
            }
        }
        assertThat(pairs).isGreaterThan(200);
    }

    @Test
    void whereFiguresOfSeveralConditionsMeetEverySensitivityHoldsThatLeavesRoom() {
        PatientWorld world = world("shoulder-pain", Setting.SPECIALIST);
        for (ClinicalTest test : world.tests().toList()) {
            for (Criterion criterion : test.criteria()) {
                List<String> by = world.spokenBy(criterion.id());
                for (String condition : by.size() > 1 ? by : List.<String>of()) {
                    double figure = ((Evidence.Weighable)
                                    EVIDENCE.of(criterion.id()).get(condition))
                            .accuracy()
                            .sensitivity();
                    int c = world.candidates().indexOf(condition);
                    if (world.figured(criterion.id()).activation()[c] > 0) {
                        agrees(share(world, criterion, c, true, 13), figure, criterion.id() + ", " + condition);
                    }
                }
            }
        }
    }

    /** That two readings are positive together where each has the threshold, by quadrature (method M4). */
    private static double together(double a, double b, double overlap) {
        GaussHermite nodes = GaussHermite.of(61);
        double sum = 0;
        for (int i = 0; i < nodes.weights().length; i++) {
            double shared = Math.sqrt(overlap) * nodes.at(i);
            double rest = Math.sqrt(1 - overlap);
            sum += nodes.weights()[i] * NormalTable.cdf((a + shared) / rest) * NormalTable.cdf((b + shared) / rest);
        }
        return sum;
    }

    @Test
    void withinAFamilyAndBetweenTwoReadingsFailTogetherByTheOverlap() {
        PatientWorld world = world("shoulder-pain", Setting.SPECIALIST);
        Causes neer = world.figured("neer/pain");
        Causes hawkins = world.figured("hawkins-kennedy/pain");
        Causes speed = world.figured("speed/groove-pain");
        int set = world.setOf(Set.of("subacromial-pain"));
        int both = 0;
        int across = 0;
        int n = 10 * GROUP;
        for (int seed = 0; seed < n; seed++) {
            Latent latent = new Latent(new Draws(seed), SETTINGS, set);
            boolean first = latent.positive("neer/pain", "impingement-provocation", neer);
            both += first && latent.positive("hawkins-kennedy/pain", "impingement-provocation", hawkins) ? 1 : 0;
            across += first && latent.positive("speed/groove-pain", "biceps", speed) ? 1 : 0;
        }
        double within = together(neer.threshold(set), hawkins.threshold(set), SETTINGS.familyOverlap());
        double between = together(neer.threshold(set), speed.threshold(set), SETTINGS.generalOverlap());
        double alone = neer.positive(set) * hawkins.positive(set);
        double error = 4 * Math.sqrt(0.25 / n);
        assertThat((double) both / n).isCloseTo(within, within(error));
        assertThat((double) across / n).isCloseTo(between, within(error));
        assertThat(within - alone).as("the overlap shows").isGreaterThan(2 * error);
    }

    @Test
    void everyCandidateIsThereAsOftenAsItsBaseRateAndNobodyHasThree() {
        for (Complaint complaint : CATALOGUE.complaints()) {
            for (Setting setting : Setting.values()) {
                PatientWorld world = world(complaint.id(), setting);
                Map<String, Double> shares = new HashMap<>();
                for (int i = 0; i < world.sets.sets.length; i++) {
                    assertThat(Integer.bitCount(world.sets.sets[i])).isLessThanOrEqualTo(2);
                    double chance = world.sets.chance[i];
                    world.named(world.sets.sets[i]).forEach(c -> shares.merge(c, chance, Double::sum));
                }
                world.startingRates().forEach((c, rate) -> assertThat(shares.get(c))
                        .as(complaint.id() + " " + setting + " " + c)
                        .isCloseTo(rate, within(1e-3)));
                assertThat(Arrays.stream(world.sets.chance).sum()).isCloseTo(1, within(1e-9));
            }
        }
    }

    @Test
    void theSameSeedIsTheSamePatientWhateverIsDoneFirst() {
        for (long seed = 1; seed < 30; seed++) {
            SimulatedPatient one = patient("shoulder-pain", seed);
            SimulatedPatient same = patient("shoulder-pain", seed);
            Side involved = one.person().involved();
            Reply neer = one.reply("neer", "", involved, 0);
            same.reply("hawkins-kennedy", "", involved, 0);
            assertThat(same.reply("neer", "", involved, 0)).isEqualTo(neer);
            assertThat(same.person()).isEqualTo(one.person());
            assertThat(same.conditions()).isEqualTo(one.conditions());
            assertThat(same.history()).isEqualTo(one.history());
        }
        assertThat(IntStream.range(0, 30)
                        .mapToObj(s -> patient("shoulder-pain", s).person())
                        .distinct())
                .hasSizeGreaterThan(25);
    }

    @Test
    void whatIsFeltComesToWhatIsMeantWhereverThereAreFigures() {
        int judged = 0;
        int otherwise = 0;
        for (Complaint complaint : CATALOGUE.complaints()) {
            SimulatedPatient patient = patient(complaint.id(), 7);
            for (ClinicalTest test : patient.world().tests().toList()) {
                for (Criterion c : test.criteria()) {
                    if (patient.world().hasFigures(c.id())) {
                        judged++;
                        Outcome meant = patient.isPositive(test, c) ? Outcome.POSITIVE : Outcome.NEGATIVE;
                        otherwise += outcome(patient, test, c) == meant ? 0 : 1;
                    }
                }
                assertSpeaks(patient, test);
            }
        }
        // Relief where there was nothing to ease, looseness of both sides, and one limit within another remain.
        assertThat(judged).isGreaterThan(300);
        assertThat(otherwise).isLessThan(judged / 50);
    }

    private static Outcome outcome(SimulatedPatient patient, ClinicalTest test, Criterion criterion) {
        Side involved = patient.person().involved();
        List<Tap> taps = new ArrayList<>();
        List.of(involved.other(), involved).forEach(side -> taps.addAll(tapped(patient, test, criterion.at(), side)));
        patient.relieved(test).ifPresent(r -> taps.addAll(tapped(patient, r, "", involved)));
        return new CriterionEvaluator(CATALOGUE, Readings.of(taps))
                .evaluate(test, criterion, involved)
                .outcome();
    }

    private static List<Tap> tapped(SimulatedPatient patient, ClinicalTest test, String at, Side side) {
        Reply reply = patient.reply(test.id(), at, side, 1);
        return reply.felt().isEmpty()
                ? List.of()
                : List.of(new Tap(
                        new Place(test.id(), at, side),
                        reply.felt().entrySet().stream()
                                .collect(Collectors.toMap(Map.Entry::getKey, e -> Optional.of(e.getValue())))));
    }

    /** Something comes back, in whole sentences, and never a result. */
    private static void assertSpeaks(SimulatedPatient patient, ClinicalTest test) {
        for (String at : test.places()) {
            Reply reply = patient.reply(test.id(), at, patient.person().involved(), 0);
            List<String> all = new ArrayList<>(reply.seen());
            all.addAll(reply.said());
            all.addAll(reply.shown());
            assertThat(all).as(test.id() + " " + at).isNotEmpty();
            assertThat(all).allSatisfy(s -> assertThat(s)
                    .matches("(?s).+[.\"]")
                    .doesNotContain("{", "}")
                    .doesNotContainIgnoringCase("positive", "negative"));
        }
    }

    @Test
    void aHistoryItemTellsAsMuchAsItIsJudged() {
        HistoryItem item = CATALOGUE.historyItem("history/stiff-and-diabetic").orElseThrow();
        JudgedSign judged = CATALOGUE.judged(item.id(), "frozen-shoulder").orElseThrow();
        assertThat(told(item, Set.of("frozen-shoulder")))
                .isCloseTo(judged.with().share(), within(0.03));
        assertThat(told(item, Set.of("subacromial-pain")))
                .isCloseTo(judged.without().share(), within(0.03));
    }

    private static double told(HistoryItem item, Set<String> conditions) {
        Wish wish = new Wish(Optional.of(conditions), Optional.empty(), Set.of(), Set.of());
        PatientWorld world = world("shoulder-pain", Setting.COMMUNITY);
        return IntStream.range(0, 4 * GROUP)
                        .filter(s ->
                                SimulatedPatient.of(world, s, wish).history().get(item.id()))
                        .count()
                / (4.0 * GROUP);
    }

    @Test
    void whoIsSetByHandHasExactlyThatAndNothingThatTheComplaintCannotBe() {
        Wish wish = new Wish(
                Optional.of(Set.of("frozen-shoulder", "subacromial-pain")),
                Optional.empty(),
                Set.of("recent-surgery"),
                Set.of("unwell"));
        SimulatedPatient patient =
                SimulatedPatient.of(CATALOGUE, EVIDENCE, SETTINGS, "shoulder-pain", Setting.COMMUNITY, 5, wish);
        assertThat(patient.conditions()).containsExactlyInAnyOrder("frozen-shoulder", "subacromial-pain");
        assertThat(patient.precautions()).contains("recent-surgery");
        assertThat(patient.warnings()).contains("unwell");
        Wish impossible = new Wish(Optional.of(Set.of("trigger-finger")), Optional.empty(), Set.of(), Set.of());
        assertThatThrownBy(() -> SimulatedPatient.of(
                        CATALOGUE, EVIDENCE, SETTINGS, "shoulder-pain", Setting.COMMUNITY, 5, impossible))
                .hasMessageContaining("trigger-finger");
    }
}
