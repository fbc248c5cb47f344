/** What time it is, and how exactly times are kept. */
package lexicor.server.time;
