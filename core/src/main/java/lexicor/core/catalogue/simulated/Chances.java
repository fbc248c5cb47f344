package lexicor.core.catalogue.simulated;

/**
 * Working chances of the simulator, each from 0 to 1. They are no accuracy figures and are never weighed: they say how a simulated
 * patient behaves where no study does.
 *
 * @param aimed a reading without figures is there when a condition that its test is done for, or that is known to provoke it, is there
 * @param background the same when none is
 * @param raised a reading that raises a warning sign is there when nothing of the kind is
 * @param told a history item is answered yes where nothing suggests it
 * @param injury it began with an injury, where the complaint does not say so
 * @param unfamiliar a negative test hurts, but it is not the patient's pain
 * @param guards the patient cannot relax
 * @param cheats the patient gets round the test at the first go
 */
public record Chances(
        double aimed,
        double background,
        double raised,
        double told,
        double injury,
        double unfamiliar,
        double guards,
        double cheats) {}
