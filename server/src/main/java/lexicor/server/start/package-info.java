/** Starts the server and says in one clear line how that went. */
package lexicor.server.start;
