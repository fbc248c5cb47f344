package lexicor.server.outcomes.learned;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import lexicor.core.catalogue.packs.PackEntry;
import lexicor.core.catalogue.published.AccuracyRow;
import lexicor.core.catalogue.published.Figures;
import lexicor.core.outcomes.accuracy.OwnAccuracy;
import lexicor.core.outcomes.accuracy.OwnStudy;
import lexicor.core.outcomes.accuracy.OwnTable;
import lexicor.core.outcomes.followed.FollowedCase;
import lexicor.core.outcomes.followed.Known;
import lexicor.core.outcomes.followed.Reference;
import lexicor.core.outcomes.followed.Slice;
import lexicor.server.cases.CaseBasis;
import lexicor.server.layer.OwnEntries;
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
    private static final String OWN_CASES = "ownCases";

    private final OwnCases ownCases;
    private final CaseBasis basis;
    private final OwnFigures figures;
    private final OwnEntries entries;

    OwnStudies(OwnCases ownCases, CaseBasis basis, OwnFigures figures, OwnEntries entries) {
        this.entries = entries;
        this.ownCases = ownCases;
        this.basis = basis;
        this.figures = figures;
    }

    void change(StudyChange change) {
        if (basis.today().catalogue().cluster(change.of()).isPresent()) {
            changeCluster(change);
            return;
        }
        Optional<AccuracyRow> kept = PublishedBeside.today(basis).own(change.of(), change.condition());
        if (change.on()) {
            Collection<FollowedCase> cases = ownCases.all().cases();
            figures.keep(study(table(cases, change), cases, change), kept, change.why(), change.sure());
        } else {
            figures.remove(
                    kept.orElseThrow(() -> Refusal.conflict("The own cases are no study of this pair."))
                            .fingerprint(),
                    change.why(),
                    Boolean.TRUE.equals(change.sure()));
        }
    }

    /** A rule's own count stands with the rule, beside what was published of it. */
    private void changeCluster(StudyChange change) {
        Optional<OwnTable> table =
                change.on() ? Optional.of(table(ownCases.all().cases(), change)) : Optional.empty();
        entries.change(
                PackEntry.Kind.CLUSTER,
                change.of(),
                fields -> {
                    fields.remove(OWN_CASES);
                    table.ifPresent(t -> {
                        Figures counted = OwnStudy.figures(t);
                        fields.putObject(OWN_CASES)
                                .put("sensitivity", counted.sensitivity())
                                .put("specificity", counted.specificity().orElseThrow())
                                .put("diseased", t.with())
                                .put("healthy", t.without())
                                .put("highRiskOfBias", t.isUneven());
                    });
                },
                change.why(),
                change.sure());
    }

    private static OwnTable table(Collection<FollowedCase> cases, StudyChange change) {
        OwnTable table = OwnAccuracy.of(cases, Slice.ALL).stream()
                .filter(t -> t.of().equals(change.of()) && t.condition().equals(change.condition()))
                .findFirst()
                .orElseThrow(() -> Refusal.field("of", "nothing is known of it yet"));
        if (!table.mayLeave()) {
            throw Refusal.conflict("of: a count is of fewer than " + OwnTable.FEWEST_TO_LEAVE
                    + " people. Evidence is exported and printed, and so few people must not be.");
        }
        return table;
    }

    private static AccuracyRow study(OwnTable table, Collection<FollowedCase> cases, StudyChange change) {
        List<FollowedCase> counted = cases.stream()
                .filter(c -> c.known(change.condition()).isPresent())
                .filter(c -> c.reads().stream().anyMatch(r -> r.of().equals(change.of())))
                .toList();
        return OwnStudy.row(
                table,
                references(counted, change.condition()),
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
