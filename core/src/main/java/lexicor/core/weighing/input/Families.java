package lexicor.core.weighing.input;

import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lexicor.core.weighing.model.Item;

/** What the case says of the findings and candidates it names: their families, tests and results. */
public final class Families {
    private final Map<String, String> familyById = new HashMap<>();
    private final Map<String, String> testById = new HashMap<>();
    private final Map<String, Result> resultById = new HashMap<>();
    private final Map<String, String> nerveById = new HashMap<>();
    private final Map<String, Set<String>> readsById = new HashMap<>();

    public Families(CaseToWeigh given) {
        given.candidates().forEach(c -> {
            familyById.put(c.id(), c.family());
            testById.put(c.id(), c.test());
            readsById.put(c.id(), c.reads());
        });
        given.findings().forEach(f -> {
            familyById.put(f.id(), f.family());
            testById.put(f.id(), f.test());
            resultById.put(f.id(), f.result());
            readsById.put(f.id(), f.reads());
            f.nerve().ifPresent(nerve -> nerveById.put(f.id(), nerve));
        });
    }

    public Optional<Result> result(String id) {
        return Optional.ofNullable(resultById.get(id));
    }

    /** Whether two findings are of one nerve, or at least one of them of none in particular. */
    public boolean sameNerve(String a, String b) {
        return !nerveById.containsKey(a)
                || !nerveById.containsKey(b)
                || nerveById.get(a).equals(nerveById.get(b));
    }

    /** The test that a criterion reads; one that the case does not name is a test by itself. */
    public String test(String id) {
        return testById.getOrDefault(id, id);
    }

    /** Whether two criteria are of one test and read the same, so that they are one observation (method M3). */
    public boolean readTheSame(String a, String b) {
        return test(a).equals(test(b)) && overlap(reads(a), reads(b));
    }

    private Set<String> reads(String id) {
        return readsById.getOrDefault(id, Set.of());
    }

    private static boolean overlap(Set<String> a, Set<String> b) {
        return a.isEmpty() || b.isEmpty() || a.stream().anyMatch(b::contains);
    }

    /**
     * A cluster's family: among its members' families the one with the most other counted findings; ties go to the family
     * with more of its members, then to the order of its members (method M5).
     */
    public String ofCluster(RecordedCluster cluster, List<Item> countedFindings) {
        Set<String> families = new LinkedHashSet<>();
        cluster.members().stream().filter(familyById::containsKey).forEach(m -> families.add(familyById.get(m)));
        String best = "cluster " + cluster.id();
        long bestCounted = -1;
        long bestMembers = -1;
        for (String family : families) {
            long counted = countedFindings.stream()
                    .filter(i -> i.family.equals(family))
                    .count();
            long members = cluster.members().stream()
                    .filter(m -> family.equals(familyById.get(m)))
                    .count();
            if (counted > bestCounted || counted == bestCounted && members > bestMembers) {
                best = family;
                bestCounted = counted;
                bestMembers = members;
            }
        }
        return best;
    }
}
