package lexicor.server.outcomes.learned;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.published.ClusterRule;
import lexicor.core.examination.Finding;
import lexicor.core.examination.Outcome;
import lexicor.core.weighing.input.ClusterProgress;
import lexicor.core.weighing.input.Result;
import lexicor.server.cases.CaseBasis;
import lexicor.server.cases.OpenCase;
import lexicor.server.cases.OpenCases;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.cases.records.TapRecord;
import lexicor.server.outcomes.OutcomeDays;
import lexicor.server.outcomes.learned.Facts.Found;
import lexicor.server.standing.Basis;
import org.springframework.stereotype.Component;

/** Works out what was found in a case: each criterion and cluster the first time it was decided. */
@Component
class FactsOfCase {
    private final OpenCases openCases;
    private final CaseBasis basis;
    private final OutcomeDays days;

    FactsOfCase(OpenCases openCases, CaseBasis basis, OutcomeDays days) {
        this.openCases = openCases;
        this.basis = basis;
        this.days = days;
    }

    /** The version of the content that a case is read with. */
    String content(CaseRecord stored) {
        return basis.of(stored).edition().version();
    }

    /**
     * @param taps of all visits that stand, in the order they were made
     */
    Facts of(CaseRecord stored, List<TapRecord> taps) {
        Basis used = basis.of(stored);
        Map<Integer, List<TapRecord>> byVisit = taps.stream().collect(Collectors.groupingBy(t -> t.visit));
        Map<String, Found> found = new LinkedHashMap<>();
        for (int visit : stored.visitsInOrder()) {
            OpenCase then = openCases.with(stored.asOf(visit), used, byVisit.getOrDefault(visit, List.of()));
            new Visit(then, (int) days.dayOf(stored, visit).toEpochDay()).into(found);
        }
        return new Facts(
                (int) days.dayOf(stored, stored.visitsInOrder().get(0)).toEpochDay(),
                stored.complaint,
                stored.setting,
                Optional.ofNullable(stored.owner).orElse(""),
                stored.simulated,
                stored.candidates.stream().map(c -> c.condition).toList(),
                List.copyOf(found.values()));
    }

    /** What one visit decided, with who recorded it and when. */
    private static final class Visit {
        private final OpenCase then;
        private final int day;
        private final Map<String, TapRecord> last = new LinkedHashMap<>();

        Visit(OpenCase then, int day) {
            this.then = then;
            this.day = day;
            then.taps().forEach(t -> last.put(t.test, t));
        }

        void into(Map<String, Found> found) {
            for (Finding f : then.findings().all()) {
                if (f.outcome() == Outcome.POSITIVE || f.outcome() == Outcome.NEGATIVE) {
                    add(found, f.criterion(), f.outcome() == Outcome.POSITIVE, List.of(f.criterion()));
                }
            }
            then.catalogue().clusters().stream()
                    .filter(c -> c.rule() instanceof ClusterRule.AtLeast)
                    .map(c -> ClusterProgress.of(c, then.findings()))
                    .filter(p -> p.decided().isPresent())
                    .forEach(p -> add(
                            found,
                            p.cluster().id(),
                            p.decided().get().equals(Result.POSITIVE.id()),
                            p.cluster().members()));
        }

        private void add(Map<String, Found> found, String of, boolean positive, List<String> from) {
            List<TapRecord> taps = new ArrayList<>();
            for (String criterion : from) {
                then.catalogue()
                        .testOf(criterion)
                        .map(ClinicalTest::id)
                        .map(last::get)
                        .ifPresent(taps::add);
            }
            Optional<TapRecord> latest = taps.stream().max(Comparator.comparing(t -> t.tappedAt));
            String owner = Optional.ofNullable(then.record().owner).orElse("");
            Instant at = latest.map(t -> t.tappedAt).orElse(then.record().createdAt);
            found.putIfAbsent(
                    of, new Found(of, positive, latest.map(t -> t.madeBy).orElse(owner), day, at.toEpochMilli()));
        }
    }
}
