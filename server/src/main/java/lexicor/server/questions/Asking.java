package lexicor.server.questions;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.HistoryItem;
import lexicor.core.examination.Findings;
import lexicor.core.weighing.NextTest;
import lexicor.core.weighing.Weighing;
import lexicor.core.weighing.input.BedsideCase;
import lexicor.core.weighing.input.Candidate;
import lexicor.server.cases.CaseDoor;
import lexicor.server.cases.OpenCase;
import lexicor.server.cases.OpenCases;
import lexicor.server.standing.Basis;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Which questions are asked of a patient, the most telling first (method M25). */
@Service
class Asking {
    /** As many as are asked of everybody with a complaint. */
    private static final int ASKED = 6;

    /** As many as an answer opens. */
    private static final int OPENED = 2;

    /** What each question would tell before any of them is answered: no answer changes it, and their order stays while one asks. */
    private static final Cache<Unasked, Map<String, Double>> GAINS = Caffeine.newBuilder()
            .maximumSize(500)
            .expireAfterAccess(Duration.ofMinutes(15))
            .build();

    /** All that it depends on. */
    private record Unasked(Basis basis, List<Candidate> conditions) {}

    private final CaseDoor door;
    private final OpenCases openCases;

    Asking(CaseDoor door, OpenCases openCases) {
        this.door = door;
        this.openCases = openCases;
    }

    /**
     * Questions by id.
     *
     * @param asked of everybody with the complaint, the most telling first
     * @param opened by the question whose yes opens them
     * @param more the others that bear on a candidate
     */
    record AskedView(List<String> asked, Map<String, List<String>> opened, List<String> more) {}

    @Transactional(readOnly = true)
    public AskedView of(String code) {
        OpenCase c = openCases.of(door.existing(code));
        Catalogue catalogue = c.catalogue();
        Map<String, Double> gains = GAINS.get(new Unasked(c.basis(), c.bedside().conditions()), Asking::gains);
        Comparator<HistoryItem> tellsMost = Comparator.comparingDouble(h -> -gains.getOrDefault(h.id(), 0.0));
        List<HistoryItem> all = catalogue.history().stream()
                .filter(h -> !h.fromAgeBand())
                .sorted(tellsMost)
                .toList();
        List<HistoryItem> usual = all.stream().filter(c.presentation()::asks).toList();
        List<HistoryItem> asked = usual.stream()
                .filter(h -> gains.getOrDefault(h.id(), 0.0) > 0)
                .limit(ASKED)
                .toList();
        Set<HistoryItem> placed = new HashSet<>(asked);
        Map<String, List<String>> opened = new LinkedHashMap<>();
        for (HistoryItem item : asked) {
            List<HistoryItem> follows = Boolean.TRUE.equals(c.record().answers.get(item.id()))
                    ? all.stream()
                            .filter(h -> !placed.contains(h) && follows(catalogue, item, h))
                            .limit(OPENED)
                            .toList()
                    : List.of();
            placed.addAll(follows);
            opened.put(item.id(), ids(follows));
        }
        Set<String> candidates =
                c.record().candidates.stream().map(k -> k.condition).collect(Collectors.toSet());
        List<HistoryItem> more = new ArrayList<>(usual);
        all.stream()
                .filter(h -> bears(catalogue, h, candidates, c.presentation().regions()))
                .filter(h -> !more.contains(h))
                .forEach(more::add);
        more.removeAll(placed);
        return new AskedView(ids(asked), opened, ids(more));
    }

    private static Map<String, Double> gains(Unasked unasked) {
        BedsideCase bedside = new BedsideCase(unasked.conditions(), Findings.none(), Set.of(), Set.of());
        Basis basis = unasked.basis();
        Map<String, Double> gains = new HashMap<>();
        for (NextTest next : Weighing.weigh(
                        bedside.askedOf(basis.catalogue(), basis.evidence(), basis.settings()), basis.school())
                .nextTests()) {
            gains.put(next.id(), next.gain());
        }
        return gains;
    }

    /** Whether the second is about something that a yes to the first speaks for. */
    private static boolean follows(Catalogue catalogue, HistoryItem first, HistoryItem then) {
        Set<String> about = about(catalogue, first);
        return about(catalogue, then).stream().anyMatch(about::contains);
    }

    /** Whether it says something of a candidate, or that there was an injury where the complaint is. */
    private static boolean bears(Catalogue catalogue, HistoryItem item, Set<String> candidates, List<String> regions) {
        Set<String> about = about(catalogue, item);
        return about.stream().anyMatch(candidates::contains)
                || item.injury()
                        && about.stream().anyMatch(id -> catalogue
                                .condition(id)
                                .filter(k -> regions.contains(k.region()))
                                .isPresent());
    }

    private static Set<String> about(Catalogue catalogue, HistoryItem item) {
        Set<String> about = new HashSet<>(catalogue.conditionsInformedBy(Set.of(item.id())));
        item.notches().forEach((condition, notch) -> {
            if (notch > 0) {
                about.add(condition);
            }
        });
        return about;
    }

    private static List<String> ids(List<HistoryItem> items) {
        return items.stream().map(HistoryItem::id).toList();
    }
}
