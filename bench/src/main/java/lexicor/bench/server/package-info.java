/** The whole program as a process of its own: under load, killed, and sent nonsense. */
package lexicor.bench.server;
