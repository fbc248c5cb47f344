package lexicor.core.practice.station;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Setting;
import lexicor.core.catalogue.packs.Shipped;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.evidence.HighBias;
import lexicor.core.examination.Place;
import lexicor.core.examination.Readings;
import lexicor.core.examination.Side;
import lexicor.core.practice.debrief.Deed;
import lexicor.core.practice.debrief.Deed.Courtesy;
import lexicor.core.practice.debrief.Deed.Did;
import lexicor.core.practice.debrief.Deed.Said;
import lexicor.core.practice.debrief.Encounter;
import lexicor.core.practice.debrief.Point;
import lexicor.core.practice.patient.SimulatedPatient;
import lexicor.core.practice.patient.Wish;
import lexicor.core.practice.station.Mark.Kind;
import lexicor.core.weighing.input.WeighingSettings;
import org.junit.jupiter.api.Test;

class MarkingTest {
    private static final Catalogue CATALOGUE = Shipped.CATALOGUE;
    private static final SimulatedPatient PATIENT = SimulatedPatient.of(
            CATALOGUE,
            EvidenceBase.of(CATALOGUE, HighBias.CORRECTED),
            WeighingSettings.DEFAULT,
            "shoulder-pain",
            Setting.SPECIALIST,
            3,
            new Wish(Optional.of(Set.of("frozen-shoulder")), Optional.empty(), Set.of(), Set.of()));
    private static final Side INVOLVED = PATIENT.person().involved();

    private final List<Deed> deeds = new ArrayList<>();

    private int got(Kind kind, String test, int points, Optional<String> plan, Point... said) {
        Encounter encounter =
                new Encounter(PATIENT, List.copyOf(deeds), Map.of(), Map.of(), Readings.of(List.of()), plan);
        return Marking.of(List.of(new Mark(kind, Optional.ofNullable(test), points)), encounter, List.of(said))
                .get(0)
                .got();
    }

    private static Did did(String test, Side side) {
        return new Did(new Place(test, "", side), 0);
    }

    @Test
    void courtesiesCountBeforeTheFirstTouchAlone() {
        deeds.add(did("neer", INVOLVED));
        deeds.add(new Said(Courtesy.PERMISSION));
        assertThat(got(Kind.PERMISSION, null, 2, Optional.empty())).isZero();
        deeds.add(0, new Said(Courtesy.PERMISSION));
        assertThat(got(Kind.PERMISSION, null, 2, Optional.empty())).isEqualTo(2);
        assertThat(got(Kind.EXPOSURE, null, 1, Optional.empty())).isZero();
    }

    @Test
    void theOtherSideCountsByHowOftenItCameFirst() {
        deeds.addAll(List.of(
                did("neer", INVOLVED.other()),
                did("neer", INVOLVED),
                did("speed", INVOLVED),
                did("speed", INVOLVED.other())));
        assertThat(got(Kind.OTHER_SIDE, null, 4, Optional.empty())).isEqualTo(2);
    }

    @Test
    void aNamedTestCountsWholeWhereItWasRecordedAsFeltAndHalfWhereNot() {
        assertThat(got(Kind.TEST, "neer", 4, Optional.empty())).isZero();
        deeds.add(did("neer", INVOLVED));
        assertThat(got(Kind.TEST, "neer", 4, Optional.empty())).isEqualTo(4);
        Point misread = new Point(Point.Kind.READING, "Neer: otherwise.", Optional.of(new Place("neer", "", INVOLVED)));
        assertThat(got(Kind.TEST, "neer", 4, Optional.empty(), misread)).isEqualTo(2);
        assertThat(got(Kind.NECK, null, 2, Optional.empty())).isZero();
        deeds.add(did("neck-movement-screen", INVOLVED));
        assertThat(got(Kind.NECK, null, 2, Optional.empty())).isEqualTo(2);
    }

    @Test
    void whatIsUnsafeCostsAllOfItAndAPlanHasToFit() {
        Point warning = new Point(Point.Kind.WARNING, "Nobody asked.", Optional.empty());
        assertThat(got(Kind.SAFE, null, 3, Optional.empty())).isEqualTo(3);
        assertThat(got(Kind.SAFE, null, 3, Optional.empty(), warning)).isZero();
        assertThat(got(Kind.PLAN, null, 2, Optional.empty())).as("no plan").isZero();
        assertThat(got(Kind.PLAN, null, 2, Optional.of("frozen-shoulder"))).isEqualTo(2);
        assertThat(got(Kind.PLAN, null, 2, Optional.of("full-thickness-cuff-tear")))
                .isZero();
        assertThat(got(Kind.PLAN, null, 2, Optional.of("")))
                .as("something was there")
                .isZero();
    }

    @Test
    void aMarkThatCannotBeIsRefused() {
        assertThatThrownBy(() -> new Mark(Kind.TEST, Optional.empty(), 1)).hasMessageContaining("test");
        assertThatThrownBy(() -> new Mark(Kind.NECK, Optional.empty(), 0)).hasMessageContaining("points");
    }
}
