/** Cases out to files and in again, and whole for whatever is made of them. */
package lexicor.server.casefiles;
