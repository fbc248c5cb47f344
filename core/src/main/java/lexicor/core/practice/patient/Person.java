package lexicor.core.practice.patient;

import lexicor.core.catalogue.AgeBand;
import lexicor.core.examination.Side;

/**
 * Who the simulated patient is, as far as one sees and is told at once.
 *
 * @param opening a sentence or two of how it began, in the patient's words
 * @param irritable how easily it hurts, from low to high, against other patients: a standard normal deviate
 */
public record Person(
        AgeBand age, String work, String free, Side involved, Side dominant, String opening, double irritable) {}
