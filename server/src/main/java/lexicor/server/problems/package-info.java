/** Refusals as RFC 9457 problem details that name the field and what is expected there. */
package lexicor.server.problems;
