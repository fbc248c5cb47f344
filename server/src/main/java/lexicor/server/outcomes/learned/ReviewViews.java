package lexicor.server.outcomes.learned;

import java.time.LocalDate;
import java.util.List;

/** What the API gives for the yearly review. */
final class ReviewViews {
    private ReviewViews() {}

    /**
     * What a lead looks through once a year.
     *
     * @param cases begun in the time
     * @param simulated how many of all cases are simulated
     * @param behind how many cases are still to be worked out
     * @param checkedRows rows that somebody checked, or agreed to
     * @param unchecked pairs with rows that nobody has, the most used first
     * @param gained studies that came with a file in the time, the latest first
     * @param neverDone tests that nobody recorded anything of in the time, in the order of the catalogue
     * @param silent tests that were done often with nothing to tell
     */
    record YearlyReview(
            LocalDate from,
            LocalDate to,
            int cases,
            int simulated,
            long behind,
            int rows,
            int checkedRows,
            List<UncheckedPair> unchecked,
            List<GainedStudy> gained,
            List<NamedTest> neverDone,
            List<SilentTest> silent) {}

    /**
     * A pair with rows that nobody has checked.
     *
     * @param used in how many cases of the time the criterion was decided with the condition among the candidates
     */
    record UncheckedPair(
            String criterion,
            String name,
            String condition,
            String conditionName,
            int rows,
            int unchecked,
            int disputed,
            int used) {}

    record GainedStudy(
            String criterion,
            String name,
            String condition,
            String conditionName,
            String source,
            int year,
            String whence) {}

    record NamedTest(String id, String name, String region) {}

    /**
     * @param cases in which it was decided
     * @param silent of these, in which no figure of it moved the odds of a candidate by a quarter or more
     */
    record SilentTest(String id, String name, int cases, int silent) {}
}
