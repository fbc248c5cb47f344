/** Cases out of the program and in again: files, documents, and a clinic's record system. */
package lexicor.server.exchange;
