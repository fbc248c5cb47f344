package lexicor.core.catalogue.packs;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import lexicor.core.catalogue.Content;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.catalogue.Setting;
import lexicor.core.catalogue.simulated.Chances;
import lexicor.core.catalogue.simulated.Life;
import lexicor.core.catalogue.simulated.Occurrence;
import lexicor.core.catalogue.simulated.Simulation;
import lexicor.core.catalogue.simulated.Usual;
import lexicor.core.document.Entry;

/** Reads what simulated patients are made of. */
final class SimulationReader {
    private SimulationReader() {}

    static void read(Entry file, Content content) {
        Entry answers = file.child("answers");
        content.simulation = new Simulation(
                chances(file.child("chances")),
                ages(file.child("ages")),
                usual(file.child("usual")),
                each(file.child("ranges"), SimulationReader::between),
                file.each("lives", SimulationReader::life),
                each(file.child("onsets"), SimulationReader::sentences),
                each(file.child("settles"), SimulationReader::sentences),
                each(file.child("told"), SimulationReader::sentences),
                sentences(answers, "yes"),
                sentences(answers, "no"),
                sentences(file, "permission"),
                sentences(file, "speakUp"),
                each(file.child("precautions"), SimulationReader::occurrence),
                each(file.child("warnings"), SimulationReader::occurrence),
                occurrence(file, "loose"),
                each(file.child("readings"), Entry::texts),
                each(file.child("said"), SimulationReader::sentences),
                each(file.child("seen"), SimulationReader::sentences));
        answers.done();
        file.done();
    }

    private static Chances chances(Entry entry) {
        Chances chances = new Chances(
                entry.number("aimed", 0, 1),
                entry.number("background", 0, 1),
                entry.number("raised", 0, 1),
                entry.number("told", 0, 1),
                entry.number("injury", 0, 1),
                entry.number("unfamiliar", 0, 1),
                entry.number("guards", 0, 1),
                entry.number("cheats", 0, 1));
        entry.done();
        return chances;
    }

    private static Map<String, Map<String, Double>> ages(Entry entry) {
        Map<String, Map<String, Double>> ages = new LinkedHashMap<>();
        Arrays.stream(Setting.values())
                .forEach(s -> ages.put(s.id(), each(entry.child(s.id()), (e, band) -> e.number(band, 0, 1))));
        entry.done();
        return ages;
    }

    private static Map<String, Usual> usual(Entry entry) {
        Map<String, Usual> usual = each(entry, SimulationReader::between);
        for (String name : usual.keySet()) {
            if (ReadingLeaf.named(name)
                    .filter(l -> l.kind() == ReadingLeaf.Kind.QUANTITY)
                    .isEmpty()) {
                throw entry.problem(name, "there is no reading of that name to measure");
            }
        }
        return usual;
    }

    private static Life life(Entry entry) {
        Life life = new Life(entry.texts("ages"), entry.text("work"), entry.text("free"));
        entry.done();
        return life;
    }

    private static Occurrence occurrence(Entry all, String name) {
        Entry entry = all.child(name);
        Occurrence occurrence = new Occurrence(
                entry.number("chance", 0, 1),
                entry.texts("with"),
                entry.optionalNumber("withChance", 0, 1).orElse(0),
                sentences(entry, "says"));
        entry.done();
        return occurrence;
    }

    private static Usual between(Entry entry, String field) {
        List<Double> two = entry.numbers(field);
        if (two.size() != 2 || two.get(0) > two.get(1)) {
            throw entry.problem(field, "expected two numbers, the lower first");
        }
        return new Usual(two.get(0), two.get(1));
    }

    private static List<String> sentences(Entry entry, String field) {
        List<String> sentences = entry.texts(field);
        if (sentences.isEmpty()) {
            throw entry.problem(field, "expected at least one sentence");
        }
        return sentences;
    }

    private static <T> Map<String, T> each(Entry entry, BiFunction<Entry, String, T> reading) {
        Map<String, T> all = new LinkedHashMap<>();
        entry.fieldNames().forEach(name -> all.put(name, reading.apply(entry, name)));
        entry.done();
        return all;
    }
}
