/** Quick questions that come again when they are due. */
package lexicor.server.practice.drills;
