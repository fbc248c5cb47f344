package lexicor.server.intake;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.HistoryItem;
import lexicor.core.catalogue.WarningSign;
import lexicor.core.examination.Side;
import lexicor.server.cases.Intake;
import lexicor.server.cases.Told;
import lexicor.server.problems.Refusal;

/** Refuses an intake or a code that cannot be used, naming the field. */
public final class IntakeCheck {
    private static final Pattern CODE = Pattern.compile("[A-Z]{1,4}-[0-9]{1,6}");
    private static final int MAX_MECHANISM = 400;
    private static final int MAX_TOLD = 120;
    private static final int WORST_PAIN = 10;
    private static final int MAX_CANDIDATES = 50;

    private final Catalogue catalogue;

    /**
     * @param catalogue the content that the case is judged by
     */
    public IntakeCheck(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    public static void code(String code) {
        if (!CODE.matcher(code).matches()) {
            throw Refusal.field("code", "expected up to four capital letters, a dash and a number, never a name");
        }
    }

    public void intake(Intake intake) {
        complaint(intake.complaint());
        also(intake);
        told(intake.told());
        present("intake.involvedSide", intake.involvedSide(), "left or right");
        present("intake.setting", intake.setting(), "community, sports or specialist");
        if (intake.mechanism() == null || intake.mechanism().length() > MAX_MECHANISM) {
            throw Refusal.field("intake.mechanism", "expected a text of at most " + MAX_MECHANISM + " characters");
        }
        candidates(intake);
        if (intake.answers() == null) {
            throw Refusal.field("intake.answers", "missing; expected an object, which may be empty");
        }
        if (intake.precautions() == null
                || !intake.precautions().stream()
                        .allMatch(id -> catalogue.precaution(String.valueOf(id)).isPresent())) {
            throw Refusal.field("intake.precautions", "expected a list of precautions, which may be empty");
        }
        Set<String> signs = catalogue.warnings().stream().map(WarningSign::id).collect(Collectors.toSet());
        if (intake.warnings() == null || !signs.containsAll(intake.warnings())) {
            throw Refusal.field("intake.warnings", "expected a list of warning signs, which may be empty");
        }
        if (intake.hurts() != null && !intake.hurts().stream().allMatch(this::isArea)) {
            throw Refusal.field(
                    "intake.hurts",
                    "expected left or right, a full stop and an area of the body, such as right.shoulder-front");
        }
        intake.answers().forEach((item, answer) -> {
            HistoryItem known = catalogue.historyItem(item).orElse(null);
            if (known == null || known.fromAgeBand() || answer == null) {
                throw Refusal.field(
                        "intake.answers." + item, "expected a question of the catalogue, answered true or false");
            }
        });
        contradictions(intake);
    }

    /** Answers that cannot all be so: nothing is taken back for them, so that whoever asked decides which one goes. */
    private void contradictions(Intake intake) {
        List<HistoryItem> yes = catalogue.history().stream()
                .filter(h -> Boolean.TRUE.equals(intake.answers().get(h.id())))
                .toList();
        // Of two complaints one may have begun with an injury and the other without.
        boolean afterInjury = intake.alsoComplaint() == null
                && intake.told() != null
                && intake.told().onset() == Told.Onset.AFTER_AN_INJURY;
        for (HistoryItem item : yes) {
            if (afterInjury && item.withoutInjury()) {
                throw contradiction(item, "that it began after an injury");
            }
            yes.stream().filter(item::contradicts).findFirst().ifPresent(other -> {
                throw contradiction(item, "“" + other.ask() + "”");
            });
        }
    }

    private static Refusal contradiction(HistoryItem item, String with) {
        return Refusal.field(
                "intake.answers." + item.id(),
                "“" + item.ask() + "” and " + with + " cannot both be so; take one of them back first");
    }

    private boolean isArea(String hurt) {
        String[] parts = String.valueOf(hurt).split("\\.", 2);
        return parts.length == 2
                && Side.withId(parts[0]).isPresent()
                && catalogue.figures().area(parts[1]).isPresent();
    }

    void complaint(String complaint) {
        if (complaint == null || catalogue.complaint(complaint).isEmpty()) {
            throw Refusal.field("complaint", "there is no complaint " + complaint);
        }
    }

    static void present(String field, Object value, String expected) {
        if (value == null) {
            throw Refusal.field(field, "missing; expected " + expected);
        }
    }

    private void also(Intake intake) {
        if (intake.alsoComplaint() == null) {
            return;
        }
        if (catalogue.complaint(intake.alsoComplaint()).isEmpty()) {
            throw Refusal.field("intake.alsoComplaint", "there is no complaint " + intake.alsoComplaint());
        }
        if (intake.alsoComplaint().equals(intake.complaint())) {
            throw Refusal.field("intake.alsoComplaint", "this is what the patient comes with already; choose another");
        }
    }

    private static void told(Told told) {
        if (told == null) {
            return;
        }
        told.texts().forEach((field, text) -> {
            if (text.length() > MAX_TOLD) {
                throw Refusal.field("intake.told." + field, "expected a text of at most " + MAX_TOLD + " characters");
            }
        });
        told.pains().forEach((field, pain) -> {
            if (pain < 0 || pain > WORST_PAIN) {
                throw Refusal.field("intake.told." + field, "expected 0 to " + WORST_PAIN + ", found " + pain);
            }
        });
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
                    || catalogue.condition(c.condition()).isEmpty()) {
                throw Refusal.field(field + ".condition", "there is no such condition");
            }
            if (!seen.add(c.condition())) {
                throw Refusal.field(field + ".condition", c.condition() + " is given twice");
            }
            if (c.baseRate() != null && !(c.baseRate() > 0 && c.baseRate() < 1)) {
                throw Refusal.field(
                        field + ".baseRate", "expected a probability strictly between 0 and 1, found " + c.baseRate());
            }
            present(field + ".suspicion", c.suspicion(), "a step of suspicion");
        }
    }
}
