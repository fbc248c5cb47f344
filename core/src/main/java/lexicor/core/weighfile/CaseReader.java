package lexicor.core.weighfile;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Relations.Kin;
import lexicor.core.catalogue.packs.ClusterReading;
import lexicor.core.document.Entry;
import lexicor.core.evidence.HighBias;
import lexicor.core.evidence.Judgements;
import lexicor.core.weighing.School;
import lexicor.core.weighing.input.Candidate;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.OfferedTest;
import lexicor.core.weighing.input.RecordedCluster;
import lexicor.core.weighing.input.RecordedFinding;
import lexicor.core.weighing.input.Result;
import lexicor.core.weighing.input.WeighingSettings;

/** Reads a self-contained case. */
final class CaseReader {
    static final Map<String, HighBias> HIGH_BIAS =
            Map.of("corrected", HighBias.CORRECTED, "asPrinted", HighBias.AS_PRINTED, "leftOut", HighBias.LEFT_OUT);
    private static final Map<String, Judgements> JUDGED =
            Arrays.stream(Judgements.values()).collect(Collectors.toMap(Judgements::id, Function.identity()));
    private static final Map<String, Result> RESULTS =
            Map.of("positive", Result.POSITIVE, "negative", Result.NEGATIVE, "unclear", Result.UNCLEAR);
    private static final Map<String, School> SCHOOLS =
            Arrays.stream(School.values()).collect(Collectors.toMap(School::id, Function.identity()));
    private static final int MAX_DRAWS = 1_000_000;

    /** A case and the way to weigh it that the file names. */
    record Read(CaseToWeigh given, School school) {}

    private CaseReader() {}

    static Read read(Entry file) {
        School school = School.OVERLAP_AWARE;
        WeighingSettings settings = WeighingSettings.DEFAULT;
        if (file.has("weighing")) {
            Entry weighing = file.child("weighing");
            school = weighing.oneOf("school", SCHOOLS, school);
            settings = settings(weighing);
        }
        StudyReader studies = new StudyReader(settings.highBias(), settings.judgements());
        List<Candidate> conditions = file.each("conditions", CaseReader::condition);
        if (conditions.isEmpty()) {
            throw file.problem("conditions", "missing; expected at least one condition");
        }
        Set<String> known = new LinkedHashSet<>();
        conditions.forEach(c -> once(file, "conditions", known, c.id()));
        conditions.forEach(c -> c.settleFirst().forEach(id -> mustBeKnown(file, "conditions", known, id)));
        List<Kin> kin = kin(file, known);
        Set<String> findingIds = new HashSet<>();
        List<RecordedFinding> findings = file.each("findings", e -> finding(e, studies, known));
        findings.forEach(f -> once(file, "findings", findingIds, f.id()));
        Set<String> clusterIds = new HashSet<>();
        List<RecordedCluster> clusters = file.each("clusters", e -> cluster(e, studies, known));
        clusters.forEach(c -> once(file, "clusters", clusterIds, c.id()));
        Set<String> candidateIds = new HashSet<>();
        List<OfferedTest> candidates = file.each("candidates", e -> candidate(e, studies, known));
        candidates.forEach(c -> once(file, "candidates", candidateIds, c.id()));
        file.done();
        return new Read(new CaseToWeigh(settings, conditions, findings, clusters, candidates, kin), school);
    }

    private static void once(Entry file, String list, Set<String> seen, String id) {
        if (!seen.add(id)) {
            throw file.problem(list, "the id " + id + " is given twice");
        }
    }

    private static WeighingSettings settings(Entry entry) {
        WeighingSettings usual = WeighingSettings.DEFAULT;
        double family = entry.optionalNumber("familyOverlap", 0, WeighingSettings.MAX_OVERLAP)
                .orElse(usual.familyOverlap());
        double general = entry.optionalNumber("generalOverlap", 0, WeighingSettings.MAX_GENERAL_OVERLAP)
                .orElse(usual.generalOverlap());
        requireOrder(entry, family, general);
        double activation = entry.optionalNumber("crossActivation", 0, WeighingSettings.MAX_CROSS_ACTIVATION)
                .orElse(usual.crossActivation());
        double share = entry.optionalNumber("clusterShare", 0, 1).orElse(usual.clusterShare());
        HighBias highBias = entry.oneOf("highBias", HIGH_BIAS, usual.highBias());
        Judgements judgements = entry.oneOf("judged", JUDGED, usual.judgements());
        double seed = entry.optionalNumber("seed", -1e15, 1e15).orElse(usual.seed());
        OptionalDouble draws = entry.optionalNumber("draws", 1, MAX_DRAWS);
        if (seed != Math.rint(seed) || draws.orElse(1) != Math.rint(draws.orElse(1))) {
            throw entry.problem(seed != Math.rint(seed) ? "seed" : "draws", "expected a whole number");
        }
        entry.done();
        return new WeighingSettings(family, general, activation, share, highBias, judgements, (long) seed, (int)
                draws.orElse(usual.draws()));
    }

