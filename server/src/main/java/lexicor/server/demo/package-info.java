/** The made-up clinic that the program can be tried with. */
package lexicor.server.demo;
