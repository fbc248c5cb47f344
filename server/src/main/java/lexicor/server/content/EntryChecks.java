package lexicor.server.content;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import lexicor.core.catalogue.packs.PackEntry;
import lexicor.core.examination.Wording;
import lexicor.server.content.FieldForm.Type;
import tools.jackson.databind.JsonNode;

/** What is asked of an entry before it is stored beyond what the packs ask: packs of an earlier time must stay readable. */
public final class EntryChecks {
    private static final Pattern ICD10 = Pattern.compile("[A-Z][0-9][0-9A-Z](\\.[0-9A-Z]{1,4})?");

    private static final Map<Type, String> TO_SAY = Map.of(
            Type.TEXT, "not said yet",
            Type.LONG, "not said yet",
            Type.NUMBER, "no number yet",
            Type.WHOLE, "no number yet",
            Type.SHARE, "no number yet",
            Type.CHOICE, "choose one",
            Type.CHOICE_OR_NEW, "choose one",
            Type.RULE, "say what has to be recorded");

    private EntryChecks() {}

    public static List<FormProblem> of(PackEntry entry) {
        List<FormProblem> problems = new ArrayList<>();
        missing("", "", EntryForms.of(entry.kind()), entry.fields(), problems);
        problems.addAll(code(entry));
        return problems;
    }

    /** Everything that is still to be said, at once; the packs' reader stops at the first. */
    private static void missing(
            String path, String label, List<FieldForm> forms, JsonNode at, List<FormProblem> problems) {
        for (FieldForm form : forms) {
            JsonNode value = at.path(form.name());
            String here = path.isEmpty() ? form.name() : path + "." + form.name();
            String name = label.isEmpty() ? form.label() : label + ", " + Wording.midSentence(form.label());
            if (form.type() == Type.LIST) {
                for (int i = 0; i < value.size(); i++) {
                    JsonNode item = value.get(i);
                    String id = item.path("id").asString("");
                    missing(
                            id.isEmpty() ? here + "[" + i + "]" : here + "." + id,
                            name + ", number " + (i + 1),
                            form.parts(),
                            item,
                            problems);
                }
            } else if (form.type() == Type.FIELDS && value.isObject()) {
                missing(here, name, form.parts(), value, problems);
            } else if (form.needed() && TO_SAY.containsKey(form.type()) && isBlank(value)) {
                problems.add(new FormProblem(here, name, TO_SAY.get(form.type())));
            }
        }
    }

    private static boolean isBlank(JsonNode value) {
        return value.isMissingNode()
                || value.isNull()
                || value.isString() && value.asString().isBlank()
                || value.isObject()
                        && value.path("all").isArray()
                        && value.path("all").isEmpty();
    }

    private static List<FormProblem> code(PackEntry entry) {
        String code = entry.fields().path("icd10").asString("");
        boolean wrong = entry.kind() == PackEntry.Kind.CONDITION
                && !code.isEmpty()
                && !ICD10.matcher(code).matches();
        return wrong
                ? List.of(new FormProblem(
                        "icd10",
                        "ICD-10 code",
                        "expected a letter and two digits, and up to four more after a point, as in M75.1, found "
                                + code))
                : List.of();
    }
}
