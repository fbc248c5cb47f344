package lexicor.server.layer;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.published.AccuracyRow;
import lexicor.server.catalogue.Editions;
import lexicor.server.history.Change;
import lexicor.server.history.HistorySource;
import lexicor.server.history.Revisions;
import lexicor.server.history.Revisions.Found;
import lexicor.server.history.Revisions.Things;
import org.springframework.stereotype.Component;

/** Changes of the department's figures: what a row said before and says now, the shipped one among it. */
@Component
class FigureHistory implements HistorySource {
    private final Revisions revisions;
    private final Editions editions;
    private final Map<AccuracyRow.Key, AccuracyRow> shipped;

    FigureHistory(Revisions revisions, Editions editions) {
        this.revisions = revisions;
        this.editions = editions;
        shipped = editions.shipped().catalogue().accuracy().stream()
                .collect(Collectors.toMap(AccuracyRow::key, Function.identity()));
    }

    @Override
    public String subject() {
        return "Figures";
    }

    @Override
    public List<Change> latest(int most) {
        return revisions
                .latest(
                        new Things<>(
                                OwnFigureRecord.class,
                                "id",
                                f -> f.id,
                                f -> FigureWords.of(f.row()),
                                f -> covered(f).map(FigureWords::of).orElse(Map.of()),
                                f -> covered(f).map(FigureWords::of).orElse(Map.of())),
                        most)
                .stream()
                .map(this::change)
                .toList();
    }

    private Change change(Found<OwnFigureRecord> found) {
        OwnFigureRecord figure = found.entity();
        Change change = Change.of(
                found.revised(),
                FigureNames.of(editions.catalogue(), figure.row()),
                about(editions.catalogue(), figure.criterion, figure.condition),
                figure.why);
        boolean asShipped = covered(figure)
                .filter(s -> found.revised().after().equals(FigureWords.of(s)))
                .isPresent();
        String did = asShipped ? "reset to the shipped row" : change.did();
        return change.did(figure.broughtIn == null || figure.broughtIn.isEmpty() ? did : did + ", " + figure.broughtIn);
    }

    /** The shipped row that the department's covers; empty where it is an addition, or is shipped no more. */
    private Optional<AccuracyRow> covered(OwnFigureRecord own) {
        return own.replaced().map(shipped::get);
    }

    /** What a figure of the pair is about. */
    static Map<String, String> about(Catalogue catalogue, String criterion, String condition) {
        Map<String, String> about = new TreeMap<>(Map.of(Change.CRITERION, criterion, Change.CONDITION, condition));
        catalogue.testOf(criterion).map(ClinicalTest::id).ifPresent(t -> about.put(Change.TEST, t));
        return about;
    }
}
