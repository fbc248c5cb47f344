package lexicor.server.layer;

import java.util.Optional;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.published.AccuracyRow;
import lexicor.core.catalogue.published.Cluster;

/** Figures and what is signed off, by names that a practitioner knows. */
final class FigureNames {
    private FigureNames() {}

    /** The row or cluster that has the fingerprint; empty where nothing has it. */
    static Optional<String> of(Catalogue catalogue, String fingerprint) {
        return row(catalogue, fingerprint).map(r -> of(catalogue, r)).or(() -> cluster(catalogue, fingerprint)
                .map(Cluster::name));
    }

    static Optional<Cluster> cluster(Catalogue catalogue, String fingerprint) {
        return catalogue.clusters().stream()
                .filter(c -> c.fingerprint().equals(fingerprint))
                .findFirst();
    }

    static Optional<AccuracyRow> row(Catalogue catalogue, String fingerprint) {
        return catalogue.accuracy().stream()
                .filter(r -> r.fingerprint().equals(fingerprint))
                .findFirst();
    }

    static String of(Catalogue catalogue, AccuracyRow row) {
        return pair(catalogue, row.criterion(), row.condition()) + ": " + row.source() + ", " + row.year();
    }

    static String pair(Catalogue catalogue, String criterion, String condition) {
        return catalogue.findingName(criterion) + ", for " + catalogue.conditionName(condition);
    }
}
