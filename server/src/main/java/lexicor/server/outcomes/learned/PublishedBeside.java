package lexicor.server.outcomes.learned;

import java.util.Optional;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.published.AccuracyRow;
import lexicor.core.catalogue.published.Cluster;
import lexicor.core.catalogue.published.Cluster.OwnCases;
import lexicor.core.evidence.Accuracy;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.outcomes.accuracy.OwnStudy;
import lexicor.core.outcomes.accuracy.OwnTable;
import lexicor.server.cases.CaseBasis;
import lexicor.server.outcomes.learned.LearnedViews.FigureView;
import lexicor.server.outcomes.learned.LearnedViews.InEvidence;
import lexicor.server.outcomes.learned.LearnedViews.PublishedFigures;
import lexicor.server.standing.Basis;

/** What others found, for the own tables to stand beside: never with the own cases in it. */
final class PublishedBeside {
    private final EvidenceBase evidence;
    private final Catalogue catalogue;

    private PublishedBeside(Basis basis) {
        evidence = basis.evidence();
        catalogue = basis.catalogue();
    }

    static PublishedBeside today(CaseBasis basis) {
        return new PublishedBeside(basis.today());
    }

    /** The figures of a criterion or a cluster for a condition; empty where nothing was published. */
    Optional<PublishedFigures> of(String of, String condition) {
        return evidence.without(OwnStudy::isOwn, of, condition).map(PublishedBeside::view);
    }

    /** The own cases as they stand in the evidence. */
    Optional<AccuracyRow> own(String of, String condition) {
        return evidence.rows(of, condition).stream().filter(OwnStudy::isOwn).findFirst();
    }

    /** How a table stands in the evidence. */
    InEvidence inEvidence(OwnTable table) {
        return own(table.of(), table.condition())
                .map(AccuracyRow::figures)
                .or(() ->
                        catalogue.cluster(table.of()).flatMap(Cluster::ownCases).map(OwnCases::figures))
                .map(f -> f.equals(OwnStudy.figures(table)) ? InEvidence.AS_IT_IS : InEvidence.EARLIER)
                .orElse(InEvidence.NO);
    }

    private static PublishedFigures view(Accuracy a) {
        return new PublishedFigures(
                FigureView.of(a.shown().sensitivity(), a.shown().sensitivityInterval()),
                FigureView.of(a.shown().specificity(), a.shown().specificityInterval()),
                FigureView.of(Math.exp(a.logPositiveRatio()), a.ratioInterval(true)),
                FigureView.of(Math.exp(a.logNegativeRatio()), a.ratioInterval(false)));
    }
}
