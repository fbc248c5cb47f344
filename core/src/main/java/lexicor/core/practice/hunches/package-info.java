/** How right somebody's own probabilities are over many patients (method M14, M20). */
package lexicor.core.practice.hunches;
