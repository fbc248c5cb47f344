package lexicor.core.catalogue.simulated;

import java.util.List;
import java.util.Map;

/**
 * All that simulated patients are made of beside the figures.
 *
 * @param ages share of each age band by setting, each by its id, before what they have is known
 * @param usual what a sound side measures, by the reading's name
 * @param ranges the same for a range, by test, a slash and the place
 * @param onsets how it began where it was no injury, by complaint
 * @param settles how easily it is stirred, by irritability: low, moderate, high
 * @param told what they say to a history item that is so
 * @param precautions by precaution
 * @param warnings by warning sign
 * @param loose joints that are loose on both sides
 * @param readings conditions with which a reading without figures is there, by criterion, in place of what its family says
 * @param said what the patient says or shows, by what is felt
 * @param seen what the examiner sees or feels, by what is there
 */
public record Simulation(
        Chances chances,
        Map<String, Map<String, Double>> ages,
        Map<String, Usual> usual,
        Map<String, Usual> ranges,
        List<Life> lives,
        Map<String, List<String>> onsets,
        Map<String, List<String>> settles,
        Map<String, List<String>> told,
        List<String> yes,
        List<String> no,
        List<String> permission,
        List<String> speakUp,
        Map<String, Occurrence> precautions,
        Map<String, Occurrence> warnings,
        Occurrence loose,
        Map<String, List<String>> readings,
        Map<String, List<String>> said,
        Map<String, List<String>> seen) {

    /** Content from before there were simulated patients. */
    public static final Simulation NONE = new Simulation(
            new Chances(0, 0, 0, 0, 0, 0, 0, 0),
            Map.of(),
            Map.of(),
            Map.of(),
            List.of(),
            Map.of(),
            Map.of(),
            Map.of(),
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            Map.of(),
            Map.of(),
            new Occurrence(0, List.of(), 0, List.of()),
            Map.of(),
            Map.of(),
            Map.of());
}
