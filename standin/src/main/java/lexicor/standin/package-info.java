/** A stand-in for a clinic's record system, to try sending with. */
package lexicor.standin;
