/** Lists of tests to start a running order from: the shipped ones for each complaint, and the department's own. */
package lexicor.server.templates;
