/** A case's end: asked for, confirmed, kept for a while, gone for good. */
package lexicor.server.deletion;
