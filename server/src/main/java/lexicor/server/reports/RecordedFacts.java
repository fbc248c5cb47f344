package lexicor.server.reports;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.examination.Outcome;
import lexicor.core.examination.Place;
import lexicor.core.examination.Readings;
import lexicor.core.examination.Side;
import lexicor.core.examination.TestWording;
import lexicor.core.examination.Wording;
import lexicor.core.weighing.Status;
import lexicor.core.weighing.model.Item;
import lexicor.server.casefiles.WholeCases.WholeCase;
import lexicor.server.cases.CaseViews.FindingView;
import lexicor.server.reports.ReportViews.Table;
import lexicor.server.standing.Standing.ConditionStanding;
import lexicor.server.standing.Weighed.LedgerRowView;

/** What was seen and felt, as it was recorded, and what became of it. */
final class RecordedFacts {
    private static final Set<Status> WEIGHED =
            Set.of(Status.COUNTED, Status.SUPERSEDED, Status.SET_ASIDE, Status.SAME_TEST, Status.SHARES_TESTS);

    private final WholeCase given;
    private final Catalogue catalogue;
    private final Readings readings;
    private final Side involved;

    RecordedFacts(WholeCase given) {
        this.given = given;
        catalogue = given.catalogue();
        readings = given.readings();
        involved = given.view().intake().involvedSide();
    }

    /** Every place of every test with what was recorded on both sides, and what its criteria came to on the affected side. */
    Table findings() {
        List<List<String>> rows = new ArrayList<>();
        for (ClinicalTest test : catalogue.tests()) {
            for (String at : test.places()) {
                String own = told(test, at, involved);
                String other = told(test, at, involved.other());
                if (!own.isEmpty() || !other.isEmpty()) {
                    rows.add(List.of(name(test, at), sentence(own) + outcomes(test, at), other));
                }
            }
        }
        return new Table(List.of("Test", Words.capital(involved.id()) + ", affected side", "Other side"), rows);
    }

    private static String sentence(String told) {
        return told.isEmpty() ? "" : Words.sentence(Words.capital(told));
    }

    private String told(ClinicalTest test, String at, Side side) {
        return TestWording.of(test, catalogue).told(at, readings.at(new Place(test.id(), at, side)));
    }

    private static String name(ClinicalTest test, String at) {
        String place = test.placeLabel(at);
        return test.places().size() > 1 && !place.isEmpty()
                ? test.name() + ", " + Wording.midSentence(place)
                : test.name();
    }

    /** The outcomes of the criteria at a place, the same ones together: positive, negative, then what is unclear and why. */
    private String outcomes(ClinicalTest test, String at) {
        Map<Outcome, List<String>> byOutcome = new LinkedHashMap<>();
        for (Outcome outcome : List.of(Outcome.POSITIVE, Outcome.NEGATIVE, Outcome.UNCLEAR)) {
            byOutcome.put(outcome, new ArrayList<>());
        }
        given.view().examination().findings().stream()
                .filter(f -> f.side() == involved && f.test().equals(test.id()))
                .filter(f -> f.outcome() != Outcome.NOT_DONE)
                .filter(f ->
                        catalogue.criterion(f.criterion()).orElseThrow().at().equals(at))
                .forEach(f -> byOutcome
                        .get(f.outcome())
                        .add(Wording.midSentence(f.label())
                                + (f.outcome() == Outcome.UNCLEAR ? " (" + f.reason() + ")" : "")));
        return byOutcome.entrySet().stream()
                .filter(e -> !e.getValue().isEmpty())
                .map(e -> " " + Words.capital(e.getKey().id()) + ": " + String.join("; ", e.getValue()) + ".")
                .collect(Collectors.joining());
    }

    /** The outcomes on the affected side in words, each with what decided it. */
    List<String> named(Outcome outcome) {
        return given.view().examination().findings().stream()
                .filter(f -> f.side() == involved && f.outcome() == outcome)
                .map(f -> catalogue.findingName(f.criterion()) + (f.reason().isEmpty() ? "" : " (" + f.reason() + ")"))
                .toList();
    }

