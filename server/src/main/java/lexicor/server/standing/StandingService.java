package lexicor.server.standing;

import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Condition;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.evidence.HighBias;
import lexicor.core.weighing.BedsideCase;
import lexicor.core.weighing.NextTest;
import lexicor.core.weighing.School;
import lexicor.core.weighing.Status;
import lexicor.core.weighing.WeighedCase;
import lexicor.core.weighing.WeighedCondition;
import lexicor.core.weighing.Weighing;
import lexicor.core.weighing.WeighingSettings;
import lexicor.server.settings.DepartmentSettings;
import lexicor.server.standing.Standing.ConditionStanding;
import lexicor.server.standing.Standing.Effect;
import lexicor.server.standing.Standing.NextTestView;
import org.springframework.stereotype.Service;

/** Weighs cases against the packs, whose figures are pooled once at the start. */
@Service
public class StandingService {
    private static final int NEXT_SHOWN = 5;
    private static final int EFFECTS_SHOWN = 3;

    private final Catalogue catalogue;
    private final Map<HighBias, EvidenceBase> evidence = new EnumMap<>(HighBias.class);

    StandingService(Catalogue catalogue) {
        this.catalogue = catalogue;
        for (HighBias highBias : HighBias.values()) {
            evidence.put(highBias, EvidenceBase.of(catalogue, highBias));
        }
    }

    /** Where the case stands. */
    public Standing standing(BedsideCase bedside, DepartmentSettings department, Optional<String> highBias) {
        return standing(bedside, weigh(bedside, department.weighing(highBias), department.chosenSchool()));
    }

    /** The case weighed in full. */
    public Weighed weighed(BedsideCase bedside, DepartmentSettings department, Optional<String> highBias) {
        WeighingSettings settings = department.weighing(highBias);
        WeighedCase result = weigh(bedside, settings, department.chosenSchool());
        Map<String, List<Weighed.LedgerRowView>> ledgers = new LinkedHashMap<>();
        LedgerView view = new LedgerView(catalogue, evidence.get(settings.highBias()), bedside.findings());
        result.conditions().forEach(c -> ledgers.put(c.id(), view.rows(c)));
        boolean clustersSpeak =
                result.conditions().stream().flatMap(c -> c.ledger().stream()).anyMatch(LedgerView::isSpeakingCluster);
        List<Weighed.SchoolView> schools = result.schools().entrySet().stream()
                .map(e -> new Weighed.SchoolView(
                        e.getKey().id(),
                        schoolName(e.getKey()),
                        e.getKey() != School.PUBLISHED_CLUSTERS || clustersSpeak,
                        e.getValue()))
                .toList();
        return new Weighed(
                standing(bedside, result),
                ledgers,
                schools,
                new Weighed.Method(
                        department.school(),
                        settings.familyOverlap(),
                        settings.generalOverlap(),
                        settings.highBias().id()),
                bias(bedside, department, highBias, result));
    }

    /** What every way would make of the case; the way in use is weighed already. */
    private Weighed.BiasView bias(
            BedsideCase bedside, DepartmentSettings department, Optional<String> ofCase, WeighedCase inUse) {
        HighBias used = department.weighing(ofCase).highBias();
        List<Weighed.BiasResult> results = Arrays.stream(HighBias.values())
                .map(way -> biasResult(
                        way,
                        way == used
                                ? inUse
                                : weigh(
                                        bedside,
                                        department.weighing(Optional.of(way.id())),
                                        department.chosenSchool())))
                .toList();
        long orders = results.stream()
                .map(r -> r.order().stream().map(Weighed.BiasPlace::condition).toList())
                .distinct()
                .count();
        return new Weighed.BiasView(department.highBias(), ofCase.orElse(null), orders > 1, results);
    }

    private Weighed.BiasResult biasResult(HighBias way, WeighedCase weighed) {
        return new Weighed.BiasResult(
                way.id(),
                weighed.conditions().stream()
                        .map(c -> new Weighed.BiasPlace(
                                c.id(),
                                catalogue.condition(c.id()).orElseThrow().name(),
                                c.pretest(),
                                c.posttest()))
                        .toList());
    }

    private WeighedCase weigh(BedsideCase bedside, WeighingSettings settings, School school) {
        return Weighing.weigh(bedside.against(catalogue, evidence.get(settings.highBias()), settings), school);
    }

    private Standing standing(BedsideCase bedside, WeighedCase result) {
        Set<String> done = bedside.findings().testsDone(catalogue);
        return new Standing(
                result.conditions().stream().map(this::condition).toList(),
                result.rankingDependsOnSchool(),
                result.nextTests().stream()
                        .filter(t -> t.gain() > 0)
                        .limit(NEXT_SHOWN)
                        .map(t -> next(t, result, done))
                        .toList(),
                result.settled());
    }

    private ConditionStanding condition(WeighedCondition c) {
        Condition condition = catalogue.condition(c.id()).orElseThrow();
        return new ConditionStanding(
                c.id(),
                condition.name(),
                c.rank(),
                c.pretest(),
                c.posttest(),
                c.average().low(),
                c.average().high(),
                c.newClinic().low(),
                c.newClinic().high(),
                c.probabilityFirst(),
                c.verdict().words(),
                c.borderline(),
                condition.ruleOut(),
                condition.act(),
                (int) c.ledger().stream()
                        .filter(r -> r.status() == Status.COUNTED)
                        .count());
    }

    private NextTestView next(NextTest next, WeighedCase result, Set<String> done) {
        ClinicalTest test = catalogue.testOf(next.id()).orElseThrow();
        List<Effect> effects = result.conditions().stream()
                .map(c -> new Effect(
                        c.id(),
                        catalogue.condition(c.id()).orElseThrow().name(),
                        c.posttest(),
                        next.ifPositive().get(c.id()),
                        next.ifNegative().get(c.id())))
                .filter(e -> e.ifPositive() != e.ifNegative())
                .sorted(Comparator.comparingDouble(e -> e.ifNegative() - e.ifPositive()))
                .limit(EFFECTS_SHOWN)
                .toList();
        return new NextTestView(
                next.id(),
                test.id(),
                test.name(),
                catalogue.criterion(next.id()).orElseThrow().label(),
                test.position(),
                test.minutes(),
                next.gain(),
                next.gainPerMinute().isPresent() ? next.gainPerMinute().getAsDouble() : null,
                test.after().stream().filter(t -> !done.contains(t)).findFirst().orElse(null),
                effects);
    }

    private static String schoolName(School school) {
        return switch (school) {
            case INDEPENDENT -> "Each counts in full";
            case OVERLAP_AWARE -> "Overlap counted";
            case STRONGEST_PER_FAMILY -> "Strongest of a family";
            case PUBLISHED_CLUSTERS -> "Clusters only";
        };
    }
}
