package lexicor.server.standing;

import java.util.List;
import java.util.Set;

/**
 * What of a running order is still to be done.
 *
 * @param tests without a tap, without a precaution against them and not left out, in the order
 * @param leftOut those that are left out for want of time
 */
public record OpenPlan(List<String> tests, Set<String> leftOut) {}
