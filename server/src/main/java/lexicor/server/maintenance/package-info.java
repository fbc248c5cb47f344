/** The database file: its key, opening it, backups and bringing one back. */
package lexicor.server.maintenance;
