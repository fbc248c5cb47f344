package lexicor.server.settings;

import java.util.Arrays;
import java.util.Optional;
import lexicor.core.evidence.HighBias;
import lexicor.core.weighing.School;
import lexicor.core.weighing.WeighingSettings;

/**
 * How the department weighs.
 *
 * @param version of the stored settings, for saving a change over it
 * @param school the way to weigh that rankings follow
 * @param highBias how studies at high risk of bias are taken unless a case says otherwise
 */
public record DepartmentSettings(
        long version, String school, String highBias, double familyOverlap, double generalOverlap) {

    /** The way to weigh. */
    public School chosenSchool() {
        return school(school).orElseThrow();
    }

    /** The weighing's settings for a case. */
    public WeighingSettings weighing(Optional<String> ofCase) {
        HighBias chosen = highBias(ofCase.orElse(highBias)).orElseThrow();
        return WeighingSettings.DEFAULT
                .withOverlap(familyOverlap, generalOverlap)
                .withHighBias(chosen);
    }

    /** The way that the word stands for. */
    public static Optional<HighBias> highBias(String id) {
        return Arrays.stream(HighBias.values()).filter(h -> h.id().equals(id)).findFirst();
    }

    static Optional<School> school(String id) {
        return Arrays.stream(School.values()).filter(s -> s.id().equals(id)).findFirst();
    }
}
