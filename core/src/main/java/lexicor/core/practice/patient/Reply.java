package lexicor.core.practice.patient;

import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.examination.ReadingValue;

/**
 * What comes back when something is done.
 *
 * @param felt what is there to be felt, by leaf
 * @param seen what the examiner sees or feels, as sentences
 * @param said what the patient answers when asked: tingling, feeling, ease
 * @param shown what hurts or frightens: heard from whoever was asked to speak up, or seen in the face
 * @param afterSeconds when the symptom comes in a test that is held; empty where none does or it is not timed
 */
public record Reply(
        Map<ReadingLeaf, ReadingValue> felt,
        List<String> seen,
        List<String> said,
        List<String> shown,
        OptionalInt afterSeconds) {}
