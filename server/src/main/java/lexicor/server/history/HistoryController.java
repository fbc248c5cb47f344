package lexicor.server.history;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The department's history over HTTP: settings, people, lists. A case has a history of its own. */
@RestController
class HistoryController {
    private static final int PAGE = 100;

    private final List<HistorySource> sources;

    HistoryController(List<HistorySource> sources) {
        this.sources = sources;
    }

    /** A change of the department. */
    record DepartmentChange(String subject, Instant at, String who, List<Revised.Line> lines) {}

    @GetMapping("/api/history")
    List<DepartmentChange> history(HttpServletRequest request, @RequestParam(defaultValue = "0") int page) {
        boolean oversees = request.isUserInRole("LEAD") || request.isUserInRole("AUDITOR");
        return sources.stream()
                .filter(s -> oversees || !s.isForOverseers())
                .flatMap(s ->
                        s.changes().stream().map(r -> new DepartmentChange(s.subject(), r.at(), r.who(), r.lines())))
                .sorted(Comparator.comparing(DepartmentChange::at).reversed())
                .skip((long) PAGE * Math.max(0, page))
                .limit(PAGE)
                .toList();
    }
}
