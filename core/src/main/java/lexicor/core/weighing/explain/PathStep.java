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

    /** What decided clusters add beside their members (method M17). */
    public static final String CLUSTERS = "clusters";
}
