package lexicor.server.templates;

import java.util.List;
import java.util.Map;
import lexicor.server.history.Change;
import lexicor.server.history.HistorySource;
import lexicor.server.history.Revisions;
import lexicor.server.history.Revisions.Things;
import org.springframework.stereotype.Component;

/** Changes of the department's lists of tests. */
@Component
class TemplateHistory implements HistorySource {
    private final Revisions revisions;

    TemplateHistory(Revisions revisions) {
        this.revisions = revisions;
    }

    @Override
    public String subject() {
        return "Lists of tests";
    }

    @Override
    public List<Change> latest(int most) {
        return revisions
                .latest(
                        Things.of(
                                TemplateRecord.class,
                                "id",
                                t -> t.id,
                                t -> Map.of(String.valueOf(t.name), String.join(", ", t.tests))),
                        most)
                .stream()
                .map(f -> Change.of(f.revised(), "List \u201c" + f.entity().name + "\u201d", Map.of(), ""))
                .toList();
    }
}
