/** What came out of cases: noted beside them, waited for, and what was thought before. */
package lexicor.server.outcomes;
