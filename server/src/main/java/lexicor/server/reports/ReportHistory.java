package lexicor.server.reports;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import lexicor.server.casehistory.CaseHistorySource;
import lexicor.server.history.Revised;
import lexicor.server.history.Revisions;
import lexicor.server.reports.ReportViews.Section;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** What was done to a case's reports: written, edited text by text, signed off, thrown away. */
@Component
class ReportHistory implements CaseHistorySource {
    private final Revisions revisions;
    private final JsonMapper json;

    ReportHistory(Revisions revisions, JsonMapper json) {
        this.revisions = revisions;
        this.json = json;
    }

    @Override
    public String subject() {
        return "Reports";
    }

    @Override
    public List<Revised> changes(long caseId) {
        return revisions.of(ReportRecord.class, "caseId", caseId, r -> String.valueOf(r.id), this::flat).stream()
                .map(ReportHistory::briefly)
                .toList();
    }

    private Map<String, String> flat(ReportRecord r) {
        Map<String, String> flat = new TreeMap<>();
        flat.put(r.title, r.signedBy == null ? "draft" : "signed off");
        for (Section section : json.readValue(r.sections, Section[].class)) {
            flat.put(r.title + ", " + section.heading(), section.text());
        }
        return flat;
    }

    /** The whole text of a report that comes or goes would bury the rest of the history; its state is enough. */
    private static Revised briefly(Revised r) {
        boolean comesOrGoes = r.before().isEmpty() || r.after().isEmpty();
        return comesOrGoes ? new Revised(r.revision(), r.at(), r.who(), state(r.before()), state(r.after())) : r;
    }

    private static Map<String, String> state(Map<String, String> flat) {
        Map<String, String> state = new TreeMap<>(flat);
        state.values().retainAll(List.of("draft", "signed off"));
        return state;
    }
}
