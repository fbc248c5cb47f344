package lexicor.server.layer;

import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.List;
import lexicor.core.catalogue.packs.PackEntry;
import lexicor.server.history.Revised;
import tools.jackson.databind.JsonNode;

/** What the API takes and gives for the department's own content. */
final class LayerViews {
    private LayerViews() {}

    /**
     * A figure to be stored. Either counts are given, or sensitivity and specificity with the sizes.
     *
     * @param kind study, pooled, sensitivity-only or judgement
     * @param source ignored for a judgement, which has none
     * @param why for the history; not needed to look at what it comes to
     * @param sure whether a text that looks like personal details was asked about and holds none
     */
    record FigureChange(
            String criterion,
            String condition,
            String kind,
            @Schema(nullable = true) Counts counts,
            @Schema(nullable = true) BigDecimal sensitivity,
            @Schema(nullable = true) BigDecimal specificity,
            @Schema(nullable = true) Integer diseased,
            @Schema(nullable = true) Integer healthy,
            @Schema(nullable = true) Integer people,
            @Schema(nullable = true) String source,
            int year,
            @Schema(nullable = true) String referenceStandard,
            @Schema(nullable = true) String population,
            String bias,
            String confidence,
            @Schema(nullable = true) String note,
            @Schema(nullable = true) String why,
            @Schema(nullable = true) Boolean sure) {}

    /** A 2 x 2 table. */
    record Counts(int tp, int fn, int fp, int tn) {}

    /**
     * What a figure comes to before it is stored.
     *
     * @param counts as given, or led back from the proportions and sizes; absent where a size is not known
     * @param warnings what may not be right, in sentences; none of them keeps it from being stored
     */
    record FigurePreview(
            double sensitivity,
            double sensitivityLow,
            double sensitivityHigh,
            @Schema(nullable = true) Double specificity,
            @Schema(nullable = true) Double specificityLow,
            @Schema(nullable = true) Double specificityHigh,
            @Schema(nullable = true) Counts counts,
            List<String> warnings) {}

    /** The figure as it is stored now. */
    record FigureStored(String fingerprint) {}

    /**
     * What somebody found who looked a figure up.
     *
     * @param state checked, disputed, or not-yet-checked to take it back
     * @param note needed for disputed
     */
    record Check(String state, @Schema(nullable = true) String note) {}

    /**
     * An entry in the list of all.
     *
     * @param from shipped, changed or added
     */
    record EntryLine(
            PackEntry.Kind kind,
            String id,
            String name,
            @Schema(allowableValues = {"shipped", "changed", "added"}) String from) {}

    /** All entries, and why the department's own are not in force, which is empty where they are. */
    record EntryList(List<EntryLine> entries, List<String> unfit) {}

    /**
     * An entry as the packs write it.
     *
     * @param version of the department's own, 0 where there is none
     * @param fields as in force
     * @param shipped as it came with the program; absent for one that the department added
     * @param why the reason given for the last change; absent for a shipped one
     * @param differences what is other than shipped, in words: as shipped before, as in force after
     */
    record EntryView(
            PackEntry.Kind kind,
            String id,
            long version,
            JsonNode fields,
            @Schema(nullable = true) JsonNode shipped,
            @Schema(nullable = true) String why,
            List<Revised.Line> differences) {}

    /**
     * An entry to be stored over the version last seen.
     *
     * @param sure whether a reason that looks like personal details was asked about and holds none
     */
    record EntryChange(
            long version,
            JsonNode fields,
            @Schema(nullable = true) String why,
            @Schema(nullable = true) Boolean sure) {}
}
