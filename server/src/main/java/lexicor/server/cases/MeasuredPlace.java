package lexicor.server.cases;

import lexicor.server.cases.CaseFile.MeasuredEntry;

/** Where a measured value stands in its case: there is one at each place. */
record MeasuredPlace(int visit, String measure, String item, String side, int place) {
    static MeasuredPlace of(MeasuredEntry m) {
        return new MeasuredPlace(m.visit(), m.measure(), m.item(), m.side(), m.place());
    }

    static MeasuredPlace of(MeasuredRecord m) {
        return new MeasuredPlace(m.visit, m.measure, m.item, m.side, m.place);
    }
}
