package lexicor.server.standing;

import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Condition;
import lexicor.core.catalogue.published.Cluster;
import lexicor.core.weighing.LedgerRow;

/** What became of a finding, in plain words. */
final class StatusSentence {
    private StatusSentence() {}

    static String of(LedgerRow row, Catalogue catalogue) {
        String because = row.because().isEmpty() ? "" : name(row.because(), catalogue);
        return switch (row.status()) {
            case COUNTED -> "Counted.";
            case SET_ASIDE ->
                row.because().isEmpty()
                        ? "The others have already said it."
                        : "The others have already said it: " + because + " accounts for it.";
            case SHARED -> "Believed beside its members, whose findings count one by one.";
            case SUPERSEDED -> "\u201c" + because + "\u201d speaks for it.";
            case SHARES_TESTS -> "Shares tests with \u201c" + because + "\u201d, which counts.";
            case SAME_TEST -> "The same observation already speaks through \u201c" + because + "\u201d.";
            case NOT_ASKED ->
                "Nobody said so, and another sign of the same test speaks for it: not counted against it.";
            case LEFT_OUT -> "Only studies at high risk of bias, or a judgement, which are left out.";
            case UNCHECKED -> "Not checked against its source yet; the department weighs checked figures alone.";
            case NO_DATA -> "No published figures for this condition in the packs.";
            case SENSITIVITY_ONLY -> "Only a sensitivity is published: no likelihood ratio follows from it.";
            case UNCLEAR -> "Unclear, so not weighed.";
            case OTHER_SCHOOL -> "The chosen way to weigh does not count it.";
            case OPEN -> "Not decided yet.";
            case RULES_IN_ONLY -> "It only rules in, so this outcome is not weighed.";
        };
    }

    static String name(String id, Catalogue catalogue) {
        return catalogue.clusters().stream()
                .filter(c -> c.id().equals(id))
                .map(Cluster::name)
                .findFirst()
                .or(() -> catalogue.condition(id).map(Condition::midSentence))
                .orElseGet(() -> catalogue.findingName(id));
    }
}
