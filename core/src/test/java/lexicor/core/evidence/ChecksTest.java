package lexicor.core.evidence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.packs.AccuracyTable;
import lexicor.core.catalogue.packs.PackFiles;
import lexicor.core.catalogue.packs.Packs;
import lexicor.core.catalogue.packs.Shipped;
import lexicor.core.catalogue.packs.SignOffs;
import lexicor.core.catalogue.published.AccuracyRow;
import lexicor.core.catalogue.published.Figures;
import lexicor.core.catalogue.published.SignOff;
import lexicor.core.examination.Findings;
import lexicor.core.examination.Outcome;
import lexicor.core.examination.Readings;
import lexicor.core.examination.Side;
import lexicor.core.weighing.LedgerRow;
import lexicor.core.weighing.School;
import lexicor.core.weighing.Status;
import lexicor.core.weighing.WeighedCondition;
import lexicor.core.weighing.Weighing;
import lexicor.core.weighing.explain.UncheckedShare;
import lexicor.core.weighing.input.BedsideCase;
import lexicor.core.weighing.input.Candidate;
import lexicor.core.weighing.input.WeighingSettings;
import lexicor.core.weighing.model.Item;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Figures checked against their source, and numbers of people led back from what is printed. */
class ChecksTest {
    private static final String CONDITION = "subacromial-pain";

    private static Catalogue signedOff(SignOff signOff, List<String> fingerprints) {
        Map<String, SignOff> all = new LinkedHashMap<>();
        fingerprints.forEach(f -> all.put(f, signOff));
        return Packs.read(PackFiles.under(Shipped.PACKS).with(Packs.SIGN_OFFS, SignOffs.write(all)));
    }

    private static WeighedCondition weighed(Catalogue catalogue, EvidenceBase evidence) {
        Findings findings = Findings.of(catalogue, Readings.of(List.of()), Side.LEFT, Optional.empty(), Map.of())
                .with("neer/pain", Outcome.POSITIVE)
                .with("painful-arc/mid-arc", Outcome.POSITIVE);
        BedsideCase bedside = new BedsideCase(
                List.of(new Candidate(CONDITION, 0.5, 0.35, 0.1, 0.8, 1)), findings, Set.of("shoulder"), Set.of());
        return Weighing.weigh(bedside.against(catalogue, evidence, WeighingSettings.DEFAULT), School.OVERLAP_AWARE)
                .conditions()
                .get(0);
    }

    private static List<AccuracyRow> rows(String criterion) {
        return Shipped.CATALOGUE.accuracy().stream()
                .filter(r -> r.criterion().equals(criterion) && r.condition().equals(CONDITION))
                .toList();
    }

    /** Of every shipped pair that a review has summed up: the review alone, or from four studies on those alone. */
    @Test
    void aReviewStandsUntilThereAreFourPrimaryStudies() {
        EvidenceBase evidence = EvidenceBase.of(Shipped.CATALOGUE, HighBias.AS_PRINTED);
        Set<Long> studies = new TreeSet<>();
        for (AccuracyRow review : Shipped.CATALOGUE.accuracy()) {
            if (review.kind() != AccuracyRow.Kind.POOLED) {
                continue;
            }
            List<AccuracyRow> used = evidence.used(review.criterion(), review.condition());
            long primary = evidence.rows(review.criterion(), review.condition()).stream()
                    .filter(r -> r.kind() == AccuracyRow.Kind.STUDY)
                    .count();
            studies.add(primary);
            if (primary < 4) {
                assertThat(used).containsExactly(review);
            } else {
                assertThat(used).hasSize((int) primary).doesNotContain(review);
            }
        }
        assertThat(studies).contains(0L, 1L, 4L);
    }

    /** It weighs as a study of as many people as it states would, but it is none and has none. */
    @Test
    void aJudgementIsNeitherAStudyNorPeople() {
        AccuracyRow study = rows("neer/pain").get(0);
        AccuracyRow judgement = new AccuracyRow(
                "neer/pain",
                CONDITION,
                AccuracyRow.Kind.JUDGEMENT,
                new Figures(0.9, OptionalDouble.of(0.5), OptionalDouble.of(10), OptionalDouble.of(12)),
                AccuracyRow.NO_STUDY,
                2026,
                "",
                "",
                "unclear",
                "medium",
                "");
        double studied = study.figures().diseased().orElseThrow()
                + study.figures().healthy().orElseThrow();
        EvidenceBase both = of(study, judgement);
        assertThat(both.accuracy("neer/pain", CONDITION).orElseThrow().method()).isEqualTo(Accuracy.Method.UNIVARIATE);
        assertThat(both.accuracy("neer/pain", CONDITION).orElseThrow().people()).isEqualTo(studied);
        assertThat(both.behind("neer/pain", CONDITION))
                .extracting(EvidenceBase.Behind::judgement)
                .containsExactly(false, true);
        EvidenceBase alone = of(judgement);
        assertThat(alone.accuracy("neer/pain", CONDITION).orElseThrow().people())
                .isZero();
        assertThat(alone.behind("neer/pain", CONDITION).get(0).people()).isEmpty();
    }

