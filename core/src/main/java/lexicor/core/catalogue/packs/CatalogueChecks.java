package lexicor.core.catalogue.packs;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Complaint;
import lexicor.core.catalogue.Condition;
import lexicor.core.catalogue.Content;
import lexicor.core.catalogue.CountHabit;
import lexicor.core.catalogue.Criterion;
import lexicor.core.catalogue.Definition;
import lexicor.core.catalogue.HistoryItem;
import lexicor.core.catalogue.Ladder;
import lexicor.core.catalogue.Measure;
import lexicor.core.catalogue.MeasureList;
import lexicor.core.catalogue.Precaution;
import lexicor.core.catalogue.Raising;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.catalogue.Relations;
import lexicor.core.catalogue.StageRule;
import lexicor.core.catalogue.TestSet;
import lexicor.core.catalogue.VisitCore;
import lexicor.core.catalogue.WarningSign;
import lexicor.core.catalogue.figures.BodyMap;
import lexicor.core.catalogue.figures.Figure;
import lexicor.core.catalogue.figures.Movement;
import lexicor.core.catalogue.figures.PlaceMap;
import lexicor.core.catalogue.published.AccuracyRow;
import lexicor.core.catalogue.published.Cluster;
import lexicor.core.catalogue.published.JudgedSign;
import lexicor.core.document.Problems;

/** Checks that no entry names another that does not exist, and that no id is given twice, across all packs. */
final class CatalogueChecks {
    private final Content content;
    private final Problems problems;
    private final Set<String> tests;
    private final Set<String> conditions;
    private final Set<String> criteria;
    private final Set<String> answers;
    private final Set<String> warnings;
    private final Set<String> precautions;

    CatalogueChecks(Content content, Problems problems) {
        this.content = content;
        this.problems = problems;
        tests = ids(Packs.CATALOGUE, "tests", content.tests, ClinicalTest::id);
        conditions = ids(Packs.CONDITIONS, "conditions", content.conditions, Condition::id);
        criteria = ids(
                Packs.CATALOGUE,
                "criteria",
                content.tests.stream().flatMap(t -> t.criteria().stream()).toList(),
                Criterion::id);
        warnings = ids(Packs.CONDITIONS, "warnings", content.warnings, WarningSign::id);
        precautions = content.precautions.stream().map(Precaution::id).collect(Collectors.toSet());
        answers = new HashSet<>(criteria);
        content.history.forEach(h -> answers.add(h.id()));
    }

