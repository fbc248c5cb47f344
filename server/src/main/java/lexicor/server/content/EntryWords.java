package lexicor.server.content;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Criterion;
import lexicor.core.catalogue.packs.PackEntry;
import lexicor.core.catalogue.packs.TestReader;
import lexicor.core.document.Entry;
import lexicor.core.document.InvalidDocumentException;
import lexicor.core.examination.RuleSentence;
import lexicor.core.examination.Wording;
import tools.jackson.databind.JsonNode;

/** Entries field by field in words: what is listed stands one a line. */
public final class EntryWords {
    /** What a part of a list is called, which stands before its fields already. */
    private static final List<String> TITLES = List.of("label", "name", "positives");

    private final Catalogue catalogue;
    private final Map<String, Map<String, String>> labels = new HashMap<>();

    private EntryWords(Catalogue catalogue) {
        this.catalogue = catalogue;
        Vocabularies.of(catalogue)
                .forEach((name, options) -> labels.put(
                        name, options.stream().collect(Collectors.toMap(Option::id, Option::label, (a, b) -> a))));
    }

    /** @param catalogue whose names what is referred to goes by */
    public static EntryWords by(Catalogue catalogue) {
        return new EntryWords(catalogue);
    }

    /** The entry's fields by their labels, in the order of the form; empty ones are not there. */
    public Map<String, String> of(PackEntry entry) {
        Map<String, String> words = new LinkedHashMap<>();
        Optional<ClinicalTest> test = entry.kind() == PackEntry.Kind.TEST ? test(entry) : Optional.empty();
        fields("", EntryForms.of(entry.kind()), entry.fields(), test, words);
        words.values().removeIf(String::isBlank);
        return words;
    }

    private static Optional<ClinicalTest> test(PackEntry entry) {
        try {
            return Optional.of(TestReader.read(Entry.of("", "", entry.fields())));
        } catch (InvalidDocumentException e) {
            // An entry of an earlier time that is not valid any more is told as it is written.
            return Optional.empty();
        }
    }

    private void fields(
            String before, List<FieldForm> forms, JsonNode at, Optional<ClinicalTest> test, Map<String, String> words) {
        for (FieldForm form : forms) {
            JsonNode value = at.get(form.name());
            boolean told = form.type() == FieldForm.Type.ID || !before.isEmpty() && TITLES.contains(form.name());
            if (value != null && !value.isNull() && !told) {
                field(
                        before.isEmpty() ? form.label() : before + ", " + Wording.midSentence(form.label()),
                        form,
                        value,
                        test,
                        words,
                        at);
            }
        }
        // What no form knows is told as it is written.
        at.properties().stream()
                .filter(p -> forms.stream().noneMatch(f -> f.name().equals(p.getKey())))
                .filter(p -> !p.getValue().isNull())
                .forEach(p -> words.put(
                        before.isEmpty() ? p.getKey() : before + ", " + p.getKey(),
                        p.getValue().toString()));
    }

    private void field(
            String label,
            FieldForm form,
            JsonNode value,
            Optional<ClinicalTest> test,
            Map<String, String> words,
            JsonNode around) {
        switch (form.type()) {
            case LIST ->
                value.forEach(item -> {
                    String part = label + " \u201c" + title(item) + "\u201d";
                    int so = words.size();
                    fields(part, form.parts(), item, test, words);
                    if (words.size() == so) {
                        words.put(part, "there");
                    }
                });
            case FIELDS -> fields(label, form.parts(), value, test, words);
            case BY_CHOICE, BY_NAME ->
                value.properties().forEach(p -> {
                    String name = label + ", " + Wording.midSentence(name(form.vocabulary(), p.getKey()));
                    if (form.parts().get(0).name().isEmpty()) {
                        field(name, form.parts().get(0), p.getValue(), test, words, value);
                    } else {
                        fields(name, form.parts(), p.getValue(), test, words);
                    }
                });
            case WORDS ->
                value.properties()
                        .forEach(p -> words.put(
                                label + ", " + Wording.midSentence(name(form.vocabulary(), p.getKey())),
                                lines(p.getValue(), "")));
            case RULE -> words.put(label, rule(value, around, test));
            default -> words.put(label, single(form, value));
        }
    }

    private static String title(JsonNode part) {
        return TITLES.stream()
                .filter(part::hasNonNull)
                .map(t -> part.get(t).asString())
                .findFirst()
                .orElse("");
    }

    private String single(FieldForm form, JsonNode value) {
        return switch (form.type()) {
            case FLAG -> value.asBoolean(false) ? "yes" : "no";
            case SHARE -> value.isNumber() ? Wording.plain(100 * value.asDouble()) + " %" : value.toString();
            case CHOICE, CHOICE_OR_NEW -> name(form.vocabulary(), value.asString(""));
            case CHOICES, CHOICES_OR_NEW, LINES -> lines(value, form.vocabulary());
            case DEFINITION -> definition(value, false);
            case STEP -> step(value);
            default -> value.isString() ? value.asString() : value.toString();
        };
    }

    private String name(String vocabulary, String id) {
        return labels.getOrDefault(vocabulary, Map.of()).getOrDefault(id, id);
    }

    private String lines(JsonNode value, String vocabulary) {
        return value.isArray()
                ? value.valueStream().map(v -> name(vocabulary, v.asString(""))).collect(Collectors.joining("\n"))
                : value.asString(value.toString());
    }

    private String rule(JsonNode written, JsonNode criterion, Optional<ClinicalTest> test) {
        return test.flatMap(t -> t.criteria().stream()
                        .filter(c -> c.id().equals(criterion.path("id").asString("")))
                        .findFirst()
                        .map(Criterion::positiveWhen)
                        .map(r -> RuleSentence.of(r, t, catalogue)))
                .orElseGet(written::toString);
    }

    private String definition(JsonNode rule, boolean within) {
        if (rule.isString()) {
            return name(Vocabularies.ANSWER, rule.asString());
        }
        if (rule.has("not")) {
            return "not " + definition(rule.get("not"), true);
        }
        for (Map.Entry<String, String> joined :
                Map.of("all", ", and ", "any", ", or ").entrySet()) {
            if (rule.has(joined.getKey())) {
                String words = rule.get(joined.getKey())
                        .valueStream()
                        .map(r -> definition(r, true))
                        .collect(Collectors.joining(joined.getValue()));
                return within ? "(" + words + ")" : words;
            }
        }
        return "at least " + rule.path("atLeast").asInt(1) + " of: "
                + rule.path("of").valueStream().map(r -> definition(r, true)).collect(Collectors.joining("; "));
    }

    private String step(JsonNode step) {
        if (step.isString()) {
            return "go on with " + step.asString();
        }
        JsonNode suspect = step.path("suspect");
        String named = suspect.isArray()
                ? lines(suspect, Vocabularies.CONDITION).replace("\n", ", ")
                : name(Vocabularies.CONDITION, suspect.asString(""));
        return (named.isEmpty() ? "" : "suspect " + named + ". ")
                + step.path("end").asString("");
    }
}
