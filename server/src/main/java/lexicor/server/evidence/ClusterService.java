package lexicor.server.evidence;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Condition;
import lexicor.core.catalogue.published.Cluster;
import lexicor.core.catalogue.published.ClusterRule;
import lexicor.core.evidence.Accuracy;
import lexicor.core.evidence.ClusterCoherence;
import lexicor.core.examination.Finding;
import lexicor.core.numbers.Logit;
import lexicor.core.weighing.input.ClusterDesign;
import lexicor.server.catalogue.Editions;
import lexicor.server.evidence.EvidenceViews.CheckView;
import lexicor.server.evidence.EvidenceViews.ClusterLine;
import lexicor.server.evidence.EvidenceViews.DesignRequest;
import lexicor.server.evidence.EvidenceViews.DesignView;
import lexicor.server.evidence.EvidenceViews.FromBaseRate;
import lexicor.server.evidence.EvidenceViews.MemberFigures;
import lexicor.server.evidence.EvidenceViews.MemberView;
import lexicor.server.evidence.EvidenceViews.RuleView;
import lexicor.server.evidence.EvidenceViews.WorthView;
import lexicor.server.problems.Refusal;
import lexicor.server.settings.DepartmentSettings;
import lexicor.server.settings.OverlapLimits;
import lexicor.server.settings.SettingsService;
import org.springframework.stereotype.Service;

/** The published clusters beside what their members predict, and what a count of one's own choice would be worth. */
@Service
class ClusterService {
    private static final int MOST = 12;
    private static final int MOST_POINTS = 20;
    private static final double[] BASE_RATES = {0.1, 0.3, 0.5};

    private final Editions editions;
    private final EvidenceService evidence;
    private final SettingsService settings;

    ClusterService(Editions editions, EvidenceService evidence, SettingsService settings) {
        this.editions = editions;
        this.evidence = evidence;
        this.settings = settings;
    }

    List<ClusterLine> published() {
        return editions.catalogue().clusters().stream().map(this::line).toList();
    }

    DesignView design(DesignRequest request) {
        if (editions.catalogue().condition(String.valueOf(request.condition())).isEmpty()) {
            throw Refusal.field("condition", "there is no condition " + request.condition());
        }
        if (request.criteria() == null
                || request.criteria().size() < 2
                || request.criteria().size() > MOST
                || request.criteria().stream().distinct().count()
                        < request.criteria().size()) {
            throw Refusal.field("criteria", "expected 2 to " + MOST + " different criteria");
        }
        OverlapLimits.check(request.familyOverlap(), request.generalOverlap());
        List<ClusterDesign.Member> members = new ArrayList<>();
        for (String criterion : request.criteria()) {
            int points = request.pointsOf(criterion);
            if (points < 1 || points > MOST_POINTS) {
                throw Refusal.field("points", "expected 1 to " + MOST_POINTS + " points for each criterion");
            }
            members.add(member(criterion, request.condition(), points)
                    .orElseThrow(() -> Refusal.field(
                            "criteria", criterion + " has no figures to weigh for " + request.condition())));
        }
        if (request.points() != null
                && !request.criteria().containsAll(request.points().keySet())) {
            throw Refusal.field("points", "expected points for the chosen criteria alone");
        }
        List<ClusterDesign.Rule> rules =
                ClusterDesign.rules(members, request.familyOverlap(), request.generalOverlap());
        List<ClusterDesign.Rule> independent = ClusterDesign.rules(members, 0, 0);
        List<RuleView> views = new ArrayList<>();
        for (int i = 0; i < rules.size(); i++) {
            ClusterDesign.Rule rule = rules.get(i);
            views.add(new RuleView(
                    rule.atLeast(),
                    worth(rule),
                    worth(independent.get(i)),
                    DoubleStream.of(BASE_RATES)
                            .mapToObj(p ->
                                    new FromBaseRate(p, posttest(p, rule.lrPositive()), posttest(p, rule.lrNegative())))
                            .toList()));
        }
        return new DesignView(
                members.stream()
                        .map(m -> new MemberFigures(
                                m.id(),
                                editions.catalogue().findingName(m.id()),
                                m.family(),
                                m.sensitivity(),
                                m.specificity()))
                        .toList(),
                members.stream().mapToInt(ClusterDesign.Member::points).sum(),
                views);
    }

    private static double posttest(double pretest, double ratio) {
        return Logit.inverse(Logit.of(pretest) + Math.log(ratio));
    }

    ClusterLine line(String id) {
        return line(editions.catalogue().cluster(id).orElseThrow());
    }

    private ClusterLine line(Cluster c) {
        Optional<ClusterRule.Points> points =
                c.rule() instanceof ClusterRule.Points rule ? Optional.of(rule) : Optional.empty();
        Optional<Double> atLeast = c.rule() instanceof ClusterRule.AtLeast rule
                ? Optional.of((double) rule.positives())
                : points.map(ClusterRule.Points::line);
        String rule = c.rule() instanceof ClusterRule.Nested nested
                ? RuleWords.of(nested.rule(), editions.catalogue())
                : null;
        List<Double> byCount = c.rule() instanceof ClusterRule.Strata strata
                ? strata.byCount().stream().map(ClusterRule.Stratum::lr).toList()
                : List.of();
        DepartmentSettings department = settings.current();
        Optional<Accuracy> own = evidence.ofCluster(c.id());
        return new ClusterLine(
                c.id(),
                c.name(),
                c.condition(),
                editions.catalogue()
                        .condition(c.condition())
                        .map(Condition::name)
                        .orElse(c.condition()),
                c.members().stream()
                        .map(m -> new MemberView(m, editions.catalogue().findingName(m), family(m)))
                        .toList(),
                atLeast.orElse(null),
                points.map(ClusterRule.Points::most).orElse(null),
                rule,
                byCount,
                c.citation().source(),
                c.citation().caution(),
                c.citation().designed(),
                c.fingerprint(),
                CheckView.of(editions.catalogue().signOff(c), false),
                own.map(ClusterService::worth).orElse(null),
                predicted(c, department).orElse(null),
                c.rulesInOnly(),
                ClusterCoherence.warnings(c, editions.catalogue(), evidence.current()));
    }

    private Optional<WorthView> predicted(Cluster c, DepartmentSettings department) {
        if (!(c.rule() instanceof ClusterRule.AtLeast rule)) {
            return Optional.empty();
        }
        List<ClusterDesign.Member> members = c.members().stream()
                .flatMap(m -> member(m, c.condition(), 1).stream())
                .toList();
        return members.size() < c.members().size()
                ? Optional.empty()
                : Optional.of(
                        worth(ClusterDesign.rules(members, department.familyOverlap(), department.generalOverlap())
                                .get(rule.positives() - 1)));
    }

    private Optional<ClusterDesign.Member> member(String criterion, String condition, int points) {
        return evidence.weighed(criterion, condition)
                .map(a -> new ClusterDesign.Member(
                        criterion, family(criterion), a.sensitivity(), a.specificity(), points));
    }

    private String family(String criterion) {
        return editions.catalogue().testOf(criterion).map(ClinicalTest::family).orElse(Finding.HISTORY_FAMILY);
    }

    private static WorthView worth(ClusterDesign.Rule rule) {
        return new WorthView(rule.sensitivity(), rule.specificity(), rule.lrPositive(), rule.lrNegative());
    }

    private static WorthView worth(Accuracy a) {
        return new WorthView(
                a.shown().sensitivity(),
                a.shown().specificity(),
                Math.exp(a.logPositiveRatio()),
                Math.exp(a.logNegativeRatio()));
    }
}