    void run() {
        ids(Packs.CONDITIONS, "complaints", content.complaints, Complaint::id);
        ids(Packs.CONDITIONS, "ladders", content.ladders, Ladder::id);
        ids(Packs.PRECAUTIONS, "precautions", content.precautions, Precaution::id);
        checkSafety();
        checkCore();
        ids(Packs.DEFINITIONS, "definitions", content.definitions, Definition::id);
        ids(Packs.CLUSTERS, "clusters", content.clusters, Cluster::id);
        ids(Packs.CLUSTERS, "counts", content.counts, CountHabit::id);
        ids(Packs.HISTORY, "items", content.history, HistoryItem::id);
        for (ClinicalTest t : content.tests) {
            checkTest(t);
        }
        content.provokes.byFamily().forEach((family, named) -> {
            known(Packs.PROVOKES, "families", "family of tests", List.of(family), families());
            known(Packs.PROVOKES, "families." + family, "condition", named, conditions);
        });
        content.provokes.byTest().forEach((test, named) -> {
            known(Packs.PROVOKES, "tests", "test", List.of(test), tests);
            known(Packs.PROVOKES, "tests." + test, "condition", named, conditions);
        });
        content.provokes.byCriterion().forEach((criterion, named) -> {
            known(Packs.PROVOKES, "criteria", "criterion", List.of(criterion), criteria);
            known(Packs.PROVOKES, "criteria." + criterion, "condition", named, conditions);
        });
        for (Definition d : content.definitions) {
            String path = "definitions." + d.id();
            known(Packs.DEFINITIONS, path + ".condition", "condition", List.of(d.condition()), conditions);
            known(
                    Packs.DEFINITIONS,
                    path + ".rule",
                    "criterion or question",
                    d.rule().findings().toList(),
                    answers);
        }
        ids(Packs.FIGURES, "figures", content.figures.tests(), Figure::id);
        known(
                Packs.FIGURES,
                "figures",
                "test",
                content.figures.tests().stream().map(Figure::id).toList(),
                tests);
        ids(Packs.FIGURES, "maps", content.figures.maps(), m -> m.drawn().id());
        content.figures
                .maps()
                .forEach(m -> known(
                        Packs.FIGURES,
                        "maps." + m.drawn().id() + ".marks",
                        "test",
                        m.marks().stream().map(PlaceMap.Mark::test).toList(),
                        tests));
        known(
                Packs.FIGURES,
                "movements",
                "test",
                content.figures.movements().stream().map(Movement::test).toList(),
                tests);
        known(Packs.EXAMINES, "families", "family of tests", content.examines.keySet(), families());
        content.examines.forEach(
                (family, named) -> known(Packs.EXAMINES, "families." + family, "condition", named, conditions));
        if (content.measures != null) {
            checkMeasures(content.measures);
        }
        Set<String> areas = ids(
                Packs.FIGURES,
                "body.areas",
                content.figures.body().stream().flatMap(m -> m.areas().stream()).toList(),
                BodyMap.Area::id);
        for (Complaint c : content.complaints) {
            known(Packs.CONDITIONS, "complaints." + c.id() + ".candidates", "condition", c.candidates(), conditions);
            known(Packs.CONDITIONS, "complaints." + c.id() + ".also", "test", c.also(), tests);
            // Without drawings there is nowhere to tap where it hurts.
            if (!areas.isEmpty()) {
                known(Packs.CONDITIONS, "complaints." + c.id() + ".hurts", "area of the body", c.hurts(), areas);
            }
            known(
                    Packs.CONDITIONS,
                    "complaints." + c.id() + ".pretests",
                    "condition",
                    c.pretests().keySet(),
                    conditions);
        }
        content.ladders.forEach(this::checkLadder);
        for (Cluster c : content.clusters) {
            known(Packs.CLUSTERS, "clusters." + c.id() + ".condition", "condition", List.of(c.condition()), conditions);
            known(Packs.CLUSTERS, "clusters." + c.id() + ".members", "criterion or question", c.members(), answers);
        }
        for (CountHabit c : content.counts) {
            known(Packs.CLUSTERS, "counts." + c.id() + ".condition", "condition", List.of(c.condition()), conditions);
            known(Packs.CLUSTERS, "counts." + c.id() + ".members", "criterion", c.members(), criteria);
        }
        for (HistoryItem h : content.history) {
            known(Packs.HISTORY, "items." + h.id() + ".complaints", "complaint", h.complaints(), complaints());
            known(
                    Packs.HISTORY,
                    "items." + h.id() + ".excludes",
                    "question",
                    h.excludes(),
                    content.history.stream().map(HistoryItem::id).collect(Collectors.toSet()));
            known(
                    Packs.HISTORY,
                    "items." + h.id() + ".notches",
                    "condition",
                    h.notches().keySet(),
                    conditions);
        }
        checkJudged();
        checkRelations();
        Set<AccuracyRow.Key> studies = new HashSet<>();
        for (AccuracyRow row : content.accuracy) {
            String entry = row.criterion() + ", " + row.condition() + ", " + row.source() + " " + row.year();
            known(Packs.ACCURACY, entry + ".criterion", "criterion or question", List.of(row.criterion()), answers);
            known(Packs.ACCURACY, entry + ".condition", "condition", List.of(row.condition()), conditions);
            if (!studies.add(row.key())) {
                problems.add(Packs.ACCURACY, entry + ".source", "this study is given twice for the pair");
            }
        }
    }

    private void checkJudged() {
        Set<JudgedSign.Key> pairs = new HashSet<>();
        for (JudgedSign sign : content.judged) {
            String path = PackEntry.Kind.JUDGED.path(PackEntry.judgedId(sign.criterion(), sign.condition()));
            known(Packs.JUDGED, path + ".criterion", "criterion or question", List.of(sign.criterion()), answers);
            known(Packs.JUDGED, path + ".condition", "condition", List.of(sign.condition()), conditions);
            if (!pairs.add(sign.key())) {
                problems.add(Packs.JUDGED, path, "this pair is judged twice");
            }
            if (sign.with() == sign.without()) {
                problems.add(
                        Packs.JUDGED, path + ".without", "as often as with it: a sign that tells nothing is left out");
            }
        }
    }

