/** The packs as the browser needs them: tests with their pads, conditions, complaints and questions. */
package lexicor.server.catalogue;
