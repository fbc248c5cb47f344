package lexicor.core.catalogue.published;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** How often a sign is there, judged in words, with what it counts for (method M24). Never shown as a number beside studies. */
public enum HowOften {
    NEARLY_ALWAYS("nearly always", 0.95),
    USUALLY("usually", 0.80),
    HALF("half", 0.50),
    SOMETIMES("sometimes", 0.25),
    SELDOM("seldom", 0.10),
    HARDLY_EVER("hardly ever", 0.03);

    private final String words;
    private final double share;

    HowOften(String words, double share) {
        this.words = words;
        this.share = share;
    }

    /** The words used in files and the API. */
    @JsonValue
    public String words() {
        return words;
    }

    /** The share of people that it counts for. */
    public double share() {
        return share;
    }

    public static Optional<HowOften> withWords(String words) {
        return Arrays.stream(values()).filter(h -> h.words.equals(words)).findFirst();
    }

    /** All of them, the most often first. */
    public static List<String> allWords() {
        return Arrays.stream(values()).map(HowOften::words).toList();
    }
}
