/** Keeps what would tell who a patient is out of the records. */
package lexicor.server.privacy;
