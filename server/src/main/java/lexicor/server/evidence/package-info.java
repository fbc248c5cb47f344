/** Every figure in the open: the pairs of criterion and condition, the studies behind each, and what a count would be worth. */
package lexicor.server.evidence;
