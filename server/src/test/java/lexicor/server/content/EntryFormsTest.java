package lexicor.server.content;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import lexicor.core.catalogue.packs.PackEntry;
import lexicor.core.catalogue.packs.PackFiles;
import lexicor.core.document.InvalidDocumentException;
import lexicor.server.catalogue.Edition;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Whatever the packs hold has its place in a form, is chosen from what there is, and is read back in words. */
class EntryFormsTest {
    private static final Edition SHIPPED =
            Edition.of(PackFiles.under(Path.of(System.getProperty("lexicor.packs", "../packs"))), Instant.EPOCH);
    private static final Map<String, List<Option>> VOCABULARIES = Vocabularies.of(SHIPPED.catalogue());

    @Test
    void everythingThatIsShippedHasItsPlaceInAFormAndNothingIsMissing() {
        assertThat(SHIPPED.entries()).hasSizeGreaterThan(300);
        for (PackEntry entry : SHIPPED.entries()) {
            String name = entry.kind() + " " + entry.id();
            allHaveAPlace(name, EntryForms.of(entry.kind()), entry.fields());
            assertThat(EntryChecks.of(entry)).as(name).isEmpty();
        }
    }

    private static void allHaveAPlace(String where, List<FieldForm> forms, JsonNode at) {
        for (Map.Entry<String, JsonNode> field : at.properties()) {
            FieldForm form = forms.stream()
                    .filter(f -> f.name().equals(field.getKey()))
                    .findFirst()
                    .orElse(null);
            assertThat(form).as(where + ", " + field.getKey()).isNotNull();
            JsonNode value = field.getValue();
            switch (form.type()) {
                case LIST -> value.forEach(item -> allHaveAPlace(where + ", " + field.getKey(), form.parts(), item));
                case FIELDS -> allHaveAPlace(where + ", " + field.getKey(), form.parts(), value);
                case BY_CHOICE, BY_NAME ->
                    value.properties().forEach(p -> {
                        if (!form.parts().get(0).name().isEmpty()) {
                            allHaveAPlace(where + ", " + field.getKey(), form.parts(), p.getValue());
                        }
                    });
                case CHOICES ->
                    known(
                            where,
                            form,
                            value.valueStream().map(JsonNode::asString).collect(Collectors.toSet()));
                case CHOICE -> known(where, form, value.isNull() ? Set.of() : Set.of(value.asString()));
                default -> assertThat(value.isMissingNode()).isFalse();
            }
        }
    }

    private static void known(String where, FieldForm form, Set<String> chosen) {
        if (VOCABULARIES.containsKey(form.vocabulary())) {
            assertThat(VOCABULARIES.get(form.vocabulary()))
                    .as(where + ", " + form.label())
                    .extracting(Option::id)
                    .containsAll(chosen);
        }
    }

    @Test
    void everyEntryIsReadBackInWordsOfTheFieldNotOfTheFile() {
        EntryWords words = EntryWords.by(SHIPPED.catalogue());
        for (PackEntry entry : SHIPPED.entries()) {
            assertThat(words.of(entry).values())
                    .as(entry.kind() + " " + entry.id())
                    .isNotEmpty()
                    .noneMatch(text -> text.matches("(?s)[\\[{\"].*[\\]}\"]"));
        }
        PackEntry neer = SHIPPED.entry(PackEntry.Kind.TEST, "neer").orElseThrow();
        assertThat(words.of(neer))
                .containsEntry("Criteria \u201cFamiliar pain\u201d, positive when", "the familiar pain")
                .containsEntry("Done on both sides", "yes");
    }

    /** What the packs' reader says by the path of a file is said by the label of a field. */
    @Test
    void whatIsWrongIsSaidByTheNamesOfTheForm() {
        PackEntry neer = SHIPPED.entry(PackEntry.Kind.TEST, "neer").orElseThrow();
        ObjectNode fields = neer.fields().deepCopy();
        ((ObjectNode) fields.at("/criteria/0/positiveWhen"))
                .removeAll()
                .putArray("all")
                .addObject()
                .put("reading", "gapMm")
                .put("atLeast", 3);
        List<FormProblem> problems = problems(new PackEntry(neer.kind(), neer.id(), fields));
        assertThat(problems).hasSize(1);
        assertThat(problems.get(0).path()).isEqualTo("criteria.neer/pain.positiveWhen.all[0].reading");
        assertThat(problems.get(0).label()).isEqualTo("Criteria \u201cFamiliar pain\u201d, positive when");

        ObjectNode numbers = neer.fields().deepCopy().put("minutes", "a while");
        assertThat(problems(new PackEntry(neer.kind(), neer.id(), numbers)))
                .containsExactly(new FormProblem("minutes", "Minutes", "expected a number, found \"a while\""));
    }

    private static List<FormProblem> problems(PackEntry entry) {
        try {
            Edition.of(SHIPPED.toBeChanged().put(entry).files(), Instant.EPOCH);
            return List.of();
        } catch (InvalidDocumentException e) {
            return FormProblem.of(e, entry);
        }
    }

    @Test
    void allThatIsStillToBeSaidIsSaidAtOnce() {
        ObjectNode fields = JsonMapper.shared()
                .createObjectNode()
                .put("id", "harbour-press")
                .put("name", "Harbour press");
        fields.putArray("criteria").addObject().put("id", "harbour-press/x").put("label", "");
        assertThat(EntryChecks.of(new PackEntry(PackEntry.Kind.TEST, "harbour-press", fields)))
                .extracting(FormProblem::sentence)
                .contains(
                        "Region: choose one",
                        "Minutes: no number yet",
                        "Criteria, number 1, what is positive: not said yet",
                        "Criteria, number 1, positive when: say what has to be recorded");
        ObjectNode condition = SHIPPED.entry(PackEntry.Kind.CONDITION, "slap-tear")
                .orElseThrow()
                .fields()
                .deepCopy();
        for (String code : List.of("75.1", "M7", "m75.1", "M75.", "M75.12345")) {
            assertThat(EntryChecks.of(new PackEntry(
                            PackEntry.Kind.CONDITION,
                            "slap-tear",
                            condition.deepCopy().put("icd10", code))))
                    .as(code)
                    .extracting(FormProblem::path)
                    .containsExactly("icd10");
        }
    }
}