    private void checkRelations() {
        for (Relations.Kin kin : content.relations.kin()) {
            String path = PackEntry.Kind.KIN.path(kin.whole());
            known(Packs.RELATIONS, path, "condition", List.of(kin.whole(), kin.part()), conditions);
            if (kin.whole().equals(kin.part())) {
                problems.add(Packs.RELATIONS, path, "a condition is no part of itself");
            }
        }
        content.relations.settleFirst().forEach((condition, first) -> {
            String path = PackEntry.Kind.SETTLE_FIRST.path(condition);
            known(Packs.RELATIONS, path, "condition", List.of(condition), conditions);
            known(Packs.RELATIONS, path, "condition", first, conditions);
            if (first.contains(condition)) {
                problems.add(Packs.RELATIONS, path, "a condition is not settled before itself");
            }
        });
        known(Packs.AGES, "ages", "condition", content.ages.ages().keySet(), conditions);
        known(Packs.AGES, "sex", "condition", content.ages.sexes().keySet(), conditions);
    }

    private Set<String> complaints() {
        return content.complaints.stream().map(Complaint::id).collect(Collectors.toSet());
    }

    private void checkCore() {
        ids(Packs.CORE, "core", content.cores, VisitCore::complaint);
        ids(Packs.CORE, "stages", content.stageRules, StageRule::id);
        ids(Packs.CORE, "sets", content.sets, TestSet::id);
        Set<String> places = content.tests.stream()
                .flatMap(t -> t.places().stream().map(p -> t.id() + "/" + p))
                .collect(Collectors.toSet());
        for (VisitCore c : content.cores) {
            String path = "core." + c.complaint();
            known(Packs.CORE, path + ".complaint", "complaint", List.of(c.complaint()), complaints());
            known(Packs.CORE, path + ".tests", "test", c.tests(), tests);
            known(Packs.CORE, path + ".before", "test", c.before(), tests);
            known(Packs.CORE, path + ".places", "place", c.places(), places);
        }
        for (StageRule r : content.stageRules) {
            known(Packs.CORE, "stages." + r.id() + ".complaints", "complaint", r.complaints(), complaints());
        }
        for (TestSet s : content.sets) {
            String path = "sets." + s.id();
            known(Packs.CORE, path + ".complaints", "complaint", s.complaints(), complaints());
            known(Packs.CORE, path + ".tests", "test", s.tests(), tests);
            known(Packs.CORE, path + ".before", "test", s.before(), tests);
        }
    }

    private void checkSafety() {
        for (Precaution p : content.precautions) {
            String path = "precautions." + p.id();
            known(Packs.PRECAUTIONS, path + ".blocks", "test", p.blocks(), tests);
            known(Packs.PRECAUTIONS, path + ".cautions", "test", p.cautions(), tests);
            known(Packs.PRECAUTIONS, path + ".eased", "test", p.eased().keySet(), Set.copyOf(p.blocks()));
            known(Packs.PRECAUTIONS, path + ".eased", "condition", p.eased().values(), conditions);
        }
        for (WarningSign w : content.warnings) {
            String path = "warnings." + w.id();
            known(Packs.CONDITIONS, path + ".sets", "precaution", w.sets(), precautions);
            known(Packs.CONDITIONS, path + ".setsAfterInjury", "precaution", w.setsAfterInjury(), precautions);
            known(Packs.CONDITIONS, path + ".cautions", "test", w.cautions(), tests);
        }
        for (Raising r : content.raisings) {
            String path = "raises." + r.warning();
            known(Packs.RAISES, path + ".warning", "warning sign", List.of(r.warning()), warnings);
            known(Packs.RAISES, path + ".by", "criterion or question", r.by(), answers);
            known(
                    Packs.RAISES,
                    path + ".when",
                    "criterion or question",
                    r.when().findings().toList(),
                    answers);
            known(Packs.RAISES, path + ".when.complaints", "complaint", r.when().complaints(), complaints());
        }
    }

