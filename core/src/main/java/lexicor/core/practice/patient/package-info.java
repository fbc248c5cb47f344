/** Simulated patients: drawn from the base rates, the figures and the overlap, so that they answer as the figures say (method M20). */
package lexicor.core.practice.patient;
