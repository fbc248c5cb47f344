package lexicor.core.textbook;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Complaint;
import lexicor.core.catalogue.Presentation;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.examination.Finding;
import lexicor.core.examination.Findings;
import lexicor.core.examination.Outcome;
import lexicor.core.examination.Readings;
import lexicor.core.examination.Side;
import lexicor.core.planning.RaisedWarnings;
import lexicor.core.textbook.TextbookPatient.Expected;
import lexicor.core.weighing.School;
import lexicor.core.weighing.Verdict;
import lexicor.core.weighing.WeighedCondition;
import lexicor.core.weighing.Weighing;
import lexicor.core.weighing.input.BedsideCase;
import lexicor.core.weighing.input.Candidate;
import lexicor.core.weighing.input.Pretest;
import lexicor.core.weighing.input.Suspicion;
import lexicor.core.weighing.input.WeighingSettings;
import lexicor.core.weighing.listed.ConditionList;
import lexicor.core.weighing.listed.ListedCondition;

/**
 * How a textbook patient is read.
 *
 * @param lines every candidate in the order of the list
 * @param failures what the list was expected to look like and does not, as sentences; empty where it is as expected
 */
public record TextbookReading(TextbookPatient patient, List<Line> lines, List<String> failures) {
    /** A candidate with where it began and stands. */
    public record Line(String condition, double pretest, double posttest, Verdict verdict) {}

    /** The patient weighed by a content's figures. */
    public static TextbookReading of(
            TextbookPatient patient,
            Catalogue catalogue,
            EvidenceBase evidence,
            WeighingSettings settings,
            School school) {
        Complaint complaint = catalogue.complaint(patient.complaint()).orElseThrow();
        Map<String, Boolean> answers = new HashMap<>();
        patient.marks().forEach((id, yes) -> {
            if (catalogue.historyItem(id).isPresent()) {
                answers.put(id, yes);
            }
        });
        Findings findings = Findings.of(catalogue, Readings.of(List.of()), Side.RIGHT, patient.age(), answers);
        for (Map.Entry<String, Boolean> mark : patient.marks().entrySet()) {
            if (catalogue.criterion(mark.getKey()).isPresent()) {
                findings = findings.with(new Finding(
                        mark.getKey(),
                        mark.getValue() ? Outcome.POSITIVE : Outcome.NEGATIVE,
                        "",
                        patient.assumed().contains(mark.getKey())));
            }
        }
        boolean injured = RaisedWarnings.injured(catalogue, new Presentation(List.of(complaint)), answers);
        List<Candidate> candidates = complaint.candidates().stream()
                .map(id -> catalogue.condition(id).orElseThrow())
                .filter(c -> injured || !c.traumaOnly())
                .map(c -> Candidate.of(
                        c,
                        Pretest.of(
                                catalogue.ages(),
                                c.id(),
                                complaint.startingRate(c, patient.setting()),
                                patient.age(),
                                patient.sex(),
                                Suspicion.AS_USUAL),
                        catalogue.relations().settledBefore(c.id())))
                .toList();
        BedsideCase bedside = new BedsideCase(candidates, findings, Set.copyOf(complaint.regions()), Set.of());
        List<WeighedCondition> ranked =
                Weighing.rank(bedside.against(catalogue, evidence, settings).withoutCandidates(), school);
        Map<String, WeighedCondition> byId =
                ranked.stream().collect(Collectors.toMap(WeighedCondition::id, Function.identity()));
        Map<Integer, Line> lines = new LinkedHashMap<>();
        for (ListedCondition l : ConditionList.of(catalogue, findings, candidates, ranked)) {
            WeighedCondition c = byId.get(l.id());
            lines.put(l.place(), new Line(l.id(), c.pretest(), c.posttest(), c.verdict()));
        }
        List<Line> inOrder = lines.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(Map.Entry::getValue)
                .toList();
        return new TextbookReading(patient, inOrder, new Check(inOrder).failures(patient.expected()));
    }

    /** Holds the list against what is expected of it. */
    private record Check(List<Line> lines) {
        List<String> failures(Expected expected) {
            List<String> failures = new ArrayList<>();
            expected.first()
                    .filter(c -> place(c) != 1)
                    .ifPresent(c -> failures.add(c + " is expected first, and stands " + words(place(c))));
            expected.within().forEach((c, most) -> {
                if (place(c) > most) {
                    failures.add(c + " is expected among the first " + most + ", and stands " + words(place(c)));
                }
            });
            for (List<String> pair : expected.above()) {
                if (place(pair.get(0)) > place(pair.get(1))) {
                    failures.add(pair.get(0) + " is expected above " + pair.get(1) + ", and stands below it");
                }
            }
            expected.act().forEach(c -> verdict(c, failures, true));
            expected.notAct().forEach(c -> verdict(c, failures, false));
            expected.raised().forEach(c -> moved(c, failures, true));
            expected.lowered().forEach(c -> moved(c, failures, false));
            return List.copyOf(failures);
        }

        private int place(String condition) {
            for (int i = 0; i < lines.size(); i++) {
                if (lines.get(i).condition().equals(condition)) {
                    return i + 1;
                }
            }
            return Integer.MAX_VALUE;
        }

        private static String words(int place) {
            return place == Integer.MAX_VALUE ? "nowhere" : "at place " + place;
        }

        private Optional<Line> line(String condition) {
            return lines.stream().filter(l -> l.condition().equals(condition)).findFirst();
        }

        private void verdict(String condition, List<String> failures, boolean act) {
            Optional<Verdict> verdict = line(condition).map(Line::verdict);
            boolean acts = verdict.filter(v -> v == Verdict.ACT || act && v == Verdict.SETTLE_FIRST)
                    .isPresent();
            if (acts != act) {
                failures.add(condition + " is expected " + (act ? "" : "not ") + "to be acted on, and reads "
                        + verdict.map(Verdict::words).orElse("nothing"));
            }
        }

        private void moved(String condition, List<String> failures, boolean up) {
            Optional<Line> line = line(condition);
            boolean moved = line.filter(l -> up ? l.posttest() > l.pretest() : l.posttest() < l.pretest())
                    .isPresent();
            if (!moved) {
                failures.add(String.format(
                        Locale.ROOT,
                        "%s is expected %s where it began, and stands at %s",
                        condition,
                        up ? "above" : "below",
                        line.map(l -> String.format(Locale.ROOT, "%.3f of %.3f", l.posttest(), l.pretest()))
                                .orElse("nothing")));
            }
        }
    }
}
