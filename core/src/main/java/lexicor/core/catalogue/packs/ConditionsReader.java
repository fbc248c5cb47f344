package lexicor.core.catalogue.packs;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import lexicor.core.catalogue.Complaint;
import lexicor.core.catalogue.Condition;
import lexicor.core.catalogue.Content;
import lexicor.core.catalogue.Ladder;
import lexicor.core.catalogue.Setting;
import lexicor.core.document.Entry;
import lexicor.core.document.InvalidDocumentException;
import lexicor.core.document.Problem;
import lexicor.core.document.Problems;
import tools.jackson.databind.JsonNode;

/** Reads the conditions file: conditions, complaints, ladders and warning signs. */
final class ConditionsReader {
    private ConditionsReader() {}

    static void read(Entry file, Content content, Problems problems) {
        file.children("conditions").forEach(e -> problems.collect(() -> content.conditions.add(condition(e))));
        file.children("complaints").forEach(e -> problems.collect(() -> content.complaints.add(complaint(e))));
        file.children("ladders").forEach(e -> problems.collect(() -> content.ladders.add(ladder(e))));
        file.children("warnings").forEach(e -> problems.collect(() -> content.warnings.add(SafetyReader.warning(e))));
        problems.collect(file::done);
    }

    private static Condition condition(Entry listed) {
        String id = listed.text("id");
        Entry entry = listed.named("conditions." + id);
        entry.has("id");
        Map<Setting, Double> pretest = rates(entry.child("pretest"));
        Condition condition = new Condition(
                id,
                entry.text("name"),
                ShortName.read(entry),
                entry.text("region"),
                entry.text("icd10"),
                pretest,
                entry.openProbability("ruleOut"),
                entry.openProbability("act"),
                entry.text("onward"),
                entry.flag("traumaOnly", false),
                entry.flag("mustNotMiss", false),
                entry.flag("properName", false));
        entry.done();
        if (condition.ruleOut() >= condition.act()) {
            throw entry.problem(
                    "ruleOut",
                    String.format(
                            Locale.ROOT, "\"Put aside\" must lie below \"act\" (%.4g %%)", 100 * condition.act()));
        }
        return condition;
    }

    private static Map<Setting, Double> rates(Entry entry) {
        Map<Setting, Double> rates = new EnumMap<>(Setting.class);
        for (Setting setting : Setting.values()) {
            rates.put(setting, entry.openProbability(setting.id()));
        }
        entry.done();
        return Map.copyOf(rates);
    }

    /** Fields of an optional map, each read alike; none where it is not there. */
    private static <T> Map<String, T> byName(Entry entry, String field, Function<Entry, T> read) {
        Map<String, T> all = new LinkedHashMap<>();
        if (entry.has(field)) {
            Entry named = entry.child(field);
            named.fieldNames().forEach(name -> all.put(name, read.apply(named.child(name))));
            named.done();
        }
        return all;
    }

    private static Complaint complaint(Entry listed) {
        String id = listed.text("id");
        Entry entry = listed.named("complaints." + id);
        entry.has("id");
        Complaint complaint = new Complaint(
                id,
                entry.text("name"),
                entry.texts("regions"),
                entry.texts("candidates"),
                Map.copyOf(byName(entry, "pretests", ConditionsReader::rates)),
                entry.optionalTexts("also"),
                entry.flag("injury", false),
                entry.optionalTexts("hurts"));
        entry.done();
        return complaint;
    }

    private static Ladder ladder(Entry listed) {
        String id = listed.text("id");
        Entry entry = listed.named("ladders." + id);
        entry.has("id");
        Map<String, String> answers = new LinkedHashMap<>();
        entry.map("answers")
                .keySet()
                .forEach(answer -> answers.put(answer, entry.child("answers").text(answer)));
        Map<String, Ladder.Rung> rungs = new LinkedHashMap<>();
        entry.map("rungs").forEach((name, node) -> rungs.put(name, rung(entry, name, node)));
        Ladder ladder = new Ladder(
                id,
                entry.text("name"),
                entry.optionalTexts("startsFrom"),
                entry.text("question"),
                answers,
                byName(entry, "answeredBy", ConditionsReader::signs),
                rungs);
        entry.done();
        ladder.answeredBy().keySet().stream()
                .filter(a -> !answers.containsKey(a))
                .forEach(a -> {
                    throw entry.problem("answeredBy." + a, "there is no such answer in this ladder");
                });
        answers.forEach((answer, rung) -> requireRung(entry, "answers." + answer, rung, rungs));
        rungs.forEach((name, rung) -> List.of(rung.positive(), rung.negative()).forEach(step -> {
            if (step instanceof Ladder.Step.To to) {
                requireRung(entry, "rungs." + name + ".outcomes", to.rung(), rungs);
            }
        }));
        return ladder;
    }

    private static Ladder.Signs signs(Entry entry) {
        Ladder.Signs signs = new Ladder.Signs(entry.optionalTexts("positive"), entry.optionalTexts("negative"));
        entry.done();
        return signs;
    }

    private static void requireRung(Entry ladder, String field, String rung, Map<String, Ladder.Rung> rungs) {
        if (!rungs.containsKey(rung)) {
            throw ladder.problem(field, "there is no rung " + rung + " in this ladder");
        }
    }

    private static Ladder.Rung rung(Entry ladder, String name, JsonNode node) {
        Entry entry = Entry.of(ladder.file(), ladder.path() + ".rungs." + name, node);
        Entry outcomes = entry.child("outcomes");
        Ladder.Rung rung = new Ladder.Rung(entry.text("test"), step(outcomes, "positive"), step(outcomes, "negative"));
        outcomes.done();
        entry.done();
        return rung;
    }

    private static Ladder.Step step(Entry outcomes, String field) {
        JsonNode node =
                outcomes.value(field).orElseThrow(() -> outcomes.problem(field, "missing; expected a rung, or an end"));
        if (node.isString()) {
            return new Ladder.Step.To(node.asString());
        }
        Entry end = outcomes.child(field);
        List<String> suspect = new ArrayList<>();
        end.value("suspect").ifPresent(v -> {
            if (v.isString()) {
                suspect.add(v.asString());
            } else {
                suspect.addAll(end.texts("suspect"));
            }
        });
        Ladder.Step step = new Ladder.Step.End(
                List.copyOf(suspect), end.optionalText("end").orElse(""));
        end.done();
        if (suspect.isEmpty() && !end.has("end")) {
            throw new InvalidDocumentException(
                    new Problem(outcomes.file(), end.path(), "expected suspect, end, or both"));
        }
        return step;
    }
}
