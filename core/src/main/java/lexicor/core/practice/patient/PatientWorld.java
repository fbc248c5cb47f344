package lexicor.core.practice.patient;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Complaint;
import lexicor.core.catalogue.Condition;
import lexicor.core.catalogue.Criterion;
import lexicor.core.catalogue.Setting;
import lexicor.core.evidence.Accuracy;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.weighing.input.WeighingSettings;

/**
 * Patients of one complaint in one setting: what they can have and how often, and how often each reading of a test is there then
 * (method M20). Immutable but for what it has worked out.
 */
public final class PatientWorld {
    /** From how many places on a condition without a list of its own shows at one of them only. */
    private static final int SEVERAL_PLACES = 3;

    private static final double WITH_THE_WARNING = 0.9;

    final Catalogue catalogue;
    final WeighingSettings settings;
    final Complaint complaint;
    final Setting setting;
    final boolean injured;
    final Sets sets;
    private final EvidenceBase evidence;
    private final List<String> candidates;
    private final Map<String, Causes> figured = new ConcurrentHashMap<>();
    private final Map<Asked, Set<String>> speakers = new ConcurrentHashMap<>();

    private record Asked(String test, String condition) {}

    /**
     * @param injured whether it began with an injury; without one there are no conditions that need one
     */
    public PatientWorld(
            Catalogue catalogue,
            EvidenceBase evidence,
            WeighingSettings settings,
            Complaint complaint,
            Setting setting,
            boolean injured) {
        this.catalogue = catalogue;
        this.evidence = evidence;
        this.settings = settings;
        this.complaint = complaint;
        this.setting = setting;
        this.injured = injured;
        List<Condition> all = complaint.candidates().stream()
                .map(c -> catalogue.condition(c).orElseThrow())
                .filter(c -> injured || !c.traumaOnly())
                .toList();
        candidates = all.stream().map(Condition::id).toList();
        sets = new Sets(all.stream()
                .mapToDouble(c -> complaint.startingRate(c, setting))
                .toArray());
    }

    /** What patients here can have, in the complaint's order. */
    public List<String> candidates() {
        return candidates;
    }

    int drawSet(Draws draws) {
        return sets.sets[draws.weighted("conditions", sets.chance)];
    }

    /** Those of the candidates that are in a set. */
    Set<String> named(int set) {
        Set<String> named = new LinkedHashSet<>();
        for (int c = 0; c < candidates.size(); c++) {
            if (Sets.has(set, c)) {
                named.add(candidates.get(c));
            }
        }
        return named;
    }

    /** The set of those named. */
    int setOf(Set<String> named) {
        return named.stream()
                .mapToInt(n -> {
                    if (!candidates.contains(n)) {
                        throw new IllegalArgumentException(n + " is no candidate of " + complaint.id());
                    }
                    return 1 << candidates.indexOf(n);
                })
                .sum();
    }

    /** Whether the criterion's figures or judgement decide how often it is positive: it speaks for its test (method M3, M24). */
    public boolean hasFigures(String criterion) {
        return !spokenBy(criterion).isEmpty();
    }

    /** The candidates for which the criterion speaks (method M3). */
    public List<String> spokenBy(String criterion) {
        return candidates.stream()
                .filter(c -> speaker(catalogue.testOf(criterion).orElse(null), criterion, c))
                .toList();
    }

    private boolean speaker(ClinicalTest test, String criterion, String condition) {
        if (test == null) {
            return people(criterion, condition) >= 0;
        }
        return speakers.computeIfAbsent(new Asked(test.id(), condition), k -> speakers(test, condition))
                .contains(criterion);
    }

    /** Of each thing that the test reads one: studies before judgements, the most people first. */
    private Set<String> speakers(ClinicalTest test, String condition) {
        List<Criterion> chosen = new ArrayList<>();
        test.criteria().stream()
                .filter(c -> people(c.id(), condition) >= 0)
                .sorted(Comparator.<Criterion, Boolean>comparing(c -> evidence.isJudged(c.id(), condition))
                        .thenComparingDouble(c -> -people(c.id(), condition)))
                .forEach(c -> {
                    if (chosen.stream().noneMatch(o -> o.at().equals(c.at()) && readTheSame(o, c))) {
                        chosen.add(c);
                    }
                });
        return chosen.stream().map(Criterion::id).collect(Collectors.toSet());
    }

    private static boolean readTheSame(Criterion a, Criterion b) {
        return a.reads().isEmpty() || b.reads().isEmpty() || a.reads().stream().anyMatch(b.reads()::contains);
    }

    /** Those studied; negative where nothing can be weighed. */
    private double people(String criterion, String condition) {
        return evidence.accuracy(criterion, condition).map(Accuracy::people).orElse(-1.0);
    }

    private boolean hasSpoken(ClinicalTest test, String condition) {
        return test.criteria().stream().anyMatch(c -> people(c.id(), condition) >= 0);
    }

