package lexicor.core.catalogue;

import java.util.List;

/**
 * Tests that clinicians do as one, put into the running order together.
 *
 * @param complaints what a patient comes with to whom it is offered first
 * @param groups parts of it by name; none where it has none
 * @param before tests that come first where there is time for them
 * @param stop when the rest is better left; empty where nothing is said
 * @param note empty where nothing is said
 */
public record TestSet(
        String id,
        String name,
        List<String> complaints,
        List<String> tests,
        List<Group> groups,
        List<String> before,
        String stop,
        String note) {
    /** A part of a set. */
    public record Group(String label, List<String> tests) {
        public Group {
            tests = List.copyOf(tests);
        }
    }

    public TestSet {
        complaints = List.copyOf(complaints);
        tests = List.copyOf(tests);
        groups = List.copyOf(groups);
        before = List.copyOf(before);
    }
}
