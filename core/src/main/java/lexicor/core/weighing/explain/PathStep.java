package lexicor.core.weighing.explain;

/**
 * One finding's step on the way from pretest to posttest (method M15).
 *
 * @param id the finding or cluster
 * @param from the probability before it, given the steps before
 * @param to the probability after it
 */
public record PathStep(String id, double from, double to) {}
