/** Base rates that the department's own cases teach (method M13). */
package lexicor.core.outcomes.rates;
