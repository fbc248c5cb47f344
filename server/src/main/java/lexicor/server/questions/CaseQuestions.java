package lexicor.server.questions;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.evidence.Evidence;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.examination.Finding;
import lexicor.core.examination.Findings;
import lexicor.core.planning.ShortSequence;
import lexicor.core.weighing.Weighing;
import lexicor.core.weighing.advice.SeveralTests;
import lexicor.core.weighing.explain.Separation;
import lexicor.core.weighing.input.BedsideCase;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.WeighingSettings;
import lexicor.server.cases.CaseDoor;
import lexicor.server.cases.OpenCase;
import lexicor.server.cases.OpenCases;
import lexicor.server.problems.Refusal;
import lexicor.server.questions.Questions.Apart;
import lexicor.server.questions.Questions.ApartView;
import lexicor.server.questions.Questions.OneOnly;
import lexicor.server.questions.Questions.SequenceTest;
import lexicor.server.questions.Questions.SequenceView;
import lexicor.server.questions.Questions.Supposed;
import lexicor.server.questions.Questions.Supposition;
import lexicor.server.settings.OverlapLimits;
import lexicor.server.standing.Basis;
import lexicor.server.standing.Standings;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Answers what one can ask of a weighed case. Nothing of it is stored. */
@Service
class CaseQuestions {
    private static final double LONGEST_MINUTES = 60;

    private final CaseDoor door;
    private final OpenCases openCases;

    CaseQuestions(CaseDoor door, OpenCases openCases) {
        this.door = door;
        this.openCases = openCases;
    }

    /** Where the case would stand with the outcomes, suspicions and overlaps supposed. */
    @Transactional(readOnly = true)
    public Supposed suppose(String code, Supposition supposition) {
        if (supposition.outcomes() == null || supposition.suspicions() == null) {
            throw Refusal.field(
                    supposition.outcomes() == null ? "outcomes" : "suspicions",
                    "missing; expected an object, which may be empty");
        }
        OpenCase c = openCases.of(door.existing(code));
        checkSuspicions(c, supposition);
        BedsideCase suspected = c.suspecting(supposition.suspicions());
        Findings findings = suspected.findings();
        for (var supposed : supposition.outcomes().entrySet()) {
            if (supposed.getValue() == null) {
                throw Refusal.field(
                        "outcomes." + supposed.getKey(), "expected positive, negative, unclear or not-done");
            }
            findings = findings.with(criterion(supposed.getKey(), c.catalogue()), supposed.getValue());
        }
        BedsideCase changed =
                new BedsideCase(suspected.conditions(), findings, suspected.regions(), suspected.blocked());
        WeighingSettings settings = settings(supposition, c.basis());
        CaseToWeigh given = changed.against(c.catalogue(), c.basis().evidence(settings.highBias()), settings);
        return new Supposed(Standings.conditions(
                changed, c.basis(), Weighing.rank(given, c.basis().school())));
    }

    private static void checkSuspicions(OpenCase c, Supposition supposition) {
        for (String condition : supposition.suspicions().keySet()) {
            boolean known = c.record().candidates.stream().anyMatch(k -> k.condition.equals(condition));
            if (!known || supposition.suspicions().get(condition) == null) {
                throw Refusal.field(
                        "suspicions." + condition, "expected a candidate of the case and a step of suspicion");
            }
        }
    }

    private static WeighingSettings settings(Supposition supposition, Basis basis) {
        WeighingSettings settings = basis.department()
                .weighing(Optional.ofNullable(supposition.highBias()).or(basis::ofCase));
        double family = Optional.ofNullable(supposition.familyOverlap()).orElse(settings.familyOverlap());
        double general = Optional.ofNullable(supposition.generalOverlap()).orElse(settings.generalOverlap());
        OverlapLimits.check(family, general);
        double activation = Optional.ofNullable(supposition.crossActivation()).orElse(settings.crossActivation());
        if (!(activation >= 0 && activation <= WeighingSettings.MAX_CROSS_ACTIVATION)) {
            throw Refusal.field(
                    "crossActivation", "expected a number from 0 to " + WeighingSettings.MAX_CROSS_ACTIVATION);
        }
        double share = Optional.ofNullable(supposition.clusterShare()).orElse(settings.clusterShare());
        if (!(share >= 0 && share <= 1)) {
            throw Refusal.field("clusterShare", "expected a number from 0 to 1");
        }
        return settings.withOverlap(family, general).withDifferential(activation, share);
    }

