package lexicor.server.outcomes.learned;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Condition;
import lexicor.core.catalogue.published.Cluster;
import lexicor.core.evidence.Study.Ratio;
import lexicor.core.evidence.Study.TwoByTwo;
import lexicor.core.outcomes.accuracy.OwnAccuracy;
import lexicor.core.outcomes.accuracy.OwnTable;
import lexicor.core.outcomes.accuracy.VerificationCorrection;
import lexicor.server.cases.CaseBasis;
import lexicor.server.outcomes.learned.LearnedViews.AccuracyList;
import lexicor.server.outcomes.learned.LearnedViews.FigureView;
import lexicor.server.outcomes.learned.LearnedViews.OwnRow;
import lexicor.server.outcomes.learned.LearnedViews.PublishedFigures;
import org.springframework.stereotype.Service;

/** The department's own accuracy, counted over its cases. */
@Service
class AccuracyService {
    /** A pair that nothing was published for is listed from so many verified people on. */
    private static final int ENOUGH_BY_ITSELF = 10;

    private final OwnCases ownCases;
    private final CaseBasis basis;

    AccuracyService(OwnCases ownCases, CaseBasis basis) {
        this.ownCases = ownCases;
        this.basis = basis;
    }

    /** Every table worth looking at: first those beside published figures that are not few, then by how many were verified. */
    AccuracyList list(SliceAsked asked) {
        OwnCases.Asked cases = ownCases.asked(asked);
        Catalogue catalogue = basis.today().catalogue();
        PublishedBeside published = PublishedBeside.today(basis);
        List<OwnRow> rows = OwnAccuracy.of(cases.cases(), cases.slice()).stream()
                .filter(t -> asked.takes(region(t.of(), catalogue)))
                .flatMap(t -> row(t, catalogue, published).stream())
                .sorted(Comparator.comparing((OwnRow r) -> r.published() == null)
                        .thenComparing(r -> r.small() || r.correctedSensitivity() == null)
                        .thenComparing(r -> -(r.tp() + r.fn() + r.fp() + r.tn()))
                        .thenComparing(OwnRow::name)
                        .thenComparing(OwnRow::conditionName))
                .toList();
        return new AccuracyList(cases.restsOn(), cases.examiners(), rows);
    }

    private static Optional<OwnRow> row(OwnTable t, Catalogue catalogue, PublishedBeside published) {
        Optional<Cluster> cluster = catalogue.cluster(t.of());
        boolean fits = cluster.filter(c -> !c.condition().equals(t.condition())).isEmpty();
        Optional<PublishedFigures> beside = published.of(t.of(), t.condition());
        if (!fits
                || t.verified() == 0
                || beside.isEmpty()
                        && (t.verified() < ENOUGH_BY_ITSELF || t.study().isEmpty())) {
            return Optional.empty();
        }
        Optional<TwoByTwo> study = t.study();
        Optional<VerificationCorrection> corrected = t.corrected();
        return Optional.of(new OwnRow(
                t.of(),
                cluster.isPresent(),
                cluster.map(Cluster::name).orElseGet(() -> catalogue.findingName(t.of())),
                t.condition(),
                catalogue.conditionName(t.condition()),
                region(t.of(), catalogue),
                t.tp(),
                t.fn(),
                t.fp(),
                t.tn(),
                t.positiveOnly(),
                t.negativeOnly(),
                t.positivesVerified(),
                t.negativesVerified(),
                t.isSmall(),
                t.mayLeave(),
                study.map(s -> FigureView.of(s.sensitivity(), s.sensitivityInterval()))
                        .orElse(null),
                study.map(s -> FigureView.of(s.specificity(), s.specificityInterval()))
                        .orElse(null),
                study.map(TwoByTwo::positiveRatio).map(AccuracyService::ratio).orElse(null),
                study.map(TwoByTwo::negativeRatio).map(AccuracyService::ratio).orElse(null),
                corrected
                        .map(c -> FigureView.of(c.sensitivity(), c.sensitivityInterval()))
                        .orElse(null),
                corrected
                        .map(c -> FigureView.of(c.specificity(), c.specificityInterval()))
                        .orElse(null),
                corrected.map(VerificationCorrection::halves).orElse(false),
                beside.orElse(null),
                published.inEvidence(t),
                sentence(t)));
    }

    private static FigureView ratio(Ratio ratio) {
        return FigureView.of(ratio.value(), ratio.interval());
    }

    private static String region(String of, Catalogue catalogue) {
        return catalogue
                .testOf(of)
                .map(ClinicalTest::region)
                .or(() -> catalogue
                        .cluster(of)
                        .flatMap(c -> catalogue.condition(c.condition()))
                        .map(Condition::region))
                .orElse("history");
    }

    private static String sentence(OwnTable t) {
        String verified = String.format(
                Locale.ROOT,
                "Verified were %d of %d positives and %d of %d negatives.",
                t.tp() + t.fp(),
                t.positives(),
                t.fn() + t.tn(),
                t.negatives());
        if (t.corrected().isEmpty()) {
            return verified
                    + " Nobody with one of the results was verified, so nothing can be said of everybody who was examined.";
        }
        return verified
                + (t.isUneven() ? " Raw figures flatter the sensitivity: whoever was negative was looked at less." : "")
                + " The corrected figures assume that who was sent on hung on this result alone, not on anything else that"
                + " goes with having the condition.";
    }
}
