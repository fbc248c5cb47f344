package lexicor.core.examination.pads;

import java.util.List;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;

/**
 * What there is to tap for one place of a test, made from its readings: pads in the order of their keys, then dials for
 * what is measured.
 *
 * @param at the landmark or movement; empty where the test has one set of readings
 */
public record PadBoard(String at, String label, List<Pad> pads, List<Dial> dials) {
    /** The boards of a test, one for each of its places in their order. */
    public static List<PadBoard> of(ClinicalTest test, Catalogue catalogue) {
        return test.places().stream()
                .map(at -> new PadBoard(
                        at, test.placeLabel(at), Pads.of(test, at, catalogue.fingers()), Dials.of(test, at, catalogue)))
                .toList();
    }
}
