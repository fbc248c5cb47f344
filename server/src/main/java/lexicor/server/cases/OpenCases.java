package lexicor.server.cases;

import java.time.Instant;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import lexicor.core.weighing.listed.Aimed;
import lexicor.core.weighing.listed.ConditionList;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.cases.records.OverrideStore;
import lexicor.server.cases.records.TapRecord;
import lexicor.server.cases.records.TapStore;
import lexicor.server.standing.Basis;
import lexicor.server.standing.LastStanding;
import org.springframework.stereotype.Component;

/** Opens stored cases: the one place that joins a record with its basis and its taps. */
@Component
public class OpenCases {
    private final CaseBasis basis;
    private final TapStore taps;
    private final OverrideStore overrides;

    OpenCases(CaseBasis basis, TapStore taps, OverrideStore overrides) {
        this.basis = basis;
        this.taps = taps;
        this.overrides = overrides;
    }

    /** The case at its current visit. */
    public OpenCase of(CaseRecord stored) {
        return of(stored, basis.of(stored));
    }

    /** The same with a basis that the request has already. */
    public OpenCase of(CaseRecord stored, Basis known) {
        return with(stored, known, taps.standing(stored));
    }

    /** The case as it would stand with what is in force today, also where it is closed. */
    public OpenCase today(OpenCase then) {
        return new OpenCase(then.record(), basis.today(then.record()), then.taps(), Map.of(), Map::of);
    }

    /**
     * What is examined and is no stored case: all there is of it is given.
     *
     * @param goneAhead the reasons for going ahead with blocked tests, by test
     */
    public static OpenCase apart(CaseRecord given, Basis basis, List<TapRecord> taps, Map<String, String> goneAhead) {
        return new OpenCase(given, basis, taps, goneAhead, Map::of);
    }

    /** The case as some of its taps leave it. */
    public OpenCase with(CaseRecord stored, Basis known, List<TapRecord> some) {
        Map<String, String> goneAhead = new LinkedHashMap<>();
        if (!stored.precautions.isEmpty()) {
            overrides
                    .findByCaseIdAndVisitOrderById(stored.id, stored.visit())
                    .forEach(o -> goneAhead.put(o.test, o.reason));
        }
        return new OpenCase(stored, known, some, goneAhead, () -> earlier(stored, known));
    }

    /** Where candidates stood at the latest of the visits before at which something of them was examined. */
    private Map<String, LastStanding> earlier(CaseRecord stored, Basis known) {
        Map<String, LastStanding> last = new HashMap<>();
        Optional<Integer> before = stored.visitBefore(stored.visit());
        while (before.isPresent()) {
            int visit = before.get();
            CaseRecord then = stored.asOf(visit);
            OpenCase at = new OpenCase(then, known, taps.standing(stored.id, visit), Map.of(), Map::of);
            if (!at.taps().isEmpty()) {
                Instant on = stored.visits.get(visit - 1);
                at.ranked().forEach(weighed -> {
                    boolean examined = ConditionList.isWeighed(weighed)
                            || Aimed.at(weighed.id(), known.catalogue(), at.findings())
                                            .tests()
                                    > 0;
                    if (examined) {
                        last.putIfAbsent(weighed.id(), new LastStanding(visit, on, weighed.posttest()));
                    }
                });
            }
            before = stored.visitBefore(visit);
        }
        return last;
    }

    /** Many at once, for lists and counts: without the reasons for going ahead. */
    public List<OpenCase> all(Collection<CaseRecord> some) {
        Map<Long, List<TapRecord>> byCase =
                taps
                        .findByCaseIdInAndUndoneFalseOrderByTappedAtAscIdAsc(
                                some.stream().map(c -> c.id).toList())
                        .stream()
                        .collect(Collectors.groupingBy(t -> t.caseId, HashMap::new, Collectors.toList()));
        return some.stream()
                .map(c -> new OpenCase(
                        c,
                        basis.of(c),
                        byCase.getOrDefault(c.id, List.of()).stream()
                                .filter(t -> t.visit == c.visit())
                                .toList(),
                        Map.of(),
                        Map::of))
                .toList();
    }
}
