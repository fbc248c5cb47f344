package lexicor.core.weighing.model;

/** An item whose joint effect runs against its own direction (method M4). */
public record Reversal(Item item, double logAdded) {
    /** The worse of two: the larger effect, of equal ones the id that comes first; either where the other is null. */
    public static Reversal worse(Reversal a, Reversal b) {
        if (a == null || b == null) {
            return a == null ? b : a;
        }
        double difference = Math.abs(b.logAdded) - Math.abs(a.logAdded);
        boolean tie = Math.abs(difference) <= Item.TOLERANCE;
        return (tie ? b.item.id.compareTo(a.item.id) < 0 : difference > 0) ? b : a;
    }
}
