package lexicor.core.planning;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.HistoryItem;
import lexicor.core.catalogue.WarningSign;
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

    /**
     * A positive that raises a sign.
     *
     * @param afterInjury whether it does so only after an injury
     */
    private record Trigger(String criterion, String sign, boolean afterInjury) {}

    private static final List<Trigger> TRIGGERS = List.of(
            new Trigger("snuffbox-tenderness/tender", "fracture-suspicion", true),
            new Trigger("scaphoid-tubercle-tenderness/tender", "fracture-suspicion", true),
            new Trigger("elbow-extension/cannot-extend", "fracture-suspicion", true),
            new Trigger("axillary-nerve-sensation/reduced", "deltoid-sensation", false),
            new Trigger("distal-biceps-hook/no-cord", "tendon", false),
            new Trigger("epl-integrity/absent", "tendon", false),
            new Trigger("epl-integrity/tender", "tendon", false),
            new Trigger("allen/radial-slow", "vascular", false),
            new Trigger("allen/ulnar-slow", "vascular", false));

    private RaisedWarnings() {}

    /**
     * @param asked signs answered yes at intake
     * @param injured whether this began with an injury
     */
    public static List<Raised> of(Catalogue catalogue, Set<String> asked, Findings findings, boolean injured) {
        Map<String, String> reasons = new LinkedHashMap<>();
        asked.forEach(sign -> reasons.put(sign, "asked at intake"));
        for (Trigger t : TRIGGERS) {
            boolean positive = findings.of(t.criterion)
                    .filter(f -> f.outcome() == Outcome.POSITIVE)
                    .isPresent();
            if (positive && (injured || !t.afterInjury)) {
                reasons.putIfAbsent(t.sign, catalogue.findingName(t.criterion));
            }
        }
        List<Raised> raised = new ArrayList<>();
        for (WarningSign sign : catalogue.warnings()) {
            if (reasons.containsKey(sign.id())) {
                raised.add(new Raised(sign, reasons.get(sign.id())));
            }
        }
        return List.copyOf(raised);
    }

    /** Whether an answer of the history means an injury. */
    public static boolean injured(Catalogue catalogue, Map<String, Boolean> answers) {
        return catalogue.history().stream()
                .filter(HistoryItem::trauma)
                .anyMatch(h -> Boolean.TRUE.equals(answers.get(h.id())));
    }
}
