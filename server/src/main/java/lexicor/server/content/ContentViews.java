package lexicor.server.content;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;
import lexicor.core.examination.Outcome;
import lexicor.server.catalogue.CatalogueView.TestView;
import tools.jackson.databind.JsonNode;

/** What the API takes and gives for forms and previews. */
final class ContentViews {
    private ContentViews() {}

    /**
     * How entries are filled in.
     *
     * @param kinds the fields of each kind of entry, by its id
     * @param keys of kinds whose entries have no name of their own, the fields that make it, by the kind's id
     * @param vocabularies what fields are chosen from, by name
     */
    record ContentForms(
            Map<String, List<FieldForm>> kinds,
            Map<String, List<String>> keys,
            Map<String, List<Option>> vocabularies) {}

    /**
     * An entry to be tried out.
     *
     * @param taps what is tapped on it, in order; only a test has any
     */
    record Trial(JsonNode fields, List<TrialTap> taps) {}

    /** @param changes leaf names with a truth value, a number, a code, several codes, or null to clear */
    record TrialTap(String at, String side, Map<String, Object> changes) {}

    /**
     * What an entry would be; nothing is stored.
     *
     * @param problems what is wrong with it; empty where it could be stored
     * @param test as it would stand on the couch; absent for anything else, and where something is wrong
     * @param rules each criterion's rule in words
     * @param outcomes of each criterion on the affected side, after the taps
     */
    record Tried(
            List<FormProblem> problems,
            @Schema(nullable = true) TestView test,
            List<RuleRead> rules,
            List<TrialOutcome> outcomes) {}

    /**
     * What textbook patients would look like with an entry.
     *
     * @param patients how many there are
     * @param otherwise those that would no longer be read as a clinician expects, or would be again
     */
    record PatientsTried(int patients, List<PatientOtherwise> otherwise) {}

    /**
     * A textbook patient who would be read otherwise.
     *
     * @param before what is not as expected now, as sentences
     * @param after what would not be as expected then
     */
    record PatientOtherwise(String id, List<String> before, List<String> after) {}

    /** When a criterion is positive, as part of a sentence. */
    record RuleRead(String criterion, String label, String words) {}

    record TrialOutcome(String criterion, String label, Outcome outcome, String reason) {}
}
