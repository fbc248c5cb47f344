package lexicor.core.planning;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Complaint;
import lexicor.core.catalogue.Criterion;
import lexicor.core.catalogue.HistoryItem;
import lexicor.core.catalogue.WarningSign;
import lexicor.core.examination.Finding;
import lexicor.core.examination.Findings;
import lexicor.core.examination.Outcome;

/** The warning signs of a case: those answered yes at intake, and those that a finding raises by itself. */
public final class RaisedWarnings {
    /**
     * A sign that is raised.
     *
     * @param because what raised it, in words
     */
    public record Raised(WarningSign sign, String because) {}

    private RaisedWarnings() {}

    /**
     * @param asked signs answered yes at intake
     * @param injured whether this began with an injury
     */
    public static List<Raised> of(Catalogue catalogue, Set<String> asked, Findings findings, boolean injured) {
        Map<String, String> reasons = new LinkedHashMap<>();
        asked.forEach(sign -> reasons.put(sign, "asked at intake"));
        for (Finding f : findings.all()) {
            catalogue
                    .criterion(f.criterion())
                    .flatMap(Criterion::raises)
                    .filter(r -> f.outcome() == Outcome.POSITIVE && (injured || !r.onlyAfterInjury()))
                    .ifPresent(r -> reasons.putIfAbsent(r.warning(), catalogue.findingName(f.criterion())));
        }
        List<Raised> raised = new ArrayList<>();
        for (WarningSign sign : catalogue.warnings()) {
            if (reasons.containsKey(sign.id())) {
                raised.add(new Raised(sign, reasons.get(sign.id())));
            }
        }
        return List.copyOf(raised);
    }

    /** Whether it began with an injury: the complaint says so, or an answer of the history. */
    public static boolean injured(Catalogue catalogue, String complaint, Map<String, Boolean> answers) {
        return catalogue.complaint(complaint).filter(Complaint::injury).isPresent() || injured(catalogue, answers);
    }

    /** Whether an answer of the history means an injury. */
    public static boolean injured(Catalogue catalogue, Map<String, Boolean> answers) {
        return catalogue.history().stream()
                .filter(HistoryItem::injury)
                .anyMatch(h -> Boolean.TRUE.equals(answers.get(h.id())));
    }
}
