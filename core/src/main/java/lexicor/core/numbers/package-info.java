/** What counting with probabilities needs: log-odds, intervals, the normal distribution, quadrature, entropy. */
package lexicor.core.numbers;
