package lexicor.server.outcomes.learned;

import java.util.List;
import java.util.Optional;
import lexicor.core.catalogue.published.AccuracyRow;
import lexicor.core.evidence.Accuracy;
import lexicor.core.evidence.Evidence;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.evidence.HighBias;
import lexicor.core.evidence.Pooling;
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
    private final HighBias highBias;

    private PublishedBeside(Basis basis) {
        evidence = basis.evidence();
        highBias = basis.settings().highBias();
    }

    static PublishedBeside today(CaseBasis basis) {
        return new PublishedBeside(basis.today());
    }

    /** The figures of a criterion or a cluster for a condition; empty where nothing was published. */
    Optional<PublishedFigures> of(String of, String condition) {
        return accuracy(of, condition).map(PublishedBeside::view);
    }

    private Optional<Accuracy> accuracy(String of, String condition) {
        if (evidence.isCluster(of, condition)) {
            return evidence.ofCluster(of).flatMap(PublishedBeside::weighable);
        }
        if (own(of, condition).isEmpty()) {
            return evidence.accuracy(of, condition);
        }
        List<AccuracyRow> others = evidence.pooled(of, condition).stream()
                .filter(r -> !OwnStudy.isOwn(r))
                .toList();
        return others.isEmpty()
                ? Optional.empty()
                : weighable(Pooling.pool(
                        others.stream()
                                .map(r -> EvidenceBase.study(r.figures(), r.isAtHighRisk()))
                                .toList(),
                        highBias));
    }

    private static Optional<Accuracy> weighable(Evidence evidence) {
        return evidence instanceof Evidence.Weighable w ? Optional.of(w.accuracy()) : Optional.empty();
    }

    /** The own cases as they stand in the evidence. */
    Optional<AccuracyRow> own(String of, String condition) {
        return evidence.rows(of, condition).stream().filter(OwnStudy::isOwn).findFirst();
    }

    /** How a table stands in the evidence. */
    InEvidence inEvidence(OwnTable table) {
        return own(table.of(), table.condition())
                .map(r -> isOf(r, table) ? InEvidence.AS_IT_IS : InEvidence.EARLIER)
                .orElse(InEvidence.NO);
    }

    private static boolean isOf(AccuracyRow row, OwnTable table) {
        return row.figures().diseased().orElse(0) == table.with()
                && row.figures().healthy().orElse(0) == table.without()
                && Math.round(row.figures().sensitivity() * table.with()) == table.tp()
                && Math.round(row.figures().specificity().orElse(0) * table.without()) == table.tn();
    }

    private static PublishedFigures view(Accuracy a) {
        return new PublishedFigures(
                FigureView.of(a.shown().sensitivity(), a.shown().sensitivityInterval()),
                FigureView.of(a.shown().specificity(), a.shown().specificityInterval()),
                FigureView.of(Math.exp(a.logPositiveRatio()), a.ratioInterval(true)),
                FigureView.of(Math.exp(a.logNegativeRatio()), a.ratioInterval(false)));
    }
}
