/** Sheets of a workbook, in and out. */
package lexicor.server.spreadsheet;
