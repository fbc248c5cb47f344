/**
 * Strict reading of documents that people write: packs and self-contained cases.
 *
 * <p>Every value is asked for by name and type, unknown keys are refused, and each problem says which file, which
 * entry and which field it concerns and what was expected there.
 */
package lexicor.core.document;
