/** The department's history as leads and auditors read it: found by what, whom and when, on the page and as a table. */
package lexicor.server.audit;
