/** A case as it was followed up: what was found, what was foreseen, and what came out (method M13). */
package lexicor.core.outcomes.followed;
