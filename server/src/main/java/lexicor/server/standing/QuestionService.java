package lexicor.server.standing;

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
import lexicor.core.examination.Outcome;
import lexicor.core.planning.ShortSequence;
import lexicor.core.weighfile.WeighFile;
import lexicor.core.weighing.BedsideCase;
import lexicor.core.weighing.CaseToWeigh;
import lexicor.core.weighing.Explanation;
import lexicor.core.weighing.Separation;
import lexicor.core.weighing.Weighing;
import lexicor.core.weighing.WeighingSettings;
import lexicor.server.problems.Refusal;
import lexicor.server.settings.DepartmentSettings;
import lexicor.server.standing.Questions.Apart;
import lexicor.server.standing.Questions.ApartView;
import lexicor.server.standing.Questions.OneOnly;
import lexicor.server.standing.Questions.SequenceTest;
import lexicor.server.standing.Questions.SequenceView;
import lexicor.server.standing.Questions.Supposed;
import lexicor.server.standing.Questions.Supposition;
import org.springframework.stereotype.Service;
import tools.jackson.databind.JsonNode;

/** Answers what one can ask of a weighed case. */
@Service
public class QuestionService {
    private static final double LONGEST_MINUTES = 60;

    /**
     * Where the case would stand with the outcomes and overlaps supposed.
     *
     * @param bedside with the suspicions supposed
     */
    public Supposed suppose(BedsideCase bedside, Supposition supposition, Basis basis) {
        Findings findings = bedside.findings();
        for (var supposed : supposition.outcomes().entrySet()) {
            findings = findings.with(
                    criterion(supposed.getKey(), basis.catalogue()), outcome(supposed.getKey(), supposed.getValue()));
        }
        BedsideCase changed = new BedsideCase(bedside.conditions(), findings, bedside.regions(), bedside.precautions());
        Optional<String> way = Optional.ofNullable(supposition.highBias()).or(basis::ofCase);
        way.filter(w -> DepartmentSettings.highBias(w).isEmpty()).ifPresent(w -> {
            throw Refusal.field("highBias", "expected corrected, asPrinted or leftOut, found " + w);
        });
        WeighingSettings settings = basis.department().weighing(way);
        double family = Optional.ofNullable(supposition.familyOverlap()).orElse(settings.familyOverlap());
        double general = Optional.ofNullable(supposition.generalOverlap()).orElse(settings.generalOverlap());
        if (!(family >= 0 && family <= WeighingSettings.MAX_OVERLAP)) {
            throw Refusal.field("familyOverlap", "expected a number from 0 to " + WeighingSettings.MAX_OVERLAP);
        }
        if (!(general >= 0 && general <= family)) {
            throw Refusal.field("generalOverlap", "expected a number from 0 to the overlap within a family");
        }
        CaseToWeigh given = changed.against(
                basis.catalogue(), basis.evidence(settings.highBias()), settings.withOverlap(family, general));
        return new Supposed(Weighing.weigh(given, basis.school()).conditions().stream()
                .map(c -> StandingService.condition(c, basis.catalogue()))
                .toList());
    }

    private static String criterion(String id, Catalogue catalogue) {
        boolean known = catalogue.criterion(id).isPresent()
                || catalogue.historyItem(id).filter(h -> h.finding()).isPresent();
        if (!known) {
            throw Refusal.field("outcomes." + id, "there is no such criterion");
        }
        return id;
    }

    private static Outcome outcome(String id, String word) {
        for (Outcome outcome : Outcome.values()) {
            if (outcome.id().equals(word)) {
                return outcome;
            }
        }
        throw Refusal.field("outcomes." + id, "expected positive, negative or not-done, found " + word);
    }

    /** How every criterion in the case's regions tells two conditions apart. */
    public Apart apart(BedsideCase bedside, Basis basis, String first, String second) {
        Catalogue catalogue = basis.catalogue();
        EvidenceBase known = basis.evidence();
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
                separation.ifPresent(s -> (s.separates() ? apart : alike).add(view(s, test, bedside, catalogue)));
                if (separation.isEmpty()) {
                    List.of(first, second).stream()
                            .filter(c -> known.of(criterion).get(c) instanceof Evidence.Weighable)
                            .forEach(c -> oneOnly.add(new OneOnly(criterion, catalogue.findingName(criterion), c)));
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
                        .map(f -> f.outcome().id())
                        .orElse(null),
                test.contraindications().stream().anyMatch(bedside.precautions()::contains));
    }

    /** The few tests that tell most within a time. */
    public SequenceView sequence(BedsideCase bedside, Basis basis, double minutes) {
        if (!(minutes > 0 && minutes <= LONGEST_MINUTES)) {
            throw Refusal.field("minutes", "expected more than 0 and at most 60");
        }
        Catalogue catalogue = basis.catalogue();
        CaseToWeigh given = StandingService.given(bedside, basis);
        ShortSequence best = ShortSequence.of(
                catalogue,
                Explanation.of(given, basis.school()),
                StandingService.reachable(bedside, catalogue, Weighing.weigh(given, basis.school())),
                bedside.findings().testsDone(catalogue),
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

    /** The case as a self-contained file. */
    public JsonNode file(BedsideCase bedside, Basis basis) {
        return WeighFile.write(StandingService.given(bedside, basis), basis.catalogue(), basis.evidence());
    }
}
