package lexicor.core.weighing.input;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Criterion;
import lexicor.core.catalogue.HistoryItem;
import lexicor.core.catalogue.Relations.Kin;
import lexicor.core.catalogue.published.Cluster;
import lexicor.core.evidence.Evidence;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.examination.Finding;
import lexicor.core.examination.Findings;
import lexicor.core.examination.Outcome;

/**
 * Brings together what was found in one patient and what is known of it.
 *
 * @param conditions the candidates with their pretests and lines
 * @param regions where tests may still be offered
 * @param blocked tests that must not be done; they are not offered
 */
public record BedsideCase(List<Candidate> conditions, Findings findings, Set<String> regions, Set<String> blocked) {

    /** The case with the catalogue's clusters and figures, ready to weigh. */
    public CaseToWeigh against(Catalogue catalogue, EvidenceBase evidence, WeighingSettings settings) {
        return toWeigh(catalogue, evidence, settings, offered(catalogue, evidence, weighed()));
    }

    /** The same with the questions that are not answered yet in the place of tests: what each would tell (methods M10, M25). */
    public CaseToWeigh askedOf(Catalogue catalogue, EvidenceBase evidence, WeighingSettings settings) {
        return toWeigh(catalogue, evidence, settings, asked(catalogue, evidence, weighed()));
    }

    private Set<String> weighed() {
        return conditions.stream().map(Candidate::id).collect(Collectors.toSet());
    }

    private CaseToWeigh toWeigh(
            Catalogue catalogue, EvidenceBase evidence, WeighingSettings settings, List<OfferedTest> offered) {
        Set<String> weighed = weighed();
        List<RecordedFinding> recorded = findings.done().stream()
                .map(f -> recorded(f, catalogue, evidence))
                .toList();
        List<RecordedCluster> clusters = catalogue.clusters().stream()
                .filter(c -> weighed.contains(c.condition()))
                .map(c -> cluster(c, evidence))
                .toList();
        List<Kin> kin = catalogue.relations().kin().stream()
                .filter(k -> weighed.contains(k.whole()) && weighed.contains(k.part()))
                .toList();
        return new CaseToWeigh(settings, conditions, recorded, clusters, offered, kin);
    }

    private static RecordedFinding recorded(Finding finding, Catalogue catalogue, EvidenceBase evidence) {
        String id = finding.criterion();
        Optional<ClinicalTest> test = catalogue.testOf(id);
        return new RecordedFinding(
                id,
                test.map(ClinicalTest::id).orElse(id),
                test.map(ClinicalTest::family).orElse(Finding.HISTORY_FAMILY),
                result(finding.outcome()),
                test.isPresent() ? evidence.of(id) : told(id, catalogue, evidence),
                test.map(t -> catalogue.provokes().conditionsOf(t, id)).orElse(Set.of()),
                test.flatMap(t -> t.particulars().nerve()),
                catalogue.criterion(id).map(Criterion::reads).orElse(Set.of()),
                finding.assumed());
    }

    /** What is known of an answer; not again for a condition whose pretest the age has moved already (method M25). */
    private static Map<String, Evidence> told(String id, Catalogue catalogue, EvidenceBase evidence) {
        Map<String, Evidence> known = evidence.of(id);
        if (catalogue.historyItem(id).filter(HistoryItem::fromAgeBand).isEmpty()) {
            return known;
        }
        Map<String, Evidence> left = new HashMap<>(known);
        left.keySet().removeAll(catalogue.ages().ages().keySet());
        return left;
    }

    private static Result result(Outcome outcome) {
        return switch (outcome) {
            case POSITIVE -> Result.POSITIVE;
            case NEGATIVE -> Result.NEGATIVE;
            case UNCLEAR, NOT_DONE -> Result.UNCLEAR;
        };
    }

    private static RecordedCluster cluster(Cluster c, EvidenceBase evidence) {
        Map<String, Evidence> known =
                evidence.ofCluster(c.id()).map(e -> Map.of(c.condition(), e)).orElse(Map.of());
        return new RecordedCluster(c.id(), c.condition(), c.members(), c.rule(), known, c.rulesInOnly());
    }

    /** Every question that tells something of a candidate and has no answer yet. */
    private List<OfferedTest> asked(Catalogue catalogue, EvidenceBase evidence, Set<String> weighed) {
        return catalogue.history().stream()
                .filter(h -> !h.fromAgeBand() && findings.answerTo(h.id()).isEmpty())
                .map(HistoryItem::id)
                .filter(id -> evidence.of(id).keySet().stream().anyMatch(weighed::contains))
                .map(id -> new OfferedTest(id, id, Finding.HISTORY_FAMILY, 0, false, evidence.of(id)))
                .toList();
    }

    /** Every criterion in the regions that tells something of a candidate and has no clear result yet. */
    private List<OfferedTest> offered(Catalogue catalogue, EvidenceBase evidence, Set<String> weighed) {
        Set<String> answered = new HashSet<>();
        findings.all().stream()
                .filter(f -> f.outcome() == Outcome.POSITIVE || f.outcome() == Outcome.NEGATIVE)
                .forEach(f -> answered.add(f.criterion()));
        List<OfferedTest> offered = new ArrayList<>();
        for (ClinicalTest test : catalogue.tests()) {
            for (Criterion criterion : test.criteria()) {
                Map<String, Evidence> known = evidence.of(criterion.id());
                boolean tells = known.keySet().stream().anyMatch(weighed::contains);
                if (regions.contains(test.region()) && tells && !answered.contains(criterion.id())) {
                    offered.add(new OfferedTest(
                            criterion.id(),
                            test.id(),
                            test.family(),
                            test.minutes(),
                            blocked.contains(test.id()),
                            known,
                            catalogue.provokes().conditionsOf(test, criterion.id()),
                            criterion.reads(),
                            false));
                }
            }
        }
        return offered;
    }
}
