package lexicor.server.cases;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lexicor.core.catalogue.AgeBand;
import lexicor.core.catalogue.Setting;
import lexicor.core.catalogue.Sex;
import lexicor.core.evidence.HighBias;
import lexicor.core.examination.Side;
import lexicor.core.weighing.input.Suspicion;
import lexicor.server.cases.records.CandidateRecord;
import lexicor.server.cases.records.CaseRecord;
import tools.jackson.databind.annotation.JsonDeserialize;

/**
 * What is asked before the examination.
 *
 * @param alsoComplaint what else the patient comes with, where that is another thing; absent where it is one
 * @param told what is told in a few words; absent where nothing was
 * @param age in years; absent where it is not known, or known as a band alone
 * @param ageBand the band of the age, where that is given
 * @param sex at birth, where it matters; absent where it was not said, and moves nothing then
 * @param bothSides whether the other side is troubled too, so that it is no baseline; absent where it is not
 * @param highBias this case's own way to take studies at high risk of bias; absent where the department's applies
 * @param answers history items answered yes or no; those not known are absent
 * @param precautions what forbids some tests
 * @param warnings warning signs answered yes
 * @param hurts where it hurts: a side, a full stop and an area of the drawn body; absent where nobody tapped on it
 */
public record Intake(
        String complaint,
        @Schema(nullable = true) String alsoComplaint,
        Side involvedSide,
        @Schema(nullable = true) Side dominantSide,
        @Schema(nullable = true, minimum = "0", maximum = "120") @JsonDeserialize(using = AgeInYears.class) Integer age,
        @Schema(nullable = true) AgeBand ageBand,
        @Schema(nullable = true) Sex sex,
        Setting setting,
        String mechanism,
        @Schema(nullable = true) Told told,
        @Schema(nullable = true) Boolean bothSides,
        @Schema(nullable = true) HighBias highBias,
        List<CandidateChoice> candidates,
        Map<String, Boolean> answers,
        List<String> precautions,
        List<String> warnings,
        @Schema(nullable = true) List<String> hurts) {

    /**
     * A candidate diagnosis of the case.
     *
     * @param baseRate this case's own base rate; absent where the setting's applies
     */
    public record CandidateChoice(String condition, @Schema(nullable = true) Double baseRate, Suspicion suspicion) {}

    /** The stored one. */
    public static Intake of(CaseRecord stored) {
        return new Intake(
                stored.complaint,
                stored.alsoComplaint,
                Side.withId(stored.involvedSide).orElseThrow(),
                Optional.ofNullable(stored.dominantSide).flatMap(Side::withId).orElse(null),
                stored.age,
                Optional.ofNullable(stored.ageBand).flatMap(AgeBand::withId).orElse(null),
                Optional.ofNullable(stored.sex).flatMap(Sex::withId).orElse(null),
                Setting.withId(stored.setting).orElseThrow(),
                stored.mechanism,
                Told.of(stored.told),
                Boolean.TRUE.equals(stored.bothSides) ? true : null,
                stored.ownHighBias().orElse(null),
                stored.candidates.stream()
                        .map(c -> new CandidateChoice(
                                c.condition,
                                c.baseRate,
                                Suspicion.withId(c.suspicion).orElseThrow()))
                        .toList(),
                new LinkedHashMap<>(stored.answers),
                List.copyOf(stored.precautions),
                List.copyOf(stored.warnings),
                stored.hurts.isEmpty() ? null : List.copyOf(stored.hurts));
    }

    /** Puts this one in the place of the stored one. */
    public void into(CaseRecord stored) {
        stored.complaint = complaint;
        stored.alsoComplaint = alsoComplaint;
        stored.involvedSide = involvedSide.id();
        stored.dominantSide = dominantSide == null ? null : dominantSide.id();
        AgeBand band = age == null ? ageBand : AgeBand.of(age);
        stored.age = age;
        stored.ageBand = band == null ? null : band.id();
        stored.sex = sex == null ? null : sex.id();
        stored.setting = setting.id();
        stored.mechanism = mechanism;
        stored.told = told == null ? null : told.stored();
        stored.bothSides = Boolean.TRUE.equals(bothSides);
        stored.highBias = highBias == null ? null : highBias.id();
        stored.candidates.clear();
        for (CandidateChoice choice : candidates) {
            CandidateRecord candidate = new CandidateRecord();
            candidate.condition = choice.condition();
            candidate.baseRate = choice.baseRate();
            candidate.suspicion = choice.suspicion().id();
            stored.candidates.add(candidate);
        }
        stored.answers.clear();
        stored.answers.putAll(answers);
        stored.precautions.clear();
        stored.precautions.addAll(precautions);
        stored.warnings.clear();
        stored.warnings.addAll(warnings);
        stored.hurts.clear();
        if (hurts != null) {
            stored.hurts.addAll(hurts);
        }
    }
}
