package lexicor.core.planning;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import lexicor.core.catalogue.AgeBand;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Complaint;
import lexicor.core.catalogue.Presentation;

/**
 * What is known of a patient besides what was found, as far as safety goes.
 *
 * @param presentation what the patient comes with
 * @param injured whether this began with an injury
 * @param years age in years; empty where it is not known
 * @param age its band; empty where it is not known
 * @param asked warning signs answered yes at intake
 * @param precautions ticked at intake
 * @param excluded warning signs that somebody saw and excluded, each with what had raised it by then; what raises it later counts
 * @param candidates conditions that are weighed
 */
public record Circumstances(
        Presentation presentation,
        boolean injured,
        OptionalInt years,
        Optional<AgeBand> age,
        Set<String> asked,
        Set<String> precautions,
        Map<String, Set<String>> excluded,
        Set<String> candidates) {
    private static final String NECK = "neck";

    public Circumstances {
        asked = Set.copyOf(asked);
        precautions = Set.copyOf(precautions);
        excluded = Map.copyOf(excluded);
        candidates = Set.copyOf(candidates);
    }

    /** Of a patient of whom nothing else is known. */
    public static Circumstances of(Complaint complaint, boolean injured) {
        return new Circumstances(
                new Presentation(List.of(complaint)),
                injured,
                OptionalInt.empty(),
                Optional.empty(),
                Set.of(),
                Set.of(),
                Map.of(),
                Set.copyOf(complaint.candidates()));
    }

    /** Whether the patient has certainly reached an age in years. */
    boolean isAtLeast(int reached) {
        return years.isPresent()
                ? years.getAsInt() >= reached
                : age.filter(a -> a.allAtLeast(reached)).isPresent();
    }

    /** The regions that the complaint is about: the neck only where it comes first, since it is screened with every arm. */
    private Set<String> regions() {
        List<String> all = presentation.regions();
        return all.stream().filter(r -> !r.equals(NECK) || all.indexOf(r) == 0).collect(Collectors.toUnmodifiableSet());
    }

    /** The region of the test that a criterion reads, or those of the complaint where it is told. */
    Set<String> regionsOf(Catalogue catalogue, String finding) {
        return catalogue.testOf(finding).map(ClinicalTest::region).map(Set::of).orElseGet(this::regions);
    }
}
