package lexicor.server.settings;

import jakarta.validation.constraints.AssertTrue;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.DateTimeException;
import java.time.ZoneId;
import java.util.Map;
import java.util.Optional;
import lexicor.core.evidence.HighBias;
import lexicor.core.evidence.Judgements;
import lexicor.core.measuring.MeasurementErrors;
import lexicor.core.weighing.School;
import lexicor.core.weighing.input.WeighingSettings;

/**
 * How the department works and weighs.
 *
 * @param version of the stored settings, for saving a change over it
 * @param school the way to weigh that rankings follow
 * @param crossActivation how often a condition turns a test positive that it is known to provoke although nobody has published
 *     how often
 * @param clusterShare by how much a decided cluster is believed beside its members
 * @param schoolSeen whether the department knows of the way to weigh that the program has come to begin with
 * @param highBias how studies at high risk of bias are taken unless a case says otherwise
 * @param judgements whether judgements in words weigh where there is no study
 * @param deficitPercent a side that is weaker by this much or more is marked, in percent
 * @param shortDegrees a movement that lacks this much or more against the other side is short, in degrees
 * @param headStartPercent by how much the dominant side is taken to be stronger, 0 for not at all
 * @param shareAll whether everybody who keeps cases may open every case
 * @param lockMinutes after how long an idle screen locks
 * @param retentionDays how long a deleted case stays in the history
 * @param checkedOnly whether only figures weigh that somebody checked against their source
 * @param recordSystem where documents are sent to, empty for nowhere
 * @param insideHost the host of a record system within the clinic's own network that a lead allows by name; empty for none
 * @param secondFactor who has to show a code beside the password
 * @param codePrefix what the codes of new cases begin with
 * @param timeZone by which days are told apart, as in Europe/Lisbon; empty for this machine's
 * @param why the reason for a change of what every case hangs on; empty for any other
 * @param errors what two measurements of the same thing can differ by, where the department states it: by reading, force
 *     in percent and everything else in its unit
 * @param variants the variant of a test that the department does, by test; tests done as described are absent
 */
public record DepartmentSettings(
        long version,
        @NotNull(message = "missing; expected a way to weigh") School school,
        @NotNull(message = "missing; expected corrected, asPrinted or leftOut") HighBias highBias,
        @NotNull(message = "missing; expected weigh or leftOut") Judgements judgements,
        @DecimalMin(value = "0", message = OVERLAP) @DecimalMax(value = "0.9", message = OVERLAP) double familyOverlap,
        @DecimalMin(value = "0", message = GENERAL) @DecimalMax(value = "0.5", message = GENERAL) double generalOverlap,
        @DecimalMin(value = "0", message = TO_HALF) @DecimalMax(value = "0.5", message = TO_HALF) double crossActivation,
        @DecimalMin(value = "0", message = TO_1) @DecimalMax(value = "1", message = TO_1) double clusterShare,
        boolean schoolSeen,
        @DecimalMin(value = "1", message = TO_50) @DecimalMax(value = "50", message = TO_50) double deficitPercent,
        @DecimalMin(value = "1", message = TO_45) @DecimalMax(value = "45", message = TO_45) double shortDegrees,
        @DecimalMin(value = "0", message = FROM_0) @DecimalMax(value = "50", message = FROM_0) double headStartPercent,
        boolean shareAll,
        @Min(value = 1, message = LOCK) @Max(value = 120, message = LOCK) int lockMinutes,
        @Min(value = 0, message = KEPT) @Max(value = 3650, message = KEPT) int retentionDays,
        boolean checkedOnly,
        @NotNull(message = ADDRESS) String recordSystem,
        @NotNull(message = HOST) @Size(max = 200, message = HOST) String insideHost,
        @NotNull(message = "missing; expected off, leads or everybody") SecondFactorFor secondFactor,
        @NotNull(message = PREFIX) @Pattern(regexp = "[A-Z]{1,4}", message = PREFIX) String codePrefix,
        @NotNull(message = ZONE) String timeZone,
        String why,
        @NotNull(message = "missing; expected an object, which may be empty") Map<String, Double> errors,
        @NotNull(message = "missing; expected an object, which may be empty") Map<String, String> variants) {
    private static final String OVERLAP = "expected a number from 0 to 0.9";
    private static final String GENERAL = "expected a number from 0 to the overlap within a family, at most 0.5";
    private static final String TO_HALF = "expected a number from 0 to 0.5";
    private static final String TO_1 = "expected a number from 0 to 1";
    private static final String TO_50 = "expected a number from 1 to 50";
    private static final String TO_45 = "expected a number from 1 to 45";
    private static final String FROM_0 = "expected a number from 0 to 50";
    private static final String LOCK = "expected a number from 1 to 120";
    private static final String KEPT = "expected a number from 0 to 3650";
    private static final String HOST = "expected the name of a host, or nothing";
    private static final String PREFIX = "expected up to four capital letters";
    private static final String ZONE = "expected a time zone, as in Europe/Lisbon, or nothing for this machine's";
    private static final String ADDRESS =
            "expected an address that begins with https:// (or http:// on this machine), or nothing";

    @AssertTrue(message = "generalOverlap: " + GENERAL) boolean isGeneralWithinFamily() {
        return generalOverlap <= familyOverlap;
    }

    @AssertTrue(message = "recordSystem: " + ADDRESS) boolean isRecordSystemWritten() {
        return recordSystem == null || RecordAddress.isWritten(recordSystem.strip());
    }

    @AssertTrue(message = "timeZone: " + ZONE) boolean isTimeZoneKnown() {
        try {
            return timeZone == null || timeZone.isEmpty() || ZoneId.of(timeZone) != null;
        } catch (DateTimeException e) {
            return false;
        }
    }

    /** The weighing's settings for a case. */
    public WeighingSettings weighing(Optional<HighBias> ofCase) {
        return WeighingSettings.DEFAULT
                .withOverlap(familyOverlap, generalOverlap)
                .withDifferential(crossActivation, clusterShare)
                .withJudgements(judgements)
                .withHighBias(ofCase.orElse(highBias));
    }

    /** What two measurements can differ by, where the department states it. */
    public MeasurementErrors measurementErrors() {
        return new MeasurementErrors(errors);
    }

    /** By which days are told apart. */
    public ZoneId zone() {
        return timeZone.isEmpty() ? ZoneId.systemDefault() : ZoneId.of(timeZone);
    }
}
