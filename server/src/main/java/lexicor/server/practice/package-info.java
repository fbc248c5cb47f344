/** Practice on simulated patients: a room of its own that stores no case and reads none. */
package lexicor.server.practice;