    static void requireOrder(Entry entry, double family, double general) {
        if (general > family) {
            throw entry.problem(
                    "generalOverlap", "expected a number from 0 to familyOverlap (" + family + "), found " + general);
        }
    }

    private static Candidate condition(Entry entry) {
        Candidate candidate = new Candidate(
                entry.text("id"),
                entry.openProbability("pretest"),
                entry.optionalNumber("pretestLogitSd", 0, 10).orElse(Candidate.ASSUMED_LOGIT_SD),
                entry.number("ruleOutBelow", 0, 1),
                entry.number("actAbove", 0, 1),
                entry.optionalNumber("weight", 0, 1e6).orElse(1),
                entry.flag("mustNotMiss", false),
                entry.optionalTexts("settleFirst"),
                Optional.empty());
        entry.done();
        if (candidate.ruleOutBelow() > candidate.actAbove()) {
            throw entry.problem("ruleOutBelow", "expected a line not above actAbove (" + candidate.actAbove() + ")");
        }
        return candidate;
    }

    private static RecordedFinding finding(Entry entry, StudyReader studies, Set<String> conditions) {
        String id = entry.text("id");
        RecordedFinding finding = new RecordedFinding(
                id,
                entry.optionalText("test").orElse(id),
                family(entry, id),
                entry.oneOf("result", RESULTS),
                studies.byCondition(entry, conditions),
                provokes(entry, conditions),
                Optional.empty(),
                reads(entry),
                entry.flag("assumed", false));
        entry.done();
        if (finding.assumed() && finding.result() != Result.NEGATIVE) {
            throw entry.problem("assumed", "expected a negative result; only what nobody said is assumed");
        }
        return finding;
    }

    private static void mustBeKnown(Entry entry, String field, Set<String> conditions, String id) {
        if (!conditions.contains(id)) {
            throw entry.problem(field, "there is no condition " + id);
        }
    }

    private static Set<String> reads(Entry entry) {
        return Set.copyOf(entry.optionalTexts("reads"));
    }

    private static List<Kin> kin(Entry file, Set<String> conditions) {
        List<Kin> kin = new ArrayList<>();
        for (List<String> pair : file.textLists("kin")) {
            if (pair.size() != 2) {
                throw file.problem("kin", "expected pairs of two condition ids");
            }
            pair.forEach(id -> mustBeKnown(file, "kin", conditions, id));
            kin.add(new Kin(pair.get(0), pair.get(1)));
        }
        return kin;
    }

    private static Set<String> provokes(Entry entry, Set<String> conditions) {
        Set<String> provokes = new LinkedHashSet<>();
        for (String id : entry.optionalTexts("provokes")) {
            mustBeKnown(entry, "provokes", conditions, id);
            if (!provokes.add(id)) {
                throw entry.problem("provokes", id + " is given twice");
            }
        }
        return provokes;
    }

    /** Without a family named, a finding has one of its own. */
    private static String family(Entry entry, String id) {
        return entry.optionalText("family").orElse("finding " + id);
    }

    private static OfferedTest candidate(Entry entry, StudyReader studies, Set<String> conditions) {
        String id = entry.text("id");
        OptionalDouble minutes = entry.optionalNumber("minutes", 0, 1e4);
        if (minutes.isPresent() && minutes.getAsDouble() == 0) {
            throw entry.problem("minutes", "expected more than 0");
        }
        OfferedTest candidate = new OfferedTest(
                id,
                entry.optionalText("test").orElse(id),
                family(entry, id),
                minutes.orElse(0),
                entry.flag("contraindicated", false),
                studies.byCondition(entry, conditions),
                provokes(entry, conditions),
                reads(entry),
                true);
        entry.done();
        return candidate;
    }

    private static RecordedCluster cluster(Entry entry, StudyReader studies, Set<String> conditions) {
        String id = entry.text("id");
        String condition = entry.text("condition");
        mustBeKnown(entry, "condition", conditions, condition);
        ClusterReading reading = ClusterReading.of(entry);
        List<String> members = reading.members();
        Optional<String> twice = members.stream()
                .filter(m -> members.indexOf(m) != members.lastIndexOf(m))
                .findFirst();
        if (twice.isPresent()) {
            throw entry.problem("members", twice.get() + " is given twice");
        }
        RecordedCluster cluster = new RecordedCluster(
                id,
                condition,
                members,
                reading.rule(),
                studies.forCondition(entry, condition),
                entry.oneOf("speaks", Map.of("positive", true, "both", false), false));
        entry.done();
        return cluster;
    }
}
