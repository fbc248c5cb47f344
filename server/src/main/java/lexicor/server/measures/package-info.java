/** What is measured by numbers: range, strength, grip, looseness, regrowth; sides and visits held against each other. */
package lexicor.server.measures;
