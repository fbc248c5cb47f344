/** Stations and rounds of them: a lead composes, students sit, the points are added up. */
package lexicor.server.practice.stations;
