package lexicor.server.layer;

import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import lexicor.core.catalogue.published.AccuracyRow;
import lexicor.server.catalogue.Edition;
import lexicor.server.catalogue.Editions;
import org.springframework.stereotype.Component;

/** Where each row in force comes from: with the program, or from the department. */
@Component
public class Origins {
    /**
     * @param from shipped, changed or added
     * @param shipped the row that a changed one covers
     */
    public record Origin(String from, Optional<AccuracyRow> shipped) {}

    private record Known(Edition edition, Map<AccuracyRow.Key, OwnFigureRecord> own) {}

    private final Editions editions;
    private final Layer layer;
    private final Map<AccuracyRow.Key, AccuracyRow> shipped;
    private volatile Known known;

    Origins(Editions editions, Layer layer) {
        this.editions = editions;
        this.layer = layer;
        shipped = editions.shipped().catalogue().accuracy().stream()
                .collect(Collectors.toMap(AccuracyRow::key, Function.identity()));
    }

    public Origin of(AccuracyRow row) {
        OwnFigureRecord own = known().own().get(row.key());
        if (own == null) {
            return new Origin("shipped", Optional.empty());
        }
        Optional<AccuracyRow> covered = own.replaced().map(shipped::get);
        return new Origin(covered.isPresent() ? "changed" : "added", covered);
    }

    private Known known() {
        Edition edition = editions.current();
        Known seen = known;
        if (seen == null || seen.edition() != edition) {
            seen = new Known(edition, layer.ownFigures());
            known = seen;
        }
        return seen;
    }
}
