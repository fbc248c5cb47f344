/**
 * How right the program is in clinics that are not its model: a made-up world of patients and examiners, weighed by every school and
 * scored (method M17). The world knows the packs and nothing of how findings are weighed.
 */
package lexicor.core.honesty;