    /** What the patient reports, as answered. */
    List<String> told() {
        List<String> lines = new ArrayList<>();
        for (boolean answer : new boolean[] {true, false}) {
            List<String> asked = catalogue.history().stream()
                    .filter(h -> Optional.of(answer)
                            .equals(Optional.ofNullable(
                                    given.view().intake().answers().get(h.id()))))
                    .map(h -> Wording.midSentence(h.ask()))
                    .toList();
            if (!asked.isEmpty()) {
                lines.add((answer ? "Yes: " : "No: ") + String.join("; ", asked) + ".");
            }
        }
        return lines;
    }

    /** Findings that no candidate was weighed by, and why. */
    List<String> notWeighed() {
        Map<String, LedgerRowView> rows = new LinkedHashMap<>();
        Set<String> weighed = new LinkedHashSet<>();
        given.weighed().ledgers().values().forEach(ledger -> ledger.stream()
                .filter(r -> r.kind() == Item.Kind.FINDING)
                .forEach(r -> {
                    if (WEIGHED.contains(r.status())) {
                        weighed.add(r.id());
                    } else if (!rows.containsKey(r.id()) || rows.get(r.id()).status() == Status.NO_DATA) {
                        rows.put(r.id(), r);
                    }
                }));
        rows.keySet().removeAll(weighed);
        Map<String, List<String>> byReason = new LinkedHashMap<>();
        rows.values().forEach(r -> {
            boolean unclear = r.result().equals(Outcome.UNCLEAR.id());
            String reason = unclear
                    ? "Unclear"
                    : r.status() == Status.NO_DATA ? "No published figures for any candidate" : r.sentence();
            String words = r.name() + (unclear ? "" : " " + r.result());
            byReason.computeIfAbsent(reason, k -> new ArrayList<>()).add(words);
        });
        return byReason.entrySet().stream()
                .map(e -> e.getKey().replaceFirst("\\.$", "") + ": " + String.join("; ", e.getValue()) + ".")
                .toList();
    }

    /** The clusters that are decided, with their count, and the case definitions that are met or not. */
    List<String> decided() {
        List<String> lines = new ArrayList<>();
        given.weighed().ledgers().values().forEach(ledger -> ledger.stream()
                .filter(r -> r.kind() == Item.Kind.CLUSTER && r.status() != Status.OPEN)
                .filter(r -> !r.result().equals("open"))
                .forEach(r -> lines.add(r.name() + ": " + r.reason()
                        + (r.result().matches("\\d+") ? "" : "; " + r.result()) + ". " + r.sentence())));
        for (ConditionStanding c : given.weighed().standing().conditions()) {
            c.definitions().stream()
                    .filter(d -> d.met() > 0 || d.state() == lexicor.core.examination.DefinitionState.State.NOT_MET)
                    .forEach(d ->
                            lines.add(c.name() + ": " + d.words() + (d.note().isEmpty() ? "" : " " + d.note())));
        }
        return lines;
    }

    /** The tests of this visit on the affected side by what they came to: any criterion positive, or all negative. */
    List<String> tests(boolean positive) {
        Map<String, List<FindingView>> byTest = given.view().examination().findings().stream()
                .filter(f -> f.side() == involved && f.outcome() != Outcome.NOT_DONE)
                .collect(Collectors.groupingBy(FindingView::test, LinkedHashMap::new, Collectors.toList()));
        return byTest.entrySet().stream()
                .filter(e -> positive
                        ? e.getValue().stream().anyMatch(f -> f.outcome() == Outcome.POSITIVE)
                        : e.getValue().stream().allMatch(f -> f.outcome() == Outcome.NEGATIVE))
                .map(e -> catalogue.test(e.getKey()).orElseThrow().name())
                .toList();
    }
}
