package lexicor.core.catalogue;

import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Stream;

/**
 * What raises a warning sign besides a criterion that says so itself: a positive, or an answer, under conditions.
 *
 * @param by criteria or questions, any of which raises it
 * @param onlyAfterInjury whether it does so only after an injury
 */
public record Raising(List<String> by, String warning, boolean onlyAfterInjury, When when) {
    /**
     * What has to hold besides; whatever is empty asks for nothing.
     *
     * @param complaints one of these is what the patient comes with
     * @param any one of these was found or told
     * @param all all of these were
     * @param atLeast so many of {@code of} were; 0 asks for nothing
     * @param unlessNegative none of these was found negative, by which it is taken back
     * @param ageFrom the patient has reached this age in years; where that is not known it is not raised
     */
    public record When(
            Set<String> complaints,
            List<String> any,
            List<String> all,
            int atLeast,
            List<String> of,
            List<String> unlessNegative,
            OptionalInt ageFrom) {
        public When {
            complaints = Set.copyOf(complaints);
            any = List.copyOf(any);
            all = List.copyOf(all);
            of = List.copyOf(of);
            unlessNegative = List.copyOf(unlessNegative);
        }

        /** Whether it asks for nothing. */
        public boolean isEmpty() {
            return complaints.isEmpty()
                    && ageFrom.isEmpty()
                    && findings().findAny().isEmpty();
        }

        /** The criteria and questions that it names. */
        public Stream<String> findings() {
            return Stream.of(any, all, of, unlessNegative).flatMap(List::stream);
        }
    }

    public Raising {
        by = List.copyOf(by);
    }
}
