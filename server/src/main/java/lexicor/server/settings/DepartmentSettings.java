package lexicor.server.settings;

import java.util.Arrays;
import java.util.Map;
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
 * @param deficitPercent a side that is weaker by this much or more is marked, in percent
 * @param shortDegrees a movement that lacks this much or more against the other side is short, in degrees
 * @param headStartPercent by how much the dominant side is taken to be stronger, 0 for not at all
 * @param shareAll whether everybody who keeps cases may open every case
 * @param lockMinutes after how long an idle screen locks
 * @param retentionDays how long a deleted case stays in the history
 * @param checkedOnly whether only figures weigh that somebody checked against their source
 * @param recordSystem where documents are sent to, empty for nowhere
 * @param insideHost the host of a record system within the clinic's own network that a lead allows by name; empty for none
 * @param secondFactor who has to show a code beside the password: off (nobody), leads or everybody
 * @param why the reason for a change of what every case hangs on; empty for any other
 * @param errors what two measurements of the same thing can differ by, where the department states it: by reading, force
 *     in percent and everything else in its unit
 * @param variants the variant of a test that the department does, by test; tests done as described are absent
 */
public record DepartmentSettings(
        long version,
        String school,
        String highBias,
        double familyOverlap,
        double generalOverlap,
        double deficitPercent,
        double shortDegrees,
        double headStartPercent,
        boolean shareAll,
        int lockMinutes,
        int retentionDays,
        boolean checkedOnly,
        String recordSystem,
        String insideHost,
        String secondFactor,
        String why,
        Map<String, Double> errors,
        Map<String, String> variants) {

    /** The readings whose measurement error can be stated, with the largest that makes sense. */
    static final Map<String, Double> ERRORS =
            Map.of("forceN", 100.0, "gripKg", 40.0, "pinchKg", 20.0, "rangeDeg", 60.0, "spinalLevel", 10.0);

    private static final String FORCE = "forceN";

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

    /**
     * What two measurements of a reading can differ by, in the reading's unit.
     *
     * @param reading for example {@code forceN} or {@code rangeDeg}
     * @param value of which a percentage is taken, where it is stated as one
     */
    public Optional<Double> errorOf(String reading, double value) {
        return Optional.ofNullable(errors.get(reading)).map(e -> reading.equals(FORCE) ? e / 100 * value : e);
    }

    /** The same, with every case open to everybody who keeps cases. */
    public DepartmentSettings sharedByAll() {
        return new DepartmentSettings(
                version,
                school,
                highBias,
                familyOverlap,
                generalOverlap,
                deficitPercent,
                shortDegrees,
                headStartPercent,
                true,
                lockMinutes,
                retentionDays,
                checkedOnly,
                recordSystem,
                insideHost,
                secondFactor,
                why,
                errors,
                variants);
    }

    /** The way that the word stands for. */
    public static Optional<HighBias> highBias(String id) {
        return Arrays.stream(HighBias.values()).filter(h -> h.id().equals(id)).findFirst();
    }

    static Optional<School> school(String id) {
        return Arrays.stream(School.values()).filter(s -> s.id().equals(id)).findFirst();
    }
}
