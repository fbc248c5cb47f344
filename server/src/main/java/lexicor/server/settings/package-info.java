/** How the department weighs: its school, its overlaps, and how studies at high risk of bias are taken. */
package lexicor.server.settings;
