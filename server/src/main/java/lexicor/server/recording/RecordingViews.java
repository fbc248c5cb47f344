package lexicor.server.recording;

import com.fasterxml.jackson.annotation.JsonInclude;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import lexicor.core.examination.Side;

/** What the API takes and gives for what is recorded. */
public final class RecordingViews {
    private RecordingViews() {}

    /** A tap as it is kept, taken back or not. */
    public record TapView(
            UUID tapId,
            Instant tappedAt,
            Instant recordedAt,
            int visit,
            String device,
            String test,
            String at,
            Side side,
            @JsonInclude(content = JsonInclude.Include.ALWAYS) Map<String, Object> changes,
            boolean takenBack) {}

    /** Takes a tap back. */
    public record TakeBack(UUID tapId) {}

    /**
     * What is said of a warning sign.
     *
     * @param state confirmed, excluded, or open to take back what was said
     * @param reason why; wanted where it is excluded
     */
    public record SettleWarning(
            String warning,
            String state,
            @Schema(nullable = true) String reason,
            @Schema(nullable = true) Boolean sure) {}

    /** The written reason for going ahead with a blocked test. */
    public record NewOverride(String test, String reason, @Schema(nullable = true) Boolean sure) {}

    /**
     * One tap.
     *
     * @param tapId made by the sender; the same tap sent twice is recorded once
     * @param changes leaf names with a truth value, a number, a code, several codes, a text, or null to clear
     * @param device a random name of the device, so that its taps stay in their order; may be absent
     * @param ageMillis how long ago it was made; absent for just now
     * @param visit the number of the visit it was made at; absent for the current one
     * @param sure whether a text that looks like personal details was asked about and holds none
     */
    public record NewTap(
            UUID tapId,
            String test,
            String at,
            Side side,
            Map<String, Object> changes,
            @Schema(nullable = true) String device,
            @Schema(nullable = true) Long ageMillis,
            @Schema(nullable = true) Integer visit,
            @Schema(nullable = true) Boolean sure) {}
}
