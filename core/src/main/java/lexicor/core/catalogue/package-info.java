/**
 * What there is to test for and with: clinical tests and their criteria, conditions, complaints, ladders, warning
 * signs, clusters and accuracy rows, as the packs state them. Reads and validates the packs whole; nothing here
 * weighs or judges.
 */
package lexicor.core.catalogue;
