package lexicor.server.outcomes.learned;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import lexicor.core.catalogue.published.AccuracyRow;
import lexicor.core.outcomes.accuracy.OwnAccuracy;
import lexicor.core.outcomes.accuracy.OwnStudy;
import lexicor.core.outcomes.accuracy.OwnTable;
import lexicor.core.outcomes.followed.FollowedCase;
import lexicor.core.outcomes.followed.Known;
import lexicor.core.outcomes.followed.Reference;
import lexicor.server.cases.CaseBasis;
import lexicor.server.layer.OwnFigures;
import lexicor.server.outcomes.learned.LearnedViews.StudyChange;
import lexicor.server.problems.Refusal;
import org.springframework.stereotype.Service;

/**
 * Puts the department's own tables among the studies, where a lead says so, and brings them up to date when a lead says so again.
 * A row is checked like any other, and with every new count it is one that nobody has checked yet.
 */
@Service
class OwnStudies {
    private final OwnCases ownCases;
    private final CaseBasis basis;
    private final OwnFigures figures;

    OwnStudies(OwnCases ownCases, CaseBasis basis, OwnFigures figures) {
        this.ownCases = ownCases;
        this.basis = basis;
        this.figures = figures;
    }

    void change(StudyChange change) {
        Optional<AccuracyRow> kept = PublishedBeside.today(basis).own(change.of(), change.condition());
        if (change.on()) {
            figures.keep(study(change.of(), change.condition()), kept, change.why(), change.sure());
        } else {
            figures.remove(
                    kept.orElseThrow(() -> Refusal.conflict("The own cases are no study of this pair."))
                            .fingerprint(),
                    change.why(),
                    Boolean.TRUE.equals(change.sure()));
        }
    }

    private AccuracyRow study(String of, String condition) {
        if (basis.today().catalogue().testOf(of).isEmpty()
                && basis.today().catalogue().historyItem(of).isEmpty()) {
            throw Refusal.field(
                    "of",
                    "expected a criterion; a cluster is weighed with the study that it was published with, and the own table stands beside it");
        }
        List<FollowedCase> all = List.copyOf(ownCases.all().cases());
        OwnTable table = OwnAccuracy.of(all, ownCases.all().slice()).stream()
                .filter(t -> t.of().equals(of) && t.condition().equals(condition))
                .findFirst()
                .orElseThrow(() -> Refusal.field("of", "nothing is known of it yet"));
        if (!table.mayLeave()) {
            throw Refusal.conflict("of: a count is of fewer than " + OwnTable.FEWEST_TO_LEAVE
                    + " people. Evidence is exported and printed, and so few people must not be.");
        }
        List<FollowedCase> counted = all.stream()
                .filter(c -> c.known(condition).isPresent())
                .filter(c -> c.reads().stream().anyMatch(r -> r.of().equals(of)))
                .toList();
        return OwnStudy.row(
                table,
                references(counted, condition),
                day(counted, Comparator.naturalOrder()),
                day(counted, Comparator.reverseOrder()));
    }

    private static Map<Reference, Integer> references(List<FollowedCase> counted, String condition) {
        return counted.stream()
                .flatMap(c -> c.known(condition).stream())
                .collect(Collectors.groupingBy(Known::reference, TreeMap::new, Collectors.summingInt(k -> 1)));
    }

    private static LocalDate day(List<FollowedCase> counted, Comparator<LocalDate> first) {
        return counted.stream().map(FollowedCase::day).min(first).orElseThrow();
    }
}
