package lexicor.core.weighing.input;

import java.util.function.Function;
import lexicor.core.catalogue.published.ClusterRule;
import lexicor.core.catalogue.published.ClusterRule.Weighted;
import lexicor.core.catalogue.published.Truth;
import lexicor.core.examination.Wording;

/**
 * How far a score has come (method M5).
 *
 * @param reached points of what is positive
 * @param open points of what is open
 */
public record PointsSoFar(ClusterRule.Points rule, double reached, double open) {
    /** Half points add up exactly; anything else is rounding. */
    private static final double ROUNDING = 1e-9;

    /** @param of what is known of each finding */
    public static PointsSoFar of(ClusterRule.Points rule, Function<String, Truth> of) {
        double reached = 0;
        double open = 0;
        for (Weighted item : rule.items()) {
            switch (item.rule().truth(of)) {
                case HOLDS -> reached += item.points();
                case UNKNOWN -> open += item.points();
                case FAILS -> {}
            }
        }
        return new PointsSoFar(rule, reached, open);
    }

    /** For example: 17 of 26 points, line 12, 5 open. */
    public String words() {
        return Wording.plain(reached) + " of " + Wording.plain(rule.most()) + " points, line "
                + Wording.plain(rule.line()) + (open > 0 ? ", " + Wording.plain(open) + " open" : "");
    }

    /** Whether the line is reached: unknown while what is open could still reach it. */
    public Truth truth() {
        if (reached >= rule.line() - ROUNDING) {
            return Truth.HOLDS;
        }
        return reached + open < rule.line() - ROUNDING ? Truth.FAILS : Truth.UNKNOWN;
    }
}
