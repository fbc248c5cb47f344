package lexicor.core.planning;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Precaution;

/** Which tests the precautions of a case block. */
public final class Precautions {
    private Precautions() {}

    /** The precautions, of those set, that block the test, in the catalogue's order. */
    public static List<Precaution> blocking(Catalogue catalogue, ClinicalTest test, Collection<String> set) {
        return catalogue.precautions().stream()
                .filter(p -> set.contains(p.id()) && test.contraindications().contains(p.id()))
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
}
