/** Scoring of practice on simulated patients: stated probabilities and the order of tests (method M14). */
package lexicor.core.practice;
