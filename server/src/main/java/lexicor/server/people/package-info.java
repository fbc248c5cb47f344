/** Who uses Lexicor: accounts with roles and what each role may do, their passwords and second factors. */
package lexicor.server.people;
