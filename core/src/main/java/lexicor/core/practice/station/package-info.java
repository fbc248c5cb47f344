/** What is looked at when somebody sits a station, and the points for it. */
package lexicor.core.practice.station;
