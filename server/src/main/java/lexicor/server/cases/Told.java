package lexicor.server.cases;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonValue;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import lexicor.server.cases.records.ToldRecord;

/**
 * What is told of a complaint in a few words; absent what was not said.
 *
 * @param duration since when
 * @param painNow from 0 to 10
 * @param work what they do, for work and besides
 * @param needs what the arm is needed for
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record Told(
        @Schema(nullable = true) Onset onset,
        @Schema(nullable = true) String duration,
        @Schema(nullable = true) String eases,
        @Schema(nullable = true) String provokes,
        @Schema(nullable = true, minimum = "0", maximum = "10") Integer painNow,
        @Schema(nullable = true, minimum = "0", maximum = "10") Integer painAtNight,
        @Schema(nullable = true, minimum = "0", maximum = "10") Integer painAtWorst,
        @Schema(nullable = true) String work,
        @Schema(nullable = true) String needs) {
    /** How it began. */
    public enum Onset {
        SUDDEN,
        GRADUAL,
        AFTER_AN_INJURY;

        /** The name used in files and the API. */
        @JsonValue
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }

        static Optional<Onset> withId(String id) {
            return Arrays.stream(values()).filter(o -> o.id().equals(id)).findFirst();
        }
    }

    /** The stored one; null where nothing was told. */
    static Told of(ToldRecord stored) {
        if (stored == null) {
            return null;
        }
        Told told = new Told(
                Optional.ofNullable(stored.onset).flatMap(Onset::withId).orElse(null),
                stored.duration,
                stored.eases,
                stored.provokes,
                stored.painNow,
                stored.painAtNight,
                stored.painAtWorst,
                stored.work,
                stored.needs);
        return told.isNothing() ? null : told;
    }

    ToldRecord stored() {
        ToldRecord stored = new ToldRecord();
        stored.onset = onset == null ? null : onset.id();
        stored.duration = duration;
        stored.eases = eases;
        stored.provokes = provokes;
        stored.painNow = painNow;
        stored.painAtNight = painAtNight;
        stored.painAtWorst = painAtWorst;
        stored.work = work;
        stored.needs = needs;
        return stored;
    }

    private boolean isNothing() {
        return Stream.of(onset, duration, eases, provokes, painNow, painAtNight, painAtWorst, work, needs)
                .allMatch(Objects::isNull);
    }

    /** What was written, by its field. */
    public Map<String, String> texts() {
        Map<String, String> texts = new LinkedHashMap<>();
        put(texts, "duration", duration);
        put(texts, "eases", eases);
        put(texts, "provokes", provokes);
        put(texts, "work", work);
        put(texts, "needs", needs);
        return texts;
    }

    /** The pains, by their fields. */
    public Map<String, Integer> pains() {
        Map<String, Integer> pains = new LinkedHashMap<>();
        put(pains, "painNow", painNow);
        put(pains, "painAtNight", painAtNight);
        put(pains, "painAtWorst", painAtWorst);
        return pains;
    }

    private static <T> void put(Map<String, T> into, String field, T value) {
        if (value != null) {
            into.put(field, value);
        }
    }
}