    private void checkTest(ClinicalTest t) {
        String path = "tests." + t.id();
        known(Packs.CATALOGUE, path + ".after", "test", t.after(), tests);
        known(Packs.CATALOGUE, path + ".contraindications", "precaution", t.contraindications(), precautions);
        known(
                Packs.CATALOGUE,
                path + ".relieves",
                "test",
                t.particulars().relieves().stream().toList(),
                tests);
        for (Criterion c : t.criteria()) {
            known(
                    Packs.CATALOGUE,
                    path + ".criteria." + c.id() + ".raises",
                    "warning sign",
                    c.raises().map(Criterion.Raises::warning).stream().toList(),
                    warnings);
        }
    }

    private void checkMeasures(MeasureList list) {
        Set<String> measures = ids(Packs.MEASURES, "measures", list.measures(), Measure::id);
        for (Measure m : list.measures()) {
            String path = "measures." + m.id();
            known(
                    Packs.MEASURES,
                    path + ".ratioTo",
                    "measure",
                    m.ratioTo().stream().toList(),
                    measures);
            m.feeds().forEach(feeds -> checkFeeds(path, m, feeds));
        }
        List<String> together = List.of(list.capsular(), list.external(), list.internal());
        known(Packs.MEASURES, "capsular, rotationRatio", "measure", together, measures);
        known(Packs.MEASURES, "looseness.general", "criterion", List.of(list.general()), criteria);
        list.looseness()
                .forEach(d -> known(Packs.MEASURES, "looseness." + d.name(), "criterion", d.criteria(), criteria));
        known(Packs.MEASURES, "labral", "family of tests", list.labral(), families());
        known(Packs.MEASURES, "regrowth.test", "test", List.of(list.regrowth().test()), tests);
        list.followed().forEach(f -> known(Packs.MEASURES, "followed", "test", List.of(f.test()), tests));
    }

    private void checkFeeds(String path, Measure measure, Measure.Feeds feeds) {
        known(Packs.MEASURES, path + ".test", "test", List.of(feeds.test()), tests);
        for (ClinicalTest test : content.tests) {
            if (test.id().equals(feeds.test())) {
                known(Packs.MEASURES, path + ".at", "place of " + test.id(), List.of(feeds.at()), test.places());
                List<String> offered =
                        measure.readings().stream().map(ReadingLeaf::reading).toList();
                known(
                        Packs.MEASURES,
                        path + ".readings",
                        "reading of " + test.id(),
                        offered,
                        Set.copyOf(test.readings()));
            }
        }
    }

    private Set<String> families() {
        return content.tests.stream().map(ClinicalTest::family).collect(Collectors.toSet());
    }

    private void checkLadder(Ladder ladder) {
        known(Packs.CONDITIONS, "ladders." + ladder.id() + ".startsFrom", "criterion", ladder.startsFrom(), criteria);
        ladder.answeredBy().forEach((answer, signs) -> {
            String path = "ladders." + ladder.id() + ".answeredBy." + answer;
            known(Packs.CONDITIONS, path, "criterion", signs.positive(), criteria);
            known(Packs.CONDITIONS, path, "criterion", signs.negative(), criteria);
        });
        ladder.rungs().forEach((name, rung) -> {
            String path = "ladders." + ladder.id() + ".rungs." + name;
            known(Packs.CONDITIONS, path + ".test", "test", List.of(rung.test()), tests);
            for (Ladder.Step step : List.of(rung.positive(), rung.negative())) {
                if (step instanceof Ladder.Step.End end) {
                    known(Packs.CONDITIONS, path + ".outcomes", "condition", end.suspect(), conditions);
                }
            }
        });
    }

    private void known(String file, String path, String what, Iterable<String> named, Set<String> existing) {
        for (String id : named) {
            if (!existing.contains(id)) {
                problems.add(file, path, "there is no " + what + " " + id);
            }
        }
    }

    private <T> Set<String> ids(String file, String list, List<T> items, Function<T, String> id) {
        Set<String> seen = new HashSet<>();
        for (T item : items) {
            if (!seen.add(id.apply(item))) {
                problems.add(file, list + "." + id.apply(item), "this id is given twice");
            }
        }
        return seen.stream().collect(Collectors.toUnmodifiableSet());
    }
}
