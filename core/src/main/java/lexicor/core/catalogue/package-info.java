/**
 * What there is to test for and with, as the packs state it: clinical tests and their criteria, conditions, complaints,
 * ladders, measures, warning signs. Nothing here weighs or judges.
 */
package lexicor.core.catalogue;
