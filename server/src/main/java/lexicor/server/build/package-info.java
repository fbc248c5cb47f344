/** What the build says of itself. */
package lexicor.server.build;
