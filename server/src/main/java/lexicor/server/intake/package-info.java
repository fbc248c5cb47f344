/** What is asked before the examination, and the order in which it goes: intake, running order, ladders. */
package lexicor.server.intake;
