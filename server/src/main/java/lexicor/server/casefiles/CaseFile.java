package lexicor.server.casefiles;

import com.fasterxml.jackson.annotation.JsonInclude;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import lexicor.server.cases.Intake;
import tools.jackson.databind.JsonNode;

/**
 * A case as a file: everything recorded, and everything needed to weigh it again. The names of people are not in it.
 *
 * @param format always {@value #FORMAT}
 * @param version of the format
 * @param plan the case's own running order; empty where the proposed one is followed
 * @param sets tests that were put into the order as one; absent where none were
 * @param settled what was said of warning signs; absent where nothing was
 * @param outcomes what came out of it, noted beside it
 * @param weigh the self-contained case with its figures, as {@code ./lexicor weigh} takes it
 */
public record CaseFile(
        String format,
        int version,
        String code,
        Moment created,
        Intake intake,
        List<Moment> visits,
        List<String> plan,
        Map<String, String> ladders,
        List<TapEntry> taps,
        List<MeasuredEntry> measured,
        List<OverrideEntry> overrides,
        @Schema(nullable = true) @JsonInclude(JsonInclude.Include.NON_EMPTY) List<String> sets,
        @Schema(nullable = true) @JsonInclude(JsonInclude.Include.NON_EMPTY) List<SettledEntry> settled,
        @Schema(nullable = true) @JsonInclude(JsonInclude.Include.NON_EMPTY) List<OutcomeEntry> outcomes,
        @Schema(nullable = true) JsonNode weigh) {
    public static final String FORMAT = "lexicor-case";
    public static final int VERSION = 1;

    /**
     * When something was.
     *
     * @param at absent in a file without dates
     * @param day whole days since the first visit
     */
    public record Moment(@Schema(nullable = true) Instant at, long day) {}

    /** A tap; its changes by leaf, null where it cleared one. */
    public record TapEntry(
            UUID id,
            int visit,
            String test,
            String at,
            String side,
            JsonNode changes,
            Moment tapped,
            Moment recorded,
            String device,
            @Schema(nullable = true) String variant,
            boolean takenBack,
            @Schema(nullable = true) Moment takenBackAt) {}

    /** One measured value, or one noted word. */
    public record MeasuredEntry(
            int visit,
            String measure,
            String item,
            String side,
            int place,
            @Schema(nullable = true) Double amount,
            @Schema(nullable = true) String word,
            Moment recorded) {}

    /** A reason for going ahead with a blocked test. */
    public record OverrideEntry(int visit, String test, String reason, Moment recorded) {}

    /**
     * What somebody said of a warning sign.
     *
     * @param state confirmed, or excluded
     * @param why in their words; empty where nothing was written
     * @param raisedBy what had raised it by then
     */
    public record SettledEntry(String warning, String state, String why, List<String> raisedBy, Moment said) {}

    /**
     * What a reference said.
     *
     * @param on the day of the reference
     * @param months how long it was watched; absent where that is not the matter
     * @param answers present, absent or not-known, by condition
     * @param takenBackAt absent while it stands
     */
    public record OutcomeEntry(
            UUID id,
            String reference,
            Moment on,
            @Schema(nullable = true) Integer months,
            Map<String, String> answers,
            String note,
            Moment noted,
            @Schema(nullable = true) Moment takenBackAt) {}

    /** A file from before these were kept has none of them. */
    public CaseFile {
        sets = sets == null ? List.of() : sets;
        settled = settled == null ? List.of() : settled;
        outcomes = outcomes == null ? List.of() : outcomes;
    }

    /** What was recorded alone. */
    public CaseFile withoutWeigh() {
        return new CaseFile(
                format, version, code, created, intake, visits, plan, ladders, taps, measured, overrides, sets, settled,
                outcomes, null);
    }
}
