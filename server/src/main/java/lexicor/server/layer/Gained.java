package lexicor.server.layer;

import java.time.Instant;
import java.util.List;
import lexicor.server.history.Revisions;
import lexicor.server.history.Revisions.Things;
import org.springframework.stereotype.Component;

/** Studies that came into the department's figures with a file. */
@Component
public class Gained {
    private static final int MOST = 20_000;

    /**
     * A row that was brought in.
     *
     * @param whence by whom and when
     */
    public record Row(String criterion, String condition, String source, int year, Instant at, String whence) {}

    private final Revisions revisions;

    Gained(Revisions revisions) {
        this.revisions = revisions;
    }

    /** Those that were new then, the latest first. */
    public List<Row> since(Instant from) {
        return revisions
                .latest(Things.of(OwnFigureRecord.class, "id", f -> f.id, f -> FigureWords.of(f.row())), MOST)
                .stream()
                .filter(f -> f.revised().before().isEmpty() && !f.revised().at().isBefore(from))
                .filter(f ->
                        f.entity().broughtIn != null && !f.entity().broughtIn.isEmpty())
                .filter(f -> f.entity().replacedSource == null)
                .map(f -> new Row(
                        f.entity().criterion,
                        f.entity().condition,
                        f.entity().source,
                        f.entity().year,
                        f.revised().at(),
                        f.entity().broughtIn))
                .toList();
    }
}
