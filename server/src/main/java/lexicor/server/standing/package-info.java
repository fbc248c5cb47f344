/** Where a case stands, in words and numbers for the page. Weighs through the core and decides nothing itself. */
package lexicor.server.standing;
