/**
 * Cases: intake, taps and their history. A case's readings are what its taps come to, in order; taps are kept for good
 * and only marked when they are taken back.
 */
package lexicor.server.cases;
