package lexicor.server.content;

import java.util.List;
import java.util.regex.Pattern;
import lexicor.core.catalogue.packs.PackEntry;

/** What is asked of an entry before it is stored beyond what the packs ask: packs of an earlier time must stay readable. */
public final class EntryChecks {
    private static final Pattern ICD10 = Pattern.compile("[A-Z][0-9][0-9A-Z](\\.[0-9A-Z]{1,4})?");

    private EntryChecks() {}

    public static List<FormProblem> of(PackEntry entry) {
        String code = entry.fields().path("icd10").asString("");
        boolean wrong = entry.kind() == PackEntry.Kind.CONDITION
                && !code.isEmpty()
                && !ICD10.matcher(code).matches();
        return wrong
                ? List.of(new FormProblem(
                        "icd10",
                        "ICD-10 code",
                        "expected a letter and two digits, and up to four more after a point, as in M75.1, found "
                                + code))
                : List.of();
    }
}
