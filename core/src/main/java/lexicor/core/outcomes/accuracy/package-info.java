/** The department's own accuracy: its 2x2 tables, and what is left of them when not everybody was verified (method M13). */
package lexicor.core.outcomes.accuracy;
