package lexicor.server.outcomes.learned;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import lexicor.core.catalogue.packs.SpreadsheetText;
import lexicor.core.document.Table;
import lexicor.server.outcomes.learned.LearnedViews.AccuracyList;
import lexicor.server.outcomes.learned.LearnedViews.AgreementView;
import lexicor.server.outcomes.learned.LearnedViews.ForesightView;
import lexicor.server.outcomes.learned.LearnedViews.OwnRow;
import lexicor.server.outcomes.learned.LearnedViews.RateList;

/** What was learned as tables for a spreadsheet: with a count under five, a row tells that alone and nothing to work it out from. */
final class LearnedCsv {
    private LearnedCsv() {}

    static String accuracy(AccuracyList list) {
        return Table.write(
                List.of(
                        "of",
                        "name",
                        "condition",
                        "tp",
                        "fn",
                        "fp",
                        "tn",
                        "positive not verified",
                        "negative not verified",
                        "sensitivity",
                        "low",
                        "high",
                        "specificity",
                        "low",
                        "high",
                        "positive ratio",
                        "low",
                        "high",
                        "negative ratio",
                        "low",
                        "high",
                        "corrected sensitivity",
                        "low",
                        "high",
                        "corrected specificity",
                        "low",
                        "high"),
                list.rows().stream().map(LearnedCsv::row).toList());
    }

    private static List<String> row(OwnRow r) {
        List<String> row = new ArrayList<>(
                List.of(r.of(), SpreadsheetText.guarded(r.name()), SpreadsheetText.guarded(r.conditionName())));
        // One hidden cell could be worked out from the others, so all of them go together.
        for (int n : new int[] {r.tp(), r.fn(), r.fp(), r.tn()}) {
            row.add(r.mayLeave() ? Integer.toString(n) : SmallNumbers.HIDDEN);
        }
        row.add(r.mayLeave() ? SmallNumbers.count(r.positiveOnly()) : "");
        row.add(r.mayLeave() ? SmallNumbers.count(r.negativeOnly()) : "");
        for (LearnedViews.FigureView f :
                Arrays.asList(r.sensitivity(), r.specificity(), r.positiveRatio(), r.negativeRatio())) {
            row.addAll(Arrays.asList(SmallNumbers.cells(f, r.mayLeave())));
        }
        // How many were not verified could be worked out from these.
        boolean corrected = r.mayLeave() && SmallNumbers.mayLeave(r.positiveOnly(), r.negativeOnly());
        row.addAll(Arrays.asList(SmallNumbers.cells(r.correctedSensitivity(), corrected)));
        row.addAll(Arrays.asList(SmallNumbers.cells(r.correctedSpecificity(), corrected)));
        return row;
    }

    static String rates(RateList list) {
        return Table.write(
                List.of(
                        "complaint",
                        "setting",
                        "condition",
                        "starting value",
                        "in force",
                        "known",
                        "present",
                        "learned",
                        "low",
                        "high"),
                list.rows().stream()
                        .map(r -> {
                            boolean mayLeave = SmallNumbers.mayLeave(r.present(), r.known() - r.present());
                            List<String> row = new ArrayList<>(List.of(
                                    SpreadsheetText.guarded(r.complaintName()),
                                    r.setting().id(),
                                    SpreadsheetText.guarded(r.conditionName()),
                                    SmallNumbers.number(r.start()),
                                    SmallNumbers.number(r.inForce()),
                                    mayLeave ? Integer.toString(r.known()) : SmallNumbers.HIDDEN,
                                    mayLeave ? Integer.toString(r.present()) : SmallNumbers.HIDDEN));
                            row.addAll(Arrays.asList(SmallNumbers.cells(r.rate(), mayLeave)));
                            return row;
                        })
                        .toList());
    }

    static String foresight(ForesightView view) {
        List<List<String>> rows = new ArrayList<>();
        if (view.enough()) {
            view.schools().forEach(s -> {
                List<String> row =
                        new ArrayList<>(List.of("way to weigh", s.school().id(), "", SmallNumbers.number(s.brier())));
                row.addAll(Arrays.asList(SmallNumbers.cells(s.area(), true)));
                row.addAll(Arrays.asList(SmallNumbers.cells(s.behind(), true)));
                rows.add(row);
            });
            view.program().conditions().forEach(c -> {
                long had = Math.round(c.was() * c.predictions());
                boolean mayLeave = SmallNumbers.mayLeave(had, c.predictions() - had);
                rows.add(List.of(
                        "condition",
                        SpreadsheetText.guarded(c.name()),
                        mayLeave ? Integer.toString(c.predictions()) : SmallNumbers.HIDDEN,
                        mayLeave ? SmallNumbers.number(c.brier()) : "",
                        mayLeave ? SmallNumbers.number(c.said()) : "",
                        mayLeave ? SmallNumbers.number(c.was()) : "",
                        "",
                        "",
                        "",
                        ""));
            });
        }
        return Table.write(
                List.of(
                        "kind",
                        "of",
                        "predictions",
                        "brier",
                        "area, or said",
                        "low, or was",
                        "high",
                        "behind the best",
                        "low",
                        "high"),
                rows);
    }

    static String agreement(AgreementView view) {
        List<List<String>> rows = new ArrayList<>();
        view.criteria().forEach(c -> {
            boolean mayLeave = !c.small();
            List<String> row = new ArrayList<>(List.of(
                    "criterion",
                    SpreadsheetText.guarded(c.name()),
                    SmallNumbers.count(c.both() + c.first() + c.second() + c.neither()),
                    mayLeave ? SmallNumbers.number(c.observed()) : ""));
            row.addAll(Arrays.asList(SmallNumbers.cells(c.kappa(), mayLeave)));
            row.addAll(Arrays.asList(SmallNumbers.cells(c.adjusted(), mayLeave)));
            row.addAll(List.of("", "", ""));
            rows.add(row);
        });
        view.measures().forEach(m -> {
            List<String> row = new ArrayList<>(List.of(
                    "measure",
                    SpreadsheetText.guarded(m.name()),
                    SmallNumbers.count(m.patients()),
                    "",
                    "",
                    "",
                    "",
                    "",
                    "",
                    ""));
            row.addAll(Arrays.asList(SmallNumbers.cells(m.icc(), m.used())));
            row.set(3, m.used() ? SmallNumbers.number(m.smallestRealChange()) : "");
            rows.add(row);
        });
        return Table.write(
                List.of(
                        "kind",
                        "of",
                        "patients",
                        "agreed, or smallest real change",
                        "kappa",
                        "low",
                        "high",
                        "adjusted kappa",
                        "low",
                        "high",
                        "icc",
                        "low",
                        "high"),
                rows);
    }
}
