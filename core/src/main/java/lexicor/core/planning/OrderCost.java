package lexicor.core.planning;

import java.util.Comparator;

/**
 * What an order of tests costs the patient. The first number that differs decides.
 *
 * @param positionChanges how often the patient changes position
 * @param provocationFirst pairs of tests within one block of a stage and position where the more provoking comes first
 * @param positionsAgainstHabit for each block, the tests of its stage that still wait in a position that usually comes
 *     earlier (standing, sitting, lying)
 * @param against pairs within one block that stand against the catalogue's order
 */
public record OrderCost(int positionChanges, int provocationFirst, int positionsAgainstHabit, int against)
        implements Comparable<OrderCost> {
    static final OrderCost NONE = new OrderCost(0, 0, 0, 0);

    private static final Comparator<OrderCost> ORDER = Comparator.comparingInt(OrderCost::positionChanges)
            .thenComparingInt(OrderCost::provocationFirst)
            .thenComparingInt(OrderCost::positionsAgainstHabit)
            .thenComparingInt(OrderCost::against);

    OrderCost plus(OrderCost more) {
        return new OrderCost(
                positionChanges + more.positionChanges,
                provocationFirst + more.provocationFirst,
                positionsAgainstHabit + more.positionsAgainstHabit,
                against + more.against);
    }

    @Override
    public int compareTo(OrderCost other) {
        return ORDER.compare(this, other);
    }
}
