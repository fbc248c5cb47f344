package lexicor.server.outcomes.learned;

import java.util.Arrays;
import java.util.Locale;
import lexicor.core.outcomes.accuracy.OwnTable;
import lexicor.server.outcomes.learned.LearnedViews.FigureView;

/** Numbers as they may leave the program: of fewer than five people nothing is told. */
final class SmallNumbers {
    static final String HIDDEN = "under " + OwnTable.FEWEST_TO_LEAVE;

    private SmallNumbers() {}

    /** Whether all of some counts may be told. */
    static boolean mayLeave(long... people) {
        return Arrays.stream(people).allMatch(n -> n >= OwnTable.FEWEST_TO_LEAVE);
    }

    static String count(int people) {
        return people < OwnTable.FEWEST_TO_LEAVE ? HIDDEN : Integer.toString(people);
    }

    static String number(double value) {
        return String.format(Locale.ROOT, "%.3f", value);
    }

    /** A figure's value and bounds, each in a cell of its own; three empty ones where it may not be told. */
    static String[] cells(FigureView figure, boolean mayLeave) {
        return figure == null || !mayLeave
                ? new String[] {"", "", ""}
                : new String[] {number(figure.value()), number(figure.low()), number(figure.high())};
    }
}
