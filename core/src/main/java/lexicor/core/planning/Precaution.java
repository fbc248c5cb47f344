package lexicor.core.planning;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;

/** Why some tests must not be done; ticked at intake. A test is blocked by the precautions that it lists. */
public enum Precaution {
    SUSPECTED_FRACTURE("Suspected fracture"),
    UNREDUCED_DISLOCATION("Unreduced dislocation"),
    KNOWN_RECENT_SUBLUXATION("Known recent subluxation"),
    RECENT_SURGERY("Fresh repair or recent surgery"),
    INFECTION("Infection"),
    ACUTE_VASCULAR("Acute vascular trouble"),
    SEVERE_OSTEOPOROSIS("Severe osteoporosis"),
    UNSTABLE_NECK("Unstable neck"),
    OPEN_WOUND("Open wound");

    private final String label;

    Precaution(String label) {
        this.label = label;
    }

    public static Optional<Precaution> withId(String id) {
        return Arrays.stream(values()).filter(p -> p.id().equals(id)).findFirst();
    }

    /** The precautions, of those set, that block the test. */
    public static List<Precaution> blocking(ClinicalTest test, List<Precaution> set) {
        return set.stream()
                .filter(p -> test.contraindications().contains(p.id()))
                .toList();
    }

    /**
     * Whether a test can be come to without a blocked one: neither it nor anything that has to come before it, and is not done
     * yet, lists a precaution that is set.
     *
     * @param done tests done already
     * @param set ids of the precautions set
     */
    public static boolean isReachable(Catalogue catalogue, ClinicalTest test, Set<String> done, Set<String> set) {
        return test.contraindications().stream().noneMatch(set::contains)
                && test.after().stream()
                        .filter(earlier -> !done.contains(earlier))
                        .allMatch(earlier ->
                                isReachable(catalogue, catalogue.test(earlier).orElseThrow(), done, set));
    }

    /** The name used in packs, files and the API. */
    @JsonValue
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public String label() {
        return label;
    }
}
