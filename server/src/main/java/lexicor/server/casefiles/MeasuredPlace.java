package lexicor.server.casefiles;

import lexicor.server.casefiles.CaseFile.MeasuredEntry;
import lexicor.server.measures.MeasuredRecord;

/** Where a measured value stands in its case: there is one at each place. */
record MeasuredPlace(int visit, String measure, String item, String side, int place) {
    static MeasuredPlace of(MeasuredEntry m) {
        return new MeasuredPlace(m.visit(), m.measure(), m.item(), m.side(), m.place());
    }

    static MeasuredPlace of(MeasuredRecord m) {
        return new MeasuredPlace(m.visit, m.measure, m.item, m.side, m.place);
    }
}
