/** Who uses Lexicor: accounts with roles, signing in and out, the screen lock, and what each role may do. */
package lexicor.server.people;
