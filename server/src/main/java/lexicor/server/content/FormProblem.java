package lexicor.server.content;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import lexicor.core.catalogue.packs.PackEntry;
import lexicor.core.document.InvalidDocumentException;
import lexicor.core.document.Problem;
import lexicor.core.examination.Wording;
import tools.jackson.databind.JsonNode;

/**
 * What is wrong with an entry, by the names of its form.
 *
 * @param path of the field within the entry, for example {@code criteria.neer/pain.positiveWhen}; empty for the whole
 * @param label the field in words, for example {@code Criteria, Pain, positive when}
 */
public record FormProblem(String path, String label, String message) {
    private static final Pattern INDEXED = Pattern.compile("(.*)\\[(\\d+)]");

    /**
     * Everything wrong with the entry. Where it is faulty itself, whatever refers to it is as well, which would hide what is
     * wrong; so that is told only where there is nothing else.
     */
    public static List<FormProblem> of(InvalidDocumentException wrong, PackEntry entry) {
        String own = entry.kind().path(entry.id());
        List<FormProblem> found = wrong.problems().stream()
                .filter(p -> p.path().equals(own) || p.path().startsWith(own + "."))
                .map(p -> ofOwn(p, own, entry))
                .toList();
        return found.isEmpty()
                ? wrong.problems().stream().map(FormProblem::ofOther).toList()
                : found;
    }

    private static FormProblem ofOwn(Problem p, String own, PackEntry entry) {
        String path = p.path().equals(own) ? "" : p.path().substring(own.length() + 1);
        return new FormProblem(
                path, Wording.capital(label(path, EntryForms.of(entry.kind()), entry.fields())), p.message());
    }

    /** Something that refers to the entry, by its place in the packs. */
    private static FormProblem ofOther(Problem p) {
        return new FormProblem("", p.path(), p.message());
    }

    /** The message with the field's name in front, as one sentence. */
    public String sentence() {
        return label.isEmpty() ? message : label + ": " + message;
    }

    private static String label(String path, List<FieldForm> forms, JsonNode at) {
        if (path.isEmpty()) {
            return "";
        }
        int dot = path.indexOf('.');
        String first = dot < 0 ? path : path.substring(0, dot);
        String rest = dot < 0 ? "" : path.substring(dot + 1);
        Matcher indexed = INDEXED.matcher(first);
        boolean inList = indexed.matches();
        String name = inList ? indexed.group(1) : first;
        Optional<FieldForm> form =
                forms.stream().filter(f -> f.name().equals(name)).findFirst();
        if (form.isEmpty()) {
            return name;
        }
        JsonNode value = at.path(name);
        String own = Wording.midSentence(form.get().label());
        // A rule says by itself what is wrong with it.
        boolean ends = form.get().parts().isEmpty();
        if (ends) {
            return own;
        }
        if (inList) {
            JsonNode item = value.path(Integer.parseInt(indexed.group(2)));
            return join(
                    own,
                    named(item, "number " + (Integer.parseInt(indexed.group(2)) + 1)),
                    label(rest, form.get().parts(), item));
        }
        if (form.get().type() == FieldForm.Type.FIELDS) {
            return join(own, "", label(rest, form.get().parts(), value));
        }
        // The next part names one of a list, or what the parts belong to.
        int next = rest.indexOf('.');
        String key = next < 0 ? rest : rest.substring(0, next);
        JsonNode item = value.isArray()
                ? value.valueStream()
                        .filter(v -> v.path("id").asString("").equals(key))
                        .findFirst()
                        .orElse(value.path(0))
                : value.path(key);
        return join(
                own,
                named(item, key),
                label(next < 0 ? "" : rest.substring(next + 1), form.get().parts(), item));
    }

    private static String named(JsonNode item, String otherwise) {
        String label = item.path("label").asString("");
        String name = label.isEmpty() ? item.path("name").asString("") : label;
        return name.isEmpty() ? otherwise : "\u201c" + name + "\u201d";
    }

    private static String join(String first, String second, String third) {
        StringBuilder words = new StringBuilder(first);
        if (!second.isEmpty()) {
            words.append(' ').append(second);
        }
        return third.isEmpty()
                ? words.toString()
                : words.append(", ").append(third).toString();
    }
}
