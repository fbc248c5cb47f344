/** What a department learns from its own cases: counted over all of them, kept up as they change. */
package lexicor.server.outcomes.learned;
