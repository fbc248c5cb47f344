package lexicor.server.audit;

import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import lexicor.server.history.Change;
import lexicor.server.history.HistorySource;
import org.springframework.stereotype.Service;

/** The changes of all that the department keeps, the latest first. */
@Service
class DepartmentHistory {
    /** What is searched at the most, of each kind. */
    private static final int MOST_SEARCHED = 20_000;

    /** A change with the heading of its kind. */
    record Headed(String subject, Change change) {}

    private final List<HistorySource> sources;

    DepartmentHistory(List<HistorySource> sources) {
        this.sources = sources;
    }

    /** The headings that somebody may read. */
    List<String> subjects(boolean oversees) {
        return sources.stream()
                .filter(s -> oversees || !s.isForOverseers())
                .map(HistorySource::subject)
                .sorted()
                .toList();
    }

    /**
     * @param most how many at the most
     * @param oversees whether the reader sees what is for leads and auditors alone
     */
    List<Headed> latest(HistoryFilter filter, int most, boolean oversees, ZoneId zone) {
        return sources.stream()
                .filter(s -> oversees || !s.isForOverseers())
                .filter(s -> filter.asksForKind(s.subject()))
                .flatMap(s -> s.latest(filter.isEmpty() ? most : MOST_SEARCHED).stream()
                        .filter(c -> filter.fits(c, zone))
                        .limit(most)
                        .map(c -> new Headed(s.subject(), c)))
                .sorted(Comparator.comparing((Headed h) -> h.change().at()).reversed())
                .limit(most)
                .toList();
    }
}
