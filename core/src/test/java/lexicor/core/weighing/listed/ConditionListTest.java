package lexicor.core.weighing.listed;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Complaint;
import lexicor.core.catalogue.Setting;
import lexicor.core.catalogue.packs.Shipped;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.evidence.HighBias;
import lexicor.core.examination.Findings;
import lexicor.core.examination.Outcome;
import lexicor.core.examination.Readings;
import lexicor.core.examination.Side;
import lexicor.core.weighing.School;
import lexicor.core.weighing.WeighedCondition;
import lexicor.core.weighing.Weighing;
import lexicor.core.weighing.input.BedsideCase;
import lexicor.core.weighing.input.Candidate;
import lexicor.core.weighing.input.Pretest;
import lexicor.core.weighing.input.WeighingSettings;
import lexicor.core.weighing.listed.ListedCondition.Group;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** The one list (method M18), whatever was found. */
class ConditionListTest {
    private static final Catalogue CATALOGUE = Shipped.CATALOGUE;
    private static final EvidenceBase EVIDENCE = EvidenceBase.of(CATALOGUE, HighBias.CORRECTED);

    private static final Map<Group, Integer> PARTS = Map.of(
            Group.WEIGHED, 0, Group.FOUND, 1, Group.RAISED, 2, Group.UNTOUCHED, 2, Group.FELL, 3, Group.NEGATIVE, 4);

    private static Findings some(Complaint complaint, Random random) {
        Findings findings = Findings.of(CATALOGUE, Readings.of(List.of()), Side.LEFT, Optional.empty(), Map.of());
        List<String> criteria = new ArrayList<>(CATALOGUE.tests().stream()
                .filter(t -> complaint.regions().contains(t.region()))
                .flatMap(t -> t.criterionIds().stream())
                .toList());
        Collections.shuffle(criteria, random);
        Outcome[] outcomes = {Outcome.POSITIVE, Outcome.NEGATIVE, Outcome.UNCLEAR};
        for (String id : criteria.subList(0, Math.min(random.nextInt(9), criteria.size()))) {
            findings = findings.with(id, outcomes[random.nextInt(3)]);
        }
        return findings;
    }

    @Property(tries = 60)
    void itIsWholeAndInItsOrder(@ForAll Random random) {
        Complaint complaint =
                CATALOGUE.complaints().get(random.nextInt(CATALOGUE.complaints().size()));
        List<Candidate> candidates = complaint.candidates().stream()
                .map(id -> CATALOGUE.condition(id).orElseThrow())
                .map(c -> Candidate.of(c, Pretest.of(complaint.startingRate(c, Setting.SPORTS)), List.of()))
                .toList();
        Findings findings = some(complaint, random);
        List<WeighedCondition> ranked = Weighing.rank(
                new BedsideCase(candidates, findings, Set.copyOf(complaint.regions()), Set.of())
                        .against(CATALOGUE, EVIDENCE, WeighingSettings.DEFAULT)
                        .withoutCandidates(),
                School.DEFAULT);
        List<ListedCondition> list = ConditionList.of(CATALOGUE, findings, candidates, ranked);
        assertThat(list).extracting(ListedCondition::id).containsExactlyInAnyOrderElementsOf(complaint.candidates());
        assertThat(list)
                .extracting(ListedCondition::place)
                .containsExactlyInAnyOrderElementsOf(
                        IntStream.rangeClosed(1, list.size()).boxed().toList());
        Map<String, WeighedCondition> byId =
                ranked.stream().collect(Collectors.toMap(WeighedCondition::id, Function.identity()));
        // A part stands under its whole, wherever that stands.
        List<ListedCondition> byThemselves =
                list.stream().filter(l -> l.under().isEmpty()).toList();
        for (int i = 1; i < byThemselves.size(); i++) {
            ListedCondition above = byThemselves.get(i - 1);
            ListedCondition below = byThemselves.get(i);
            assertThat(above.place()).isLessThan(below.place());
            int part = PARTS.get(above.group());
            assertThat(part).isLessThanOrEqualTo(PARTS.get(below.group()));
            if (part == PARTS.get(below.group()) && above.group() != Group.FOUND) {
                assertThat(byId.get(above.id()).posttest())
                        .isGreaterThanOrEqualTo(byId.get(below.id()).posttest());
            }
        }
        for (int i = 0; i < list.size(); i++) {
            Optional<String> whole = list.get(i).under();
            if (whole.isPresent()) {
                assertThat(list.subList(0, i)).extracting(ListedCondition::id).contains(whole.get());
            }
        }
    }
}
