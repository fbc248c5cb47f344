package lexicor.core.catalogue.packs;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.figures.ArmPose;
import lexicor.core.catalogue.figures.Figure;
import lexicor.core.catalogue.figures.HandPose;
import lexicor.core.catalogue.figures.HandPose.FingerPose;
import lexicor.core.catalogue.figures.JointRange;
import lexicor.core.document.InvalidDocumentException;
import lexicor.core.document.Problem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FiguresReaderTest {
    private static final List<Figure> FIGURES = Shipped.CATALOGUE.figures().tests();

    @Test
    void everyTestOfThePacksHasAFigure() {
        assertThat(FIGURES)
                .extracting(Figure::id)
                .containsExactlyInAnyOrderElementsOf(
                        Shipped.CATALOGUE.tests().stream().map(ClinicalTest::id).toList());
    }

    @Test
    void everyAngleIsWithinHumanRange() {
        for (Figure figure : FIGURES) {
            Stream<ArmPose> arms = Stream.of(
                            Stream.of(figure.arm(), figure.other()),
                            figure.start().stream().map(Figure.Start::arm),
                            figure.forces().stream().flatMap(f -> f.to().stream()))
                    .flatMap(s -> s);
            arms.forEach(arm -> assertThat(beyond(arm)).as(figure.id()).isEmpty());
        }
    }

    /** What is about the whole limb, or about no place at all, has a name in words alone. */
    private static final Set<String> NOWHERE = Set.of("inspect-shoulder-side", "crps-signs");

    @Test
    void everyPlaceThatIsLookedAtOrFeltIsOnOneMap() {
        List<String> mapped = Shipped.CATALOGUE.figures().maps().stream()
                .flatMap(m -> m.marks().stream())
                .map(m -> m.test() + " " + m.at())
                .toList();
        assertThat(mapped).doesNotHaveDuplicates();
        List<String> places = Shipped.CATALOGUE.tests().stream()
                .filter(t -> List.of("inspection", "palpation").contains(t.kind()) || t.id().equals("dermatomes"))
                .filter(t -> !NOWHERE.contains(t.id()))
                .flatMap(t -> t.places().stream().map(at -> t.id() + " " + at))
                .toList();
        assertThat(mapped).containsExactlyInAnyOrderElementsOf(places);
    }

    @Test
    void everyMovementThatIsDrawnIsMeasuredThere() {
        assertThat(Shipped.CATALOGUE.figures().movements()).isNotEmpty().allSatisfy(m -> {
            ClinicalTest test = Shipped.CATALOGUE.test(m.test()).orElseThrow();
            assertThat(test.places()).contains(m.at());
            assertThat(test.readings()).contains("rangeDeg");
            assertThat(m.angle()).isIn("elevation", "external", "elbow", "supination", "extension", "radial");
        });
        assertThat(Shipped.CATALOGUE.figures().movements())
                .filteredOn(m -> m.at().equals("ulnar-deviation"))
                .singleElement()
                .satisfies(m -> assertThat(m.opposite()).isTrue());
    }

    @Test
    void everyComplaintFitsSomewhereOnTheBody() {
        assertThat(Shipped.CATALOGUE.complaints())
                .allSatisfy(c -> assertThat(c.hurts()).isNotEmpty().allSatisfy(area -> assertThat(
                                Shipped.CATALOGUE.figures().area(area))
                        .isPresent()));
    }

    @Test
    void whatIsDoneToAPatientIsShown() {
        // A test that can hurt or startle is done by the examiner or against something: nobody should guess by what.
        assertThat(FIGURES)
                .filteredOn(f -> f.contacts().isEmpty()
                        && f.forces().isEmpty()
                        && f.feel().isEmpty()
                        && f.held().isEmpty()
                        && f.start().isEmpty())
                .extracting(Figure::id)
                .allSatisfy(id -> assertThat(
                                Shipped.CATALOGUE.test(id).orElseThrow().provocation())
                        .as(id)
                        .isLessThanOrEqualTo(2));
    }

    @Test
    void aPoseStartsFromTheOneThatItNames() {
        ArmPose thrown = figure(
                        """
                  - {test: neer, view: front, picture: arm, arm: {pose: cocked, shoulder: {elevation: 100}, hand: fist,
                     fingers: {index: {pip: 10}}}, other: same}
                """)
                .arm();
        assertThat(thrown.elevation()).isEqualTo(100);
        assertThat(thrown.external()).isEqualTo(90);
        assertThat(thrown.elbow()).isEqualTo(90);
        assertThat(thrown.hand().index()).isEqualTo(new FingerPose(84, 10, 74, 0));
        assertThat(thrown.hand().ring()).isEqualTo(new FingerPose(84, 106, 74, 0));
    }

    @Test
    void oppositeMovementsAreOneAngle() {
        Figure figure = figure(
                """
                  - {test: neer, view: front, picture: arm, other: same,
                     arm: {shoulder: {external: 40}, forearm: {pronation: 70}, wrist: {flexion: 30, ulnar: 20}},
                     from: {arm: {shoulder: {internal: 50}}}}
                """);
        assertThat(figure.arm().supination()).isEqualTo(-70);
        assertThat(figure.arm().extension()).isEqualTo(-30);
        assertThat(figure.arm().radial()).isEqualTo(-20);
        assertThat(figure.start().orElseThrow().arm().external()).isEqualTo(-50);
        assertThat(figure.start().orElseThrow().arm().supination()).isEqualTo(-70);
        assertThat(figure.start().orElseThrow().neckMoves()).isFalse();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            arm: {elbow: 170}                                       | figures.neer.arm.elbow           | from -15 to 150
            arm: {shoulder: {plane: -60, elevation: 90}}            | figures.neer.arm.shoulder.elevation | no further than 65
            arm: {forearm: {supination: 20, pronation: 20}}         | figures.neer.arm.forearm.pronation | found both
            arm: {hand: claw}                                       | figures.neer.arm.hand            | expected one of
            arm: {fingers: {thumb: {mcp: 10}}}                      | figures.neer.arm.fingers.thumb   | unknown key
            contacts: [{part: tail, grip: hold, from: up}]          | figures.neer.contacts[0].part    | there is no part tail
            contacts: [{part: head, grip: hold, from: dorsal}]      | figures.neer.contacts[0].from    | there is no direction dorsal
            contacts: [{part: wrist, grip: bite, from: radial}]     | figures.neer.contacts[0].grip    | there is no grip bite
            forces: [{part: wrist, push: up, pull: down}]           | figures.neer.forces[0].push      | expected one of push, pull, turn
            feel: [{place: elbow-soul}]                             | figures.neer.feel[0].place       | expected one of
            from: {arm: {elbow: 6}}                                 | figures.neer.from                | another pose
            posture: kneeling                                       | figures.neer.posture             | expected one of
            """)
    void whatNoBodyCanDoIsRefused(String wrong, String path, String message) {
        assertThat(problems("  - {test: neer, view: front, picture: arm, other: same, " + wrong + "}\n"))
                .anySatisfy(p -> {
                    assertThat(p.path()).isEqualTo(path);
                    assertThat(p.message()).contains(message);
                });
    }

    @Test
    void aFigureOfAnUnknownTestIsRefused() {
        assertThat(problems("  - {test: neers, view: front, picture: arm}\n"))
                .extracting(Problem::message)
                .contains("there is no test neers");
    }

    @Test
    void packsWithoutFiguresStillOpen() {
        PackFiles files = PackFiles.under(Shipped.PACKS);
        Map<String, String> texts = new TreeMap<>(files.texts());
        texts.remove(Packs.FIGURES);
        assertThat(Packs.read(PackFiles.of(texts)).figures().tests()).isEmpty();
    }

    private static Figure figure(String written) {
        return Packs.read(withFigures(written)).figures().of("neer").orElseThrow();
    }

    private static List<Problem> problems(String written) {
        List<Problem> found = new ArrayList<>();
        assertThatThrownBy(() -> Packs.read(withFigures(written)))
                .isInstanceOfSatisfying(InvalidDocumentException.class, e -> found.addAll(e.problems()));
        return found;
    }

    /** The shipped file with other figures under its names. */
    private static PackFiles withFigures(String written) {
        PackFiles files = PackFiles.under(Shipped.PACKS);
        String text = files.text(Packs.FIGURES);
        return files.with(Packs.FIGURES, text.substring(0, text.indexOf("\nfigures:")) + "\nfigures:\n" + written);
    }

    private static List<JointRange> beyond(ArmPose arm) {
        List<JointRange> beyond = new ArrayList<>();
        allow(beyond, JointRange.SHOULDER_PLANE, arm.plane());
        allow(beyond, JointRange.SHOULDER_ELEVATION, arm.elevation());
        allow(beyond, JointRange.SHOULDER_EXTERNAL, arm.external());
        allow(beyond, JointRange.ELBOW, arm.elbow());
        allow(beyond, JointRange.FOREARM, arm.supination());
        allow(beyond, JointRange.WRIST_EXTENSION, arm.extension());
        allow(beyond, JointRange.WRIST_RADIAL, arm.radial());
        HandPose hand = arm.hand();
        for (FingerPose finger : List.of(hand.index(), hand.middle(), hand.ring(), hand.little())) {
            allow(beyond, JointRange.FINGER_MCP, finger.mcp());
            allow(beyond, JointRange.FINGER_PIP, finger.pip());
            allow(beyond, JointRange.FINGER_DIP, finger.dip());
        }
        return beyond;
    }

    private static void allow(List<JointRange> beyond, JointRange range, double degrees) {
        if (!range.allows(degrees)) {
            beyond.add(range);
        }
    }
}
