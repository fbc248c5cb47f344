package lexicor.server.reports;

import java.util.ArrayList;
import java.util.List;
import lexicor.server.cases.Told;

/** What a patient told in a few words, as sentences of a report. */
final class ToldWords {
    private ToldWords() {}

    /** Empty where nothing was told. */
    static String of(Told told) {
        if (told == null) {
            return "";
        }
        List<String> sentences = new ArrayList<>();
        if (told.onset() != null) {
            sentences.add(
                    switch (told.onset()) {
                        case SUDDEN -> "Came suddenly.";
                        case GRADUAL -> "Came gradually.";
                        case AFTER_AN_INJURY -> "Came after an injury.";
                    });
        }
        sentence(sentences, "For how long: ", told.duration());
        sentence(sentences, "Eases: ", told.eases());
        sentence(sentences, "Provokes: ", told.provokes());
        List<String> pains = new ArrayList<>();
        add(pains, "now ", told.painNow());
        add(pains, "at night ", told.painAtNight());
        add(pains, "at worst ", told.painAtWorst());
        if (!pains.isEmpty()) {
            sentences.add("Pain from 0 to 10: " + String.join(", ", pains) + ".");
        }
        sentence(sentences, "Work and free time: ", told.work());
        sentence(sentences, "The arm is needed for: ", told.needs());
        return String.join(" ", sentences);
    }

    private static void add(List<String> to, String words, Object value) {
        if (value != null) {
            to.add(words + value);
        }
    }

    private static void sentence(List<String> to, String words, String value) {
        if (value != null) {
            to.add(Words.sentence(words + value));
        }
    }
}
