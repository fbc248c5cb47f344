package lexicor.core.planning;

import java.util.ArrayDeque;
import java.util.Collection;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.Set;
import java.util.function.Predicate;
import lexicor.core.catalogue.Catalogue;

/** What has to be done before a test, and before that again. */
final class WhatComesFirst {
    private WhatComesFirst() {}

    /**
     * The tests with all that has to come before them.
     *
     * @param counts whether a test is still to be done; of one that is not, nothing is looked for before it either
     */
    static Set<String> with(Catalogue catalogue, Collection<String> tests, Predicate<String> counts) {
        Set<String> whole = new LinkedHashSet<>();
        Deque<String> waiting = new ArrayDeque<>(tests);
        while (!waiting.isEmpty()) {
            String id = waiting.remove();
            if (counts.test(id) && whole.add(id)) {
                waiting.addAll(catalogue.test(id).orElseThrow().after());
            }
        }
        return whole;
    }
}
