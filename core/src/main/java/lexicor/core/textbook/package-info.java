/**
 * Textbook patients: what was found, and what the list of candidates must look like then. They show a department what a change of its
 * content does before it is stored.
 */
package lexicor.core.textbook;
