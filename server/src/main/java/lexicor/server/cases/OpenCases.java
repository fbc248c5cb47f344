package lexicor.server.cases;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import lexicor.core.weighing.WeighedCondition;
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
    /** A tap at this visit changes nothing of the visits before, so that it finds them weighed. */
    private static final Cache<Visit, Map<String, Double>> STOOD = Caffeine.newBuilder()
            .maximumSize(500)
            .expireAfterAccess(Duration.ofMinutes(30))
            .build();

    /**
     * All that a visit's standing depends on.
     *
     * @param version of what was asked
     * @param taps those that stand, which never change
     */
    private record Visit(Long caseId, long version, int visit, List<Long> taps, Basis basis) {}

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
        overrides
                .findByCaseIdAndVisitOrderById(stored.id, stored.visit())
                .forEach(o -> goneAhead.put(o.test, o.reason));
        return new OpenCase(stored, known, some, goneAhead, () -> earlier(stored, known));
    }

    /** Where candidates stood at the latest of the visits before at which something of them was examined. */
    private Map<String, LastStanding> earlier(CaseRecord stored, Basis known) {
        Map<String, LastStanding> last = new HashMap<>();
        Optional<Integer> before = stored.visitBefore(stored.visit());
        while (before.isPresent()) {
            int visit = before.get();
            List<TapRecord> then = taps.standing(stored.id, visit);
            if (!then.isEmpty()) {
                Instant on = stored.visits.get(visit - 1);
                List<Long> ids = then.stream().map(t -> t.id).toList();
                STOOD.get(
                                new Visit(stored.id, stored.version, visit, ids, known),
                                v -> examinedAt(new OpenCase(stored.asOf(visit), known, then, Map.of(), Map::of)))
                        .forEach((condition, stood) -> last.putIfAbsent(condition, new LastStanding(visit, on, stood)));
            }
            before = stored.visitBefore(visit);
        }
        return last;
    }

    /** Where the candidates stood of which something was examined, by condition. */
    private static Map<String, Double> examinedAt(OpenCase at) {
        Map<String, Double> stood = new HashMap<>();
        for (WeighedCondition c : at.ranked()) {
            boolean examined = ConditionList.isWeighed(c)
                    || Aimed.at(c.id(), at.catalogue(), at.findings()).tests() > 0;
            if (examined) {
                stood.put(c.id(), c.posttest());
            }
        }
        return stood;
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
