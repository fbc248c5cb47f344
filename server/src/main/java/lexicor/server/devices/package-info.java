/**
 * Measuring devices. Anything that sends the documented lines over HTTP is one; what it sends goes to the pages as events, with
 * every trial found in it.
 */
package lexicor.server.devices;
