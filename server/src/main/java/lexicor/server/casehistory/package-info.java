/** What happened to a case, who looked at it, and how it stood at any moment. */
package lexicor.server.casehistory;
