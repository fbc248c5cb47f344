package lexicor.core.weighing.explain;

/**
 * One finding's step on the way from pretest to posttest (method M15).
 *
 * @param id the finding or cluster, or what is not one: {@link #OTHERS}, {@link #CLUSTERS}
 * @param from the probability before it, given the steps before
 * @param to the probability after it
 */
public record PathStep(String id, double from, double to) {
    /** What the other conditions explain of the findings (method M17). */
    public static final String OTHERS = "others";

    /** What the other conditions and decided clusters change, believed by half (method M23). */
    public static final String BY_HALF = "by-half";

    /** Begins the id of a step in which an open cluster holds its members; the cluster's id follows (method M5). */
    public static final String HELD = "held ";

    /** What decided clusters add beside their members (method M17). */
    public static final String CLUSTERS = "clusters";
}
