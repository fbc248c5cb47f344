package lexicor.core.catalogue;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What a patient comes with: one complaint, or two in one case, such as a stiff shoulder and a numb hand. Their candidates, regions,
 * questions and tests are joined, each once; what both have is the first one's.
 *
 * @param complaints those that the content knows, the first one first; none where it knows none
 */
public record Presentation(List<Complaint> complaints) {
    public Presentation {
        complaints = List.copyOf(complaints);
    }

    /** The complaints of these ids, as far as the content knows them. */
    public static Presentation of(Catalogue catalogue, List<String> ids) {
        return new Presentation(
                ids.stream().flatMap(id -> catalogue.complaint(id).stream()).toList());
    }

    public List<String> ids() {
        return complaints.stream().map(Complaint::id).toList();
    }

    /** Whether one of them began with an injury. */
    public boolean injury() {
        return complaints.stream().anyMatch(Complaint::injury);
    }

    /** Where tests are offered, in the order of the complaints. */
    public List<String> regions() {
        return joined(complaints.stream().flatMap(c -> c.regions().stream()));
    }

    public List<String> candidates() {
        return joined(complaints.stream().flatMap(c -> c.candidates().stream()));
    }

    /** The base rate of the condition among patients who come with this: of the first complaint that has it as a candidate. */
    public double startingRate(Condition condition, Setting setting) {
        return complaints.stream()
                .filter(c -> c.candidates().contains(condition.id()))
                .findFirst()
                .or(() -> complaints.stream().findFirst())
                .map(c -> c.startingRate(condition, setting))
                .orElseGet(() -> condition.pretest().get(setting));
    }

    /** Tests that are proposed whatever the candidates are: their own, the cores of the visit, and what comes before those. */
    public List<String> whatever(Catalogue catalogue) {
        return joined(complaints.stream()
                .flatMap(c -> Stream.concat(
                        c.also().stream(),
                        catalogue.core(c.id()).stream()
                                .flatMap(k -> Stream.concat(k.tests().stream(), k.before().stream())))));
    }

    /** What no visit leaves out for want of time, joined; empty where nothing is said of any of them. */
    public Optional<VisitCore> core(Catalogue catalogue) {
        List<VisitCore> cores = complaints.stream()
                .flatMap(c -> catalogue.core(c.id()).stream())
                .toList();
        return cores.stream()
                .findFirst()
                .map(first -> new VisitCore(
                        first.complaint(),
                        joined(cores.stream().flatMap(c -> c.tests().stream())),
                        joined(cores.stream().flatMap(c -> c.places().stream())),
                        first.first(),
                        cores.stream()
                                .map(VisitCore::because)
                                .filter(b -> !b.isEmpty())
                                .collect(Collectors.joining("; ")),
                        joined(cores.stream().flatMap(c -> c.before().stream()))));
    }

    /** Whether the question is asked of whoever comes with one of them. */
    public boolean asks(HistoryItem item) {
        return ids().stream().anyMatch(item.complaints()::contains);
    }

    private static List<String> joined(Stream<String> ids) {
        Set<String> once = ids.collect(Collectors.toCollection(LinkedHashSet::new));
        return List.copyOf(once);
    }
}
