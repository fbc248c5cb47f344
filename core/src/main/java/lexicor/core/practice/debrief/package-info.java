/** What is said after a simulated patient: the truth, the scores, and what was done otherwise than one should (method M14, M20). */
package lexicor.core.practice.debrief;
