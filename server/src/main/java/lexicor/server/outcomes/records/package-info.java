/** What is stored of outcomes. */
package lexicor.server.outcomes.records;
