package lexicor.server.history;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import lexicor.server.problems.Refusal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The department's history over HTTP: settings, people, lists. A case has a history of its own. */
@RestController
class HistoryController {
    private static final int PAGE = 100;
    private static final int LAST_PAGE = 10_000;

    private final List<HistorySource> sources;

    HistoryController(List<HistorySource> sources) {
        this.sources = sources;
    }

    /** A change of the department. */
    record DepartmentChange(String subject, Instant at, String who, List<Revised.Line> lines) {}

    @GetMapping("/api/history")
    List<DepartmentChange> history(HttpServletRequest request, @RequestParam(defaultValue = "0") int page) {
        if (page < 0 || page > LAST_PAGE) {
            throw Refusal.field("page", "expected 0 to " + LAST_PAGE);
        }
        int most = PAGE * (page + 1);
        boolean oversees = request.isUserInRole("LEAD") || request.isUserInRole("AUDITOR");
        return sources.stream()
                .filter(s -> oversees || !s.isForOverseers())
                .flatMap(s ->
                        s.latest(most).stream().map(r -> new DepartmentChange(s.subject(), r.at(), r.who(), r.lines())))
                .sorted(Comparator.comparing(DepartmentChange::at).reversed())
                .skip((long) PAGE * page)
                .limit(PAGE)
                .toList();
    }
}