    private static EvidenceBase of(AccuracyRow... rows) {
        return EvidenceBase.of(
                Packs.read(PackFiles.under(Shipped.PACKS).with(Packs.ACCURACY, AccuracyTable.write(List.of(rows)))),
                HighBias.AS_PRINTED);
    }

    /** Files of an earlier time did not say where a sign-off came from. */
    @Test
    void signOffsOfAnEarlierTimeAreRead() {
        AccuracyRow row = rows("neer/pain").get(0);
        String earlier = "figure,state,by,on,note\n" + row.fingerprint() + ",checked,heron,2026-03-01,\n";
        Catalogue catalogue = Packs.read(PackFiles.under(Shipped.PACKS).with(Packs.SIGN_OFFS, earlier));
        SignOff signOff = catalogue.signOff(row);
        assertThat(signOff.isChecked()).isTrue();
        assertThat(signOff.from()).isEmpty();
        assertThat(signOff.saysTheSameAs(signOff.broughtInBy("brought in by plover")))
                .isTrue();
    }

    @Test
    void whereCheckedFiguresAreAskedForTheOthersAreListedAndNotWeighed() {
        SignOff checked =
                new SignOff(SignOff.State.CHECKED, "heron", LocalDate.of(2026, 3, 1), "=1+1, \"quoted\"", "@brought");
        AccuracyRow first = rows("neer/pain").get(0);
        Catalogue catalogue = signedOff(checked, List.of(first.fingerprint()));
        assertThat(catalogue.signOff(first)).isEqualTo(checked);
        EvidenceBase strict = EvidenceBase.of(catalogue, HighBias.AS_PRINTED, true, Judgements.WEIGH);
        assertThat(strict.used("neer/pain", CONDITION)).containsExactly(first);
        assertThat(strict.rows("neer/pain", CONDITION)).hasSize(4);
        assertThat(strict.of("painful-arc/mid-arc").get(CONDITION)).isInstanceOf(Evidence.Unchecked.class);
        WeighedCondition weighed = weighed(catalogue, strict);
        assertThat(weighed.ledger())
                .filteredOn(r -> r.kind() == Item.Kind.FINDING)
                .extracting(LedgerRow::status)
                .containsExactly(Status.COUNTED, Status.UNCHECKED);
        assertThat(weighed.ledger())
                .filteredOn(r -> r.kind() == Item.Kind.CLUSTER)
                .isNotEmpty()
                .extracting(LedgerRow::status)
                .containsOnly(Status.UNCHECKED);
        assertThat(UncheckedShare.of(weighed, strict)).isZero();

        Catalogue disputed = signedOff(
                new SignOff(SignOff.State.DISPUTED, "heron", LocalDate.of(2026, 3, 1), "Table 2", ""),
                List.of(first.fingerprint()));
        assertThat(EvidenceBase.of(disputed, HighBias.AS_PRINTED, true, Judgements.WEIGH)
                        .used("neer/pain", CONDITION))
                .isEmpty();
    }

    @Test
    void theShareOfUncheckedWeightFallsWithEveryRowChecked() {
        SignOff checked = new SignOff(SignOff.State.CHECKED, "heron", LocalDate.of(2026, 3, 1), "", "");
        double before = 1;
        List<AccuracyRow> rows = rows("neer/pain");
        for (int n = 0; n <= rows.size(); n++) {
            Catalogue catalogue = signedOff(
                    checked,
                    rows.subList(0, n).stream().map(AccuracyRow::fingerprint).toList());
            EvidenceBase evidence = EvidenceBase.of(catalogue, HighBias.AS_PRINTED);
            double share = UncheckedShare.of(weighed(catalogue, evidence), evidence);
            assertThat(share).isLessThanOrEqualTo(before);
            if (n == 0) {
                assertThat(share).isCloseTo(1, within(1e-12));
            }
            before = share;
        }
        assertThat(before).isBetween(0.05, 0.95);
    }

    /** What a publication rounds from whole people always fits, and the people are found again where they can be. */
    @Property
    void roundedWholeCountsFit(
            @ForAll @IntRange(min = 1, max = 2000) int people, @ForAll @IntRange(max = 2000) int positive) {
        int count = positive % (people + 1);
        BigDecimal printed = BigDecimal.valueOf((double) count / people).setScale(3, RoundingMode.HALF_UP);
        WholeCounts found = WholeCounts.of(printed, people);
        assertThat(found.fits()).isTrue();
        if (people < 500) {
            assertThat(found.count()).isEqualTo(count);
        }
    }

    @Test
    void aProportionThatNoWholeNumberGivesIsSeen() {
        assertThat(WholeCounts.of(new BigDecimal("0.81"), 16)).isEqualTo(new WholeCounts(13, true));
        assertThat(WholeCounts.of(new BigDecimal("0.81"), 17)).isEqualTo(new WholeCounts(14, false));
    }
}
