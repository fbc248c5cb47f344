/** What a department could change after looking at its own cases (method M13). */
package lexicor.core.outcomes.meeting;
