/** What is stored of a case: its record, its taps, and the reasons written for going ahead; not what they come to. */
package lexicor.server.cases.records;
