package lexicor.server.cases;

import lexicor.server.cases.records.CaseRecord;

/** The second examination of a patient is done, and nobody has seen the other's yet; told within the transaction that closes it. */
public record SecondClosed(CaseRecord second) {}