    /** The same in one patient: a sign that could be at any of several fingers or roots is at one of them. */
    Causes figured(ClinicalTest test, Criterion criterion, Draws draws) {
        Causes causes = figured(criterion.id());
        List<String> places = test.criteria().stream()
                .filter(c -> c.reads().equals(criterion.reads()) && hasFigures(c.id()))
                .map(Criterion::at)
                .distinct()
                .toList();
        if (places.size() < SEVERAL_PLACES) {
            return causes;
        }
        double[] activation = causes.activation().clone();
        for (int c = 0; c < activation.length; c++) {
            int at = (int) (draws.uniform("where " + candidates.get(c)) * places.size());
            activation[c] = places.get(at).equals(criterion.at()) ? activation[c] : 0;
        }
        return new Causes(causes.background() / places.size(), activation);
    }

    Causes figured(String criterion) {
        return figured.computeIfAbsent(criterion, this::meeting);
    }

    private Causes meeting(String criterion) {
        Optional<ClinicalTest> test = catalogue.testOf(criterion);
        Set<String> provoke =
                test.map(t -> catalogue.provokes().conditionsOf(t, criterion)).orElse(Set.of());
        int n = candidates.size();
        double[] sensitivity = new double[n];
        double[] specificity = new double[n];
        double[] assumed = new double[n];
        Arrays.fill(sensitivity, Double.NaN);
        Arrays.fill(specificity, Double.NaN);
        for (int c = 0; c < n; c++) {
            String condition = candidates.get(c);
            if (speaker(test.orElse(null), criterion, condition)) {
                Accuracy accuracy = evidence.accuracy(criterion, condition).orElseThrow();
                sensitivity[c] = accuracy.sensitivity();
                specificity[c] = accuracy.specificity();
            } else if (provoke.contains(condition)
                    && test.filter(t -> hasSpoken(t, condition)).isEmpty()) {
                assumed[c] = settings.crossActivation();
            }
        }
        return Causes.meeting(sets, sensitivity, specificity, assumed);
    }

    /**
     * What turns a reading positive for which there are no figures: a working assumption of the simulator.
     *
     * @param warnings signs that the patient has
     */
    Causes unfigured(ClinicalTest test, Criterion criterion, Draws draws, Set<String> warnings) {
        double aimed = catalogue.simulation().chances().aimed();
        Set<String> there = aimedAt(test, criterion, draws);
        double[] activation = new double[candidates.size()];
        for (int c = 0; c < activation.length; c++) {
            String condition = candidates.get(c);
            boolean grave = criterion.raises().isEmpty()
                    || catalogue.condition(condition).orElseThrow().mustNotMiss();
            activation[c] = there.contains(condition) && grave ? aimed : 0;
        }
        return new Causes(background(criterion, warnings), activation);
    }

    private double background(Criterion criterion, Set<String> warnings) {
        if (criterion.raises().isEmpty()) {
            return catalogue.simulation().chances().background();
        }
        return criterion.raises().filter(r -> warnings.contains(r.warning())).isPresent()
                ? WITH_THE_WARNING
                : catalogue.simulation().chances().raised();
    }

    private Set<String> aimedAt(ClinicalTest test, Criterion criterion, Draws draws) {
        List<String> listed = catalogue.simulation().readings().get(criterion.id());
        if (listed != null) {
            return Set.copyOf(listed);
        }
        if (catalogue.provokes().byCriterion().containsKey(criterion.id())) {
            return Set.copyOf(catalogue.provokes().byCriterion().get(criterion.id()));
        }
        if (test.criteria().stream().anyMatch(c -> hasFigures(c.id()))) {
            // Beside figures, what the family is done for has had its say there.
            return Set.of();
        }
        Set<String> all = new HashSet<>(catalogue.provokes().conditionsOf(test, criterion.id()));
        all.addAll(catalogue.examinedBy(test));
        List<String> places =
                test.criteria().stream().map(Criterion::at).distinct().toList();
        if (places.size() >= SEVERAL_PLACES) {
            // One finger, one root: the same wherever it is asked for.
            all.removeIf(condition -> {
                int at = (int) (draws.uniform("where " + condition) * places.size());
                return !places.get(at).equals(criterion.at());
            });
        }
        return all;
    }

    public Catalogue catalogue() {
        return catalogue;
    }

    public Complaint complaint() {
        return complaint;
    }

    public WeighingSettings settings() {
        return settings;
    }

    /** Where each of the complaint's candidates starts in this setting, those that need an injury among them. */
    public Map<String, Double> startingRates() {
        Map<String, Double> rates = new LinkedHashMap<>();
        complaint
                .candidates()
                .forEach(c -> rates.put(
                        c, complaint.startingRate(catalogue.condition(c).orElseThrow(), setting)));
        return rates;
    }

    /** The tests that can tell something in these patients. */
    public Stream<ClinicalTest> tests() {
        return catalogue.tests().stream().filter(complaint::covers);
    }
}
