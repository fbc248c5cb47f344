/**
 * From findings and their accuracy to ranked conditions (method M3 to M12): the overlap-aware joint likelihood, clusters,
 * posttest probabilities with their intervals, the four schools, the ledger, the next test and when to stop.
 *
 * <p>The way in is {@link lexicor.core.weighing.Weighing#weigh}. Everything is pure: the same case gives the same result.
 */
package lexicor.core.weighing;
