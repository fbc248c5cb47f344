package lexicor.core.catalogue;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import lexicor.core.catalogue.figures.Figures;
import lexicor.core.catalogue.published.AccuracyRow;
import lexicor.core.catalogue.published.Cluster;
import lexicor.core.catalogue.published.JudgedSign;
import lexicor.core.catalogue.published.SignOff;
import lexicor.core.catalogue.simulated.Simulation;

/** The packs' whole content, immutable, with the questions one asks of it. Lists keep the order of the packs. */
public final class Catalogue {
    private final List<ClinicalTest> tests;
    private final List<Condition> conditions;
    private final List<Complaint> complaints;
    private final List<Ladder> ladders;
    private final List<WarningSign> warnings;
    private final List<Cluster> clusters;
    private final List<CountHabit> counts;
    private final List<HistoryItem> history;
    private final List<AccuracyRow> accuracy;
    private final List<JudgedSign> judged;
    private final Map<JudgedSign.Key, JudgedSign> judgedByPair = new LinkedHashMap<>();
    private final Relations relations;
    private final AgeOdds ages;
    private final Map<String, SignOff> signOffs;
    private final Map<String, List<String>> examines;
    private final MeasureList measures;
    private final Map<String, VisitCore> coreByComplaint;
    private final List<StageRule> stageRules;
    private final List<TestSet> sets;
    private final List<Raising> raisings;
    private final List<Precaution> precautions;
    private final List<Definition> definitions;
    private final Provokes provokes;
    private final FingerMap fingers;
    private final Figures figures;
    private final Simulation simulation;
    private final Map<String, ClinicalTest> testById;
    private final Map<String, ClinicalTest> testByCriterion = new LinkedHashMap<>();
    private final Map<String, Criterion> criterionById = new LinkedHashMap<>();
    private final Map<String, Condition> conditionById;
    private final Map<String, Complaint> complaintById;
    private final Map<String, HistoryItem> historyById;
    private final Set<JudgedSign.Key> aboutPairs = new HashSet<>();
    /** Criteria and questions with figures or a judgement of their own, or named by a published rule. */
    private final Set<String> informing = new HashSet<>();

    public Catalogue(Content content) {
        tests = List.copyOf(content.tests);
        conditions = List.copyOf(content.conditions);
        complaints = List.copyOf(content.complaints);
        ladders = List.copyOf(content.ladders);
        warnings = List.copyOf(content.warnings);
        clusters = List.copyOf(content.clusters);
        counts = List.copyOf(content.counts);
        history = List.copyOf(content.history);
        accuracy = List.copyOf(content.accuracy);
        judged = List.copyOf(content.judged);
        judged.forEach(j -> judgedByPair.put(j.key(), j));
        relations = content.relations;
        ages = content.ages;
        signOffs = Map.copyOf(content.signOffs);
        examines = Map.copyOf(content.examines);
        measures = content.measures;
        coreByComplaint = index(content.cores, VisitCore::complaint);
        stageRules = List.copyOf(content.stageRules);
        sets = List.copyOf(content.sets);
        raisings = List.copyOf(content.raisings);
        precautions = List.copyOf(content.precautions);
        definitions = List.copyOf(content.definitions);
        provokes = content.provokes;
        fingers = content.fingers;
        figures = content.figures;
        simulation = content.simulation;
        testById = index(tests, ClinicalTest::id);
        conditionById = index(conditions, Condition::id);
        complaintById = index(complaints, Complaint::id);
        historyById = index(history, HistoryItem::id);
        accuracy.forEach(r -> aboutPairs.add(new JudgedSign.Key(r.criterion(), r.condition())));
        aboutPairs.addAll(judgedByPair.keySet());
        aboutPairs.forEach(pair -> informing.add(pair.criterion()));
        clusters.forEach(c -> informing.addAll(c.members()));
        for (ClinicalTest test : tests) {
            for (Criterion criterion : test.criteria()) {
                testByCriterion.put(criterion.id(), test);
                criterionById.put(criterion.id(), criterion);
            }
        }
    }

    public List<ClinicalTest> tests() {
        return tests;
    }

    public List<Condition> conditions() {
        return conditions;
    }

    public List<Complaint> complaints() {
        return complaints;
    }

    public List<Ladder> ladders() {
        return ladders;
    }

    public List<WarningSign> warnings() {
        return warnings;
    }

    public List<Cluster> clusters() {
        return clusters;
    }

    public List<CountHabit> counts() {
        return counts;
    }

    public List<HistoryItem> history() {
        return history;
    }

    public List<AccuracyRow> accuracy() {
        return accuracy;
    }

    /** Signs without a study, judged in words (method M24). */
    public List<JudgedSign> judged() {
        return judged;
    }

    /** The judgement of a criterion for a condition, whether or not studies go before it. */
    public Optional<JudgedSign> judged(String criterion, String condition) {
        return Optional.ofNullable(judgedByPair.get(new JudgedSign.Key(criterion, condition)));
    }

    /** How conditions stand to each other. */
    public Relations relations() {
        return relations;
    }

    /** Odds of conditions by age and sex. */
    public AgeOdds ages() {
        return ages;
    }

    /** Who checked which row or cluster, by fingerprint. */
    public Map<String, SignOff> signOffs() {
        return signOffs;
    }

