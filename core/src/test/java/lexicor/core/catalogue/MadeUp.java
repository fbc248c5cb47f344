package lexicor.core.catalogue;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/** Tests of nobody's packs, with what the tests of the core tell them apart by. */
public final class MadeUp {
    private MadeUp() {}

    /** A criterion that raises nothing. */
    public static Criterion criterion(String id, String label, String at, Rule rule) {
        return new Criterion(id, label, at, rule, Optional.empty(), false);
    }

    /** Of one minute, on both sides, of the family {@code f}, without anything that it does not name. */
    public static ClinicalTest test(
            String id,
            String region,
            String kind,
            String position,
            int provocation,
            List<String> readings,
            List<Criterion> criteria,
            List<String> after) {
        return new ClinicalTest(
                id,
                id,
                List.of(),
                region,
                kind,
                "f",
                List.of(),
                position,
                List.of(),
                1,
                provocation,
                OptionalInt.empty(),
                List.of(),
                true,
                List.of(),
                readings,
                criteria,
                List.of(),
                List.of(),
                List.of(),
                after,
                List.of(),
                Particulars.NONE);
    }
}
