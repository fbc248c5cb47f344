/** A case over several visits. */
package lexicor.server.visits;