    /** How far the row has been checked against its source. */
    public SignOff signOff(AccuracyRow row) {
        return signOffs.getOrDefault(row.fingerprint(), SignOff.NOT_YET_CHECKED);
    }

    /** How far the cluster has been checked against its source. */
    public SignOff signOff(Cluster cluster) {
        return signOffs.getOrDefault(cluster.fingerprint(), SignOff.NOT_YET_CHECKED);
    }

    /** What no visit leaves out for want of time; empty where nothing is said of the complaint. */
    public Optional<VisitCore> core(String complaint) {
        return Optional.ofNullable(coreByComplaint.get(complaint));
    }

    /** Parts of an examination that are never left out whole. */
    public List<StageRule> stageRules() {
        return stageRules;
    }

    /** Tests that are done as one. */
    public List<TestSet> sets() {
        return sets;
    }

    public Optional<TestSet> set(String id) {
        return sets.stream().filter(s -> s.id().equals(id)).findFirst();
    }

    /** What raises warning signs besides criteria that say so themselves. */
    public List<Raising> raisings() {
        return raisings;
    }

    public List<Precaution> precautions() {
        return precautions;
    }

    public Optional<Precaution> precaution(String id) {
        return precautions.stream().filter(p -> p.id().equals(id)).findFirst();
    }

    public Optional<WarningSign> warning(String id) {
        return warnings.stream().filter(w -> w.id().equals(id)).findFirst();
    }

    public Optional<Ladder> ladder(String id) {
        return ladders.stream().filter(l -> l.id().equals(id)).findFirst();
    }

    /** Consensus case definitions, which move no probability (method M18). */
    public List<Definition> definitions() {
        return definitions;
    }

    /** Which conditions also turn tests positive. */
    public Provokes provokes() {
        return provokes;
    }

    public FingerMap fingers() {
        return fingers;
    }

    /** How the tests look. */
    public Figures figures() {
        return figures;
    }

    /** What simulated patients are made of. */
    public Simulation simulation() {
        return simulation;
    }

    public MeasureList measures() {
        return measures;
    }

    /** The conditions that the test's family is usually done for, whether or not there are figures. */
    public List<String> examinedBy(ClinicalTest test) {
        return examines.getOrDefault(test.family(), List.of());
    }

    public Optional<ClinicalTest> test(String id) {
        return Optional.ofNullable(testById.get(id));
    }

    /** The test that the criterion reads. */
    public Optional<ClinicalTest> testOf(String criterion) {
        return Optional.ofNullable(testByCriterion.get(criterion));
    }

    public Optional<Criterion> criterion(String id) {
        return Optional.ofNullable(criterionById.get(id));
    }

    public Optional<Condition> condition(String id) {
        return Optional.ofNullable(conditionById.get(id));
    }

    public Optional<Cluster> cluster(String id) {
        return clusters.stream().filter(c -> c.id().equals(id)).findFirst();
    }

    public Optional<Complaint> complaint(String id) {
        return Optional.ofNullable(complaintById.get(id));
    }

    /** Whether the answer to a question is a finding: it has figures or a judgement, or is a member of a published rule. */
    public boolean isFinding(HistoryItem item) {
        return item.finding() || informing.contains(item.id());
    }

    public Optional<HistoryItem> historyItem(String id) {
        return Optional.ofNullable(historyById.get(id));
    }

    /** Conditions for which there is an accuracy row, a judgement or a cluster that uses one of these criteria or history items. */
    public Set<String> conditionsInformedBy(Set<String> findings) {
        Set<String> informed = new TreeSet<>();
        accuracy.stream().filter(r -> findings.contains(r.criterion())).forEach(r -> informed.add(r.condition()));
        judged.stream().filter(j -> findings.contains(j.criterion())).forEach(j -> informed.add(j.condition()));
        clusters.stream()
                .filter(c -> c.members().stream().anyMatch(findings::contains))
                .forEach(c -> informed.add(c.condition()));
        return informed;
    }

    /** Conditions that a test says something of, or is usually done for. */
    public Set<String> conditionsOf(ClinicalTest test) {
        Set<String> about = new TreeSet<>(conditionsInformedBy(test.criterionIds()));
        about.addAll(examinedBy(test));
        return about;
    }

    /** What a practitioner calls a criterion or a history item, for example {@code Neer: familiar pain}. */
    public String findingName(String id) {
        return testOf(id)
                .map(t -> t.criteria().size() == 1
                        ? t.name()
                        : t.name() + ": " + criterion(id).orElseThrow().label())
                .or(() -> historyItem(id).map(HistoryItem::ask))
                .orElse(id);
    }

    /** Whether a criterion has rows or a judgement for a condition. */
    public boolean isAbout(String criterion, String condition) {
        return aboutPairs.contains(new JudgedSign.Key(criterion, condition));
    }

    /** A condition's name; the id where it is not known. */
    public String conditionName(String id) {
        return condition(id).map(Condition::name).orElse(id);
    }

    private static <T> Map<String, T> index(List<T> items, Function<T, String> id) {
        Map<String, T> map = new LinkedHashMap<>();
        items.forEach(item -> map.put(id.apply(item), item));
        return map;
    }
}
