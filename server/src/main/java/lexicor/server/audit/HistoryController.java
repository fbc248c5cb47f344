package lexicor.server.audit;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import lexicor.core.catalogue.packs.SpreadsheetText;
import lexicor.core.document.Table;
import lexicor.server.audit.DepartmentHistory.Headed;
import lexicor.server.history.Revised;
import lexicor.server.people.PeopleService;
import lexicor.server.problems.Refusal;
import lexicor.server.settings.SettingsService;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The department's history over HTTP: figures, content, settings, people, lists. A case has a history of its own. */
@RestController
class HistoryController {
    private static final int PAGE = 100;
    private static final int LAST_PAGE = 10_000;
    private static final int MOST_ROWS = 20_000;
    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm:ss");

    private final DepartmentHistory history;
    private final SettingsService settings;
    private final PeopleService people;

    HistoryController(DepartmentHistory history, SettingsService settings, PeopleService people) {
        this.history = history;
        this.settings = settings;
        this.people = people;
    }

    /**
     * A change of the department.
     *
     * @param subject the heading of its kind
     * @param about what it is about: test, criterion, condition, entry
     */
    record DepartmentChange(
            String subject,
            Instant at,
            String who,
            String what,
            Map<String, String> about,
            String did,
            List<Revised.Line> lines,
            String why) {}

    /**
     * A page of changes.
     *
     * @param more whether there are earlier ones
     * @param subjects all headings there are for this reader
     * @param people who may have changed something
     */
    record HistoryPage(List<DepartmentChange> changes, boolean more, List<String> subjects, List<String> people) {}

    @GetMapping("/api/history")
    HistoryPage history(
            HttpServletRequest request,
            @ParameterObject HistoryFilter filter,
            @RequestParam(defaultValue = "0") int page) {
        if (page < 0 || page > LAST_PAGE) {
            throw Refusal.field("page", "expected 0 to " + LAST_PAGE);
        }
        List<DepartmentChange> found = changes(request, filter, PAGE * (page + 1) + 1);
        return new HistoryPage(
                found.stream().skip((long) PAGE * page).limit(PAGE).toList(),
                found.size() > PAGE * (page + 1),
                history.subjects(oversees(request)),
                people.names());
    }

    /** The same as a table, a row for each field that a change touched, for an inspection. */
    @GetMapping("/api/history/csv")
    @ApiResponse(responseCode = "200", content = @Content(mediaType = "text/csv", schema = @Schema(type = "string")))
    ResponseEntity<String> table(HttpServletRequest request, @ParameterObject HistoryFilter filter) {
        ZoneId zone = settings.current().zone();
        List<List<String>> rows = changes(request, filter, MOST_ROWS).stream()
                .flatMap(c -> lines(c).map(l -> Stream.of(
                                MOMENT.format(c.at().atZone(zone)),
                                c.who().isEmpty() ? "Lexicor" : c.who(),
                                c.subject(),
                                c.what(),
                                c.did(),
                                l.field(),
                                l.before(),
                                l.after(),
                                c.why())
                        .map(SpreadsheetText::guarded)
                        .toList()))
                .toList();
        String text = Table.write(
                List.of("when (" + zone + ")", "who", "kind", "what", "done", "field", "before", "after", "why"), rows);
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"history.csv\"")
                .contentType(MediaType.parseMediaType("text/csv; charset=utf-8"))
                .body(text);
    }

    private static Stream<Revised.Line> lines(DepartmentChange c) {
        return c.lines().isEmpty() ? Stream.of(new Revised.Line("", "", "")) : c.lines().stream();
    }

    private List<DepartmentChange> changes(HttpServletRequest request, HistoryFilter filter, int most) {
        return history
                .latest(filter, most, oversees(request), settings.current().zone())
                .stream()
                .map(HistoryController::view)
                .toList();
    }

    private static DepartmentChange view(Headed headed) {
        var c = headed.change();
        return new DepartmentChange(
                headed.subject(), c.at(), c.who(), c.what(), c.about(), c.did(), c.lines(), c.why());
    }

    private static boolean oversees(HttpServletRequest request) {
        return request.isUserInRole("LEAD") || request.isUserInRole("AUDITOR");
    }
}
