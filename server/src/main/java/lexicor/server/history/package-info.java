/** Who changed what and when: every change of what is stored is kept with its author, and can be read back. */
package lexicor.server.history;
