package lexicor.core.catalogue;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Arrays;
import java.util.Optional;

/** Age in bands; their edges answer the history items that ask for age. */
public enum AgeBand {
    UNDER_18("under-18", "Under 18", 0),
    FROM_18("18-29", "18 to 29", 18),
    FROM_30("30-45", "30 to 45", 30),
    FROM_46("46-64", "46 to 64", 46),
    FROM_65("65-or-over", "65 or over", 65);

    private final String id;
    private final String label;
    private final int youngest;

    AgeBand(String id, String label, int youngest) {
        this.id = id;
        this.label = label;
        this.youngest = youngest;
    }

    public static Optional<AgeBand> withId(String id) {
        return Arrays.stream(values()).filter(b -> b.id.equals(id)).findFirst();
    }

    /**
     * The band that an age is in.
     *
     * @param years from 0 on
     */
    public static AgeBand of(int years) {
        return Arrays.stream(values())
                .filter(b -> b.youngest <= years)
                .reduce((younger, older) -> older)
                .orElseThrow(() -> new IllegalArgumentException("no age is below 0, found " + years));
    }

    /** The name used in files and the API. */
    @JsonValue
    public String id() {
        return id;
    }

    public String label() {
        return label;
    }

    /** What the band answers to a history item; empty to one that does not ask for age. */
    public Optional<Boolean> answer(HistoryItem item) {
        if (item.ageFrom().isPresent()) {
            return Optional.of(allAtLeast(item.ageFrom().getAsInt()));
        }
        return item.ageBelow().isPresent()
                ? Optional.of(allBelow(item.ageBelow().getAsInt()))
                : Optional.empty();
    }

    /** Whether nobody in the band has reached this age in years. */
    public boolean allBelow(int years) {
        return ordinal() + 1 < values().length && values()[ordinal() + 1].youngest <= years;
    }

    /** Whether everybody in the band has reached this age in years. */
    public boolean allAtLeast(int years) {
        return youngest >= years;
    }
}
