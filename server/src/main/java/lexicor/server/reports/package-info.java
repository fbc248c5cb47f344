/** What a case says on paper: the page for the record, the referral letter and the patient's page. */
package lexicor.server.reports;
