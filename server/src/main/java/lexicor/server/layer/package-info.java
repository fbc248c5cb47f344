/** What the department lays over the shipped content: figures, their checks, and whatever a pack describes. */
package lexicor.server.layer;
