package lexicor.server.cases;

import java.util.HashSet;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import lexicor.core.catalogue.HistoryItem;
import lexicor.core.catalogue.Setting;
import lexicor.core.catalogue.WarningSign;
import lexicor.core.examination.AgeBand;
import lexicor.core.planning.Precaution;
import lexicor.core.weighing.Suspicion;
import lexicor.server.catalogue.Editions;
import lexicor.server.problems.Refusal;
import lexicor.server.settings.DepartmentSettings;
import org.springframework.stereotype.Component;

/** Refuses an intake or a code that cannot be used, naming the field. */
@Component
class IntakeCheck {
    private static final Pattern CODE = Pattern.compile("[A-Z]{1,4}-[0-9]{1,6}");
    private static final int MAX_MECHANISM = 400;
    private static final int MAX_CANDIDATES = 50;
    private static final int MAX_DEVICE = 40;
    private static final long MAX_AGE_MILLIS = 90L * 24 * 60 * 60 * 1000;

    private final Editions editions;

    IntakeCheck(Editions editions) {
        this.editions = editions;
    }

    void code(String code) {
        if (!CODE.matcher(code).matches()) {
            throw Refusal.field("code", "expected up to four capital letters, a dash and a number, never a name");
        }
    }

    void device(String device, Long ageMillis) {
        if (device.length() > MAX_DEVICE) {
            throw Refusal.field("device", "expected at most " + MAX_DEVICE + " characters");
        }
        if (ageMillis != null && (ageMillis < 0 || ageMillis > MAX_AGE_MILLIS)) {
            throw Refusal.field("ageMillis", "expected 0 to " + MAX_AGE_MILLIS + ", which is 90 days");
        }
    }

    void intake(Intake intake) {
        complaint(intake.complaint());
        side("intake.involvedSide", intake.involvedSide());
        if (intake.dominantSide() != null) {
            side("intake.dominantSide", intake.dominantSide());
        }
        if (intake.ageBand() != null && AgeBand.withId(intake.ageBand()).isEmpty()) {
            throw Refusal.field("intake.ageBand", "there is no age band " + intake.ageBand());
        }
        setting(intake.setting());
        if (intake.mechanism() == null || intake.mechanism().length() > MAX_MECHANISM) {
            throw Refusal.field("intake.mechanism", "expected a text of at most " + MAX_MECHANISM + " characters");
        }
        if (intake.highBias() != null
                && DepartmentSettings.highBias(intake.highBias()).isEmpty()) {
            throw Refusal.field(
                    "intake.highBias", "expected corrected, asPrinted or leftOut, found " + intake.highBias());
        }
        candidates(intake);
        if (intake.answers() == null) {
            throw Refusal.field("intake.answers", "missing; expected an object, which may be empty");
        }
        if (intake.precautions() == null
                || !intake.precautions().stream()
                        .allMatch(id -> Precaution.withId(String.valueOf(id)).isPresent())) {
            throw Refusal.field("intake.precautions", "expected a list of precautions, which may be empty");
        }
        Set<String> signs =
                editions.catalogue().warnings().stream().map(WarningSign::id).collect(Collectors.toSet());
        if (intake.warnings() == null || !signs.containsAll(intake.warnings())) {
            throw Refusal.field("intake.warnings", "expected a list of warning signs, which may be empty");
        }
        intake.answers().forEach((item, answer) -> {
            HistoryItem known = editions.catalogue().historyItem(item).orElse(null);
            if (known == null || known.fromAgeBand() || answer == null) {
                throw Refusal.field(
                        "intake.answers." + item, "expected a question of the catalogue, answered true or false");
            }
        });
    }

    void complaint(String complaint) {
        if (complaint == null || editions.catalogue().complaint(complaint).isEmpty()) {
            throw Refusal.field("complaint", "there is no complaint " + complaint);
        }
    }

    static void side(String field, String side) {
        if (!"left".equals(side) && !"right".equals(side)) {
            throw Refusal.field(field, "expected left or right, found " + side);
        }
    }

    void setting(String setting) {
        for (Setting known : Setting.values()) {
            if (known.id().equals(setting)) {
                return;
            }
        }
        throw Refusal.field("setting", "expected community, sports or specialist, found " + setting);
    }

    private void candidates(Intake intake) {
        if (intake.candidates() == null || intake.candidates().size() > MAX_CANDIDATES) {
            throw Refusal.field("intake.candidates", "expected at most " + MAX_CANDIDATES + " candidates");
        }
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < intake.candidates().size(); i++) {
            Intake.CandidateChoice c = intake.candidates().get(i);
            String field = "intake.candidates[" + i + "]";
            if (c == null
                    || c.condition() == null
                    || editions.catalogue().condition(c.condition()).isEmpty()) {
                throw Refusal.field(field + ".condition", "there is no such condition");
            }
            if (!seen.add(c.condition())) {
                throw Refusal.field(field + ".condition", c.condition() + " is given twice");
            }
            if (c.baseRate() != null && !(c.baseRate() > 0 && c.baseRate() < 1)) {
                throw Refusal.field(
                        field + ".baseRate", "expected a probability strictly between 0 and 1, found " + c.baseRate());
            }
            if (c.suspicion() == null || Suspicion.withId(c.suspicion()).isEmpty()) {
                throw Refusal.field(field + ".suspicion", "there is no step of suspicion " + c.suspicion());
            }
        }
    }
}
