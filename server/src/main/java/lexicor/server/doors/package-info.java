/** What stands between the network and the features: who may call what, how much and how often, and the headers of every answer. */
package lexicor.server.doors;
