package lexicor.core.catalogue;

import java.util.List;
import java.util.Optional;

/**
 * What no visit leaves out for want of time, by what the patient comes with.
 *
 * @param places of its tests the places that matter most, as test, a slash and the place; empty where all do
 * @param first the test that splits the question best; empty where none does
 * @param because why these; empty where nothing is said
 * @param before tests that go before the rest where there is time for them
 */
public record VisitCore(
        String complaint,
        List<String> tests,
        List<String> places,
        Optional<String> first,
        String because,
        List<String> before) {
    public VisitCore {
        tests = List.copyOf(tests);
        places = List.copyOf(places);
        before = List.copyOf(before);
    }
}