    private static String criterion(String id, Catalogue catalogue) {
        boolean known = catalogue.criterion(id).isPresent()
                || catalogue.historyItem(id).filter(h -> h.finding()).isPresent();
        if (!known) {
            throw Refusal.field("outcomes." + id, "there is no such criterion");
        }
        return id;
    }

    /** How every criterion in the case's regions tells two conditions apart. */
    @Transactional(readOnly = true)
    public Apart apart(String code, String first, String second) {
        OpenCase c = openCases.of(door.existing(code));
        Catalogue catalogue = c.catalogue();
        EvidenceBase known = c.basis().evidence();
        for (String id : List.of(first, second)) {
            if (catalogue.condition(id).isEmpty()) {
                throw Refusal.field("condition", "there is no condition " + id);
            }
        }
        if (first.equals(second)) {
            throw Refusal.field("second", "expected another condition than the first");
        }
        List<ApartView> apart = new ArrayList<>();
        List<ApartView> alike = new ArrayList<>();
        List<OneOnly> oneOnly = new ArrayList<>();
        for (ClinicalTest test : catalogue.tests()) {
            for (String criterion : test.criterionIds()) {
                Optional<Separation> separation = Separation.of(known, criterion, first, second);
                separation.ifPresent(s -> (s.separates() ? apart : alike).add(view(s, test, c.bedside(), catalogue)));
                if (separation.isEmpty()) {
                    List.of(first, second).stream()
                            .filter(k -> known.of(criterion).get(k) instanceof Evidence.Weighable)
                            .forEach(k -> oneOnly.add(new OneOnly(criterion, catalogue.findingName(criterion), k)));
                }
            }
        }
        Comparator<ApartView> best =
                Comparator.comparingDouble(a -> -Math.max(Math.abs(a.positiveBits()), Math.abs(a.negativeBits())));
        apart.sort(best);
        alike.sort(best);
        return new Apart(apart, alike, oneOnly);
    }

    private static ApartView view(Separation s, ClinicalTest test, BedsideCase bedside, Catalogue catalogue) {
        return new ApartView(
                s.criterion(),
                catalogue.findingName(s.criterion()),
                test.id(),
                s.positiveBits(),
                s.negativeBits(),
                bedside.findings()
                        .of(s.criterion())
                        .filter(Finding::isDone)
                        .map(Finding::outcome)
                        .orElse(null),
                bedside.blocked().contains(test.id()));
    }

    /** The few tests that tell most within a time. */
    @Transactional(readOnly = true)
    public SequenceView sequence(String code, double minutes) {
        if (!(minutes > 0 && minutes <= LONGEST_MINUTES)) {
            throw Refusal.field("minutes", "expected more than 0 and at most 60");
        }
        OpenCase open = openCases.of(door.existing(code));
        Catalogue catalogue = open.catalogue();
        ShortSequence best = ShortSequence.of(
                catalogue,
                SeveralTests.of(open.toWeigh(), open.basis().school()),
                Standings.reachable(open.bedside(), catalogue, open.weighed()),
                open.findings().testsDone(catalogue),
                minutes);
        Set<String> counting = best.criteria().stream()
                .map(c -> catalogue.testOf(c).orElseThrow().id())
                .collect(Collectors.toSet());
        List<SequenceTest> tests = best.tests().stream()
                .map(id -> catalogue.test(id).orElseThrow())
                .map(t -> new SequenceTest(
                        t.id(), t.name(), t.position(), t.minutes(), t.provocation(), counting.contains(t.id())))
                .toList();
        return new SequenceView(tests, best.minutes(), best.gain());
    }
}
