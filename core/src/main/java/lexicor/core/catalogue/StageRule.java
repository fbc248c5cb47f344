package lexicor.core.catalogue;

import java.util.List;

/**
 * Parts of an examination that are never left out whole.
 *
 * @param complaints what a patient comes with for whom it holds; empty where it holds for everybody
 * @param never the stages: look, feel, move, measure, provoke
 */
public record StageRule(String id, List<String> complaints, List<String> never, String because) {
    public StageRule {
        complaints = List.copyOf(complaints);
        never = List.copyOf(never);
    }

    public boolean holdsFor(List<String> presented) {
        return complaints.isEmpty() || presented.stream().anyMatch(complaints::contains);
    }
}
