package lexicor.core.outcomes.accuracy;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import lexicor.core.catalogue.Setting;
import lexicor.core.evidence.Study.TwoByTwo;
import lexicor.core.numbers.Interval;
import lexicor.core.outcomes.Followed;
import lexicor.core.outcomes.followed.FollowedCase;
import lexicor.core.outcomes.followed.Known;
import lexicor.core.outcomes.followed.Read;
import lexicor.core.outcomes.followed.Reference;
import lexicor.core.outcomes.followed.Slice;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OwnAccuracyTest {
    private static final String TEST = "drop-arm/drops";
    private static final String TEAR = "full-thickness-cuff-tear";

    private static FollowedCase one(long patient, Read read, List<Known> known) {
        return Followed.with(patient, Set.of(TEAR), List.of(read), known, List.of());
    }

    private static OwnTable only(List<FollowedCase> cases, Slice slice) {
        List<OwnTable> tables = OwnAccuracy.of(cases, slice);
        assertThat(tables).hasSize(1);
        return tables.get(0);
    }

    @Test
    void everyResultIsCountedWithWhatIsKnownOfIt() {
        List<FollowedCase> cases = new ArrayList<>();
        Known there = Followed.known(TEAR, true, Reference.MRI);
        Known not = Followed.known(TEAR, false, Reference.ULTRASOUND);
        cases.add(one(1, Followed.read(TEST, true), List.of(there)));
        cases.add(one(2, Followed.read(TEST, true), List.of(there)));
        cases.add(one(3, Followed.read(TEST, false), List.of(there)));
        cases.add(one(4, Followed.read(TEST, true), List.of(not)));
        cases.add(one(5, Followed.read(TEST, false), List.of(not)));
        cases.add(one(6, Followed.read(TEST, false), List.of()));
        cases.add(one(7, Followed.read(TEST, true), List.of()));
        assertThat(only(cases, Slice.ALL)).isEqualTo(new OwnTable(TEST, TEAR, 2, 1, 1, 1, 1, 1));
        // Whoever was looked at by another reference alone was not verified by this one.
        Slice byMri = new Slice(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(Reference.MRI),
                Optional.empty());
        assertThat(only(cases, byMri)).isEqualTo(new OwnTable(TEST, TEAR, 2, 1, 0, 0, 2, 2));
    }

    @Test
    void whatWasReadByOneWhoCouldKnowIsNotCounted() {
        Known known = Followed.known(TEAR, true, Reference.MRI);
        LocalDate later = known.since().plusDays(1);
        Read onALaterDay = new Read(TEST, true, "tern", later, Followed.at(later));
        Read amended =
                new Read(TEST, true, "tern", Followed.DAY, known.notedAt().plusSeconds(1));
        assertThat(OwnAccuracy.of(
                        List.of(one(1, onALaterDay, List.of(known)), one(2, amended, List.of(known))), Slice.ALL))
                .isEmpty();
    }

    @Test
    void aSliceTakesItsDaysExaminersAndSettings() {
        List<FollowedCase> cases = List.of(
                one(1, Followed.read(TEST, true), List.of()),
                one(2, new Read(TEST, true, "plover", Followed.DAY, Followed.at(Followed.DAY)), List.of()));
        assertThat(only(cases, Slice.ALL.by("plover")).positives()).isEqualTo(1);
        Slice other = new Slice(
                Optional.of(Followed.DAY),
                Optional.of(Followed.DAY),
                Optional.empty(),
                Optional.of(Setting.SPECIALIST),
                Optional.empty(),
                Optional.of("shoulder-pain"));
        assertThat(only(cases, other).positives()).isEqualTo(2);
        Slice before = new Slice(
                Optional.empty(),
                Optional.of(Followed.DAY.minusDays(1)),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        assertThat(OwnAccuracy.of(cases, before)).isEmpty();
    }

    @Test
    void smallTablesSayHowSmallTheyAre() {
        assertThat(new OwnTable(TEST, TEAR, 9, 0, 30, 30, 0, 0).isSmall()).isTrue();
        assertThat(new OwnTable(TEST, TEAR, 6, 4, 30, 30, 0, 0).isSmall()).isFalse();
        assertThat(new OwnTable(TEST, TEAR, 6, 4, 30, 30, 0, 0).mayLeave()).isFalse();
        assertThat(new OwnTable(TEST, TEAR, 5, 5, 5, 5, 0, 0).mayLeave()).isTrue();
        assertThat(new OwnTable(TEST, TEAR, 5, 0, 0, 0, 3, 3).study()).isEmpty();
        // 80 % of the positives looked at and 20 % of the negatives: a design that flatters.
        assertThat(new OwnTable(TEST, TEAR, 30, 5, 10, 15, 10, 80).study())
                .contains(new TwoByTwo(30, 5, 10, 15, true, false));
    }

    /**
     * Against R 4.2: the same model by another way, three binomials and the numeric delta method on the logit.
     */
    @ParameterizedTest
    @CsvSource({
        "40, 10, 6, 24, 20, 90, 0.7, 0.515240886561, 0.836664021242, 0.872727272727, 0.781159527041, 0.929441739367",
        "429, 26, 28, 86, 11, 144, 0.873953852872, 0.829177471938, 0.908291469948,"
                + " 0.879650396227, 0.828168014030, 0.917249425762"
    })
    void theCorrectionAgreesWithTheDeltaMethod(
            int tp,
            int fp,
            int fn,
            int tn,
            int positiveOnly,
            int negativeOnly,
            double sn,
            double snLow,
            double snHigh,
            double sp,
            double spLow,
            double spHigh) {
        VerificationCorrection c = new OwnTable(TEST, TEAR, tp, fn, fp, tn, positiveOnly, negativeOnly)
                .corrected()
                .orElseThrow();
        assertThat(c.sensitivity()).isCloseTo(sn, within(1e-9));
        assertThat(c.specificity()).isCloseTo(sp, within(1e-9));
        close(c.sensitivityInterval(), snLow, snHigh);
        close(c.specificityInterval(), spLow, spHigh);
    }

    private static void close(Interval found, double low, double high) {
        // R takes 1.959964 standard deviations, the method 1.96.
        assertThat(found.low()).isCloseTo(low, within(5e-6));
        assertThat(found.high()).isCloseTo(high, within(5e-6));
    }

    @Property
    void whereEverybodyIsVerifiedTheCorrectionChangesNothing(
            @ForAll @IntRange(min = 1, max = 300) int tp,
            @ForAll @IntRange(min = 1, max = 300) int fn,
            @ForAll @IntRange(min = 1, max = 300) int fp,
            @ForAll @IntRange(min = 1, max = 300) int tn) {
        OwnTable all = new OwnTable(TEST, TEAR, tp, fn, fp, tn, 0, 0);
        VerificationCorrection c = all.corrected().orElseThrow();
        TwoByTwo raw = all.study().orElseThrow();
        assertThat(c.sensitivity()).isCloseTo(raw.sensitivity(), within(1e-12));
        assertThat(c.specificity()).isCloseTo(raw.specificity(), within(1e-12));
        assertThat(all.isUneven()).isFalse();
    }

    /** Negatives who were not looked at hide missed ones: the sensitivity falls and the specificity rises, never otherwise. */
    @Property
    void unverifiedNegativesLowerTheSensitivity(
            @ForAll @IntRange(min = 1, max = 100) int tp,
            @ForAll @IntRange(min = 1, max = 100) int fn,
            @ForAll @IntRange(min = 1, max = 100) int fp,
            @ForAll @IntRange(min = 1, max = 100) int tn,
            @ForAll @IntRange(min = 1, max = 300) int notLookedAt) {
        OwnTable table = new OwnTable(TEST, TEAR, tp, fn, fp, tn, 0, notLookedAt);
        VerificationCorrection c = table.corrected().orElseThrow();
        TwoByTwo raw = table.study().orElseThrow();
        assertThat(c.sensitivity()).isLessThan(raw.sensitivity());
        assertThat(c.specificity()).isGreaterThan(raw.specificity());
    }

    @Test
    void anEmptyVerifiedCellGetsHalfAPersonAndARowWithoutAnybodyNothing() {
        assertThat(new OwnTable(TEST, TEAR, 12, 0, 3, 9, 2, 40)
                        .corrected()
                        .orElseThrow()
                        .halves())
                .isTrue();
        assertThat(new OwnTable(TEST, TEAR, 12, 0, 3, 0, 2, 40).corrected()).isEmpty();
    }
}
