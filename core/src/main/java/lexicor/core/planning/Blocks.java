package lexicor.core.planning;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Precaution;
import lexicor.core.catalogue.WarningSign;
import lexicor.core.examination.Findings;

/**
 * Which tests must not be done in a case, and which with care alone: by the precautions ticked at intake, and by those that a warning
 * sign sets, in the regions where it holds. Immutable.
 */
public final class Blocks {
    /**
     * One reason.
     *
     * @param warning the sign that set the precaution; empty where somebody ticked it, or where the sign itself asks for care
     */
    public record Reason(Optional<Precaution> precaution, Optional<WarningSign> warning) {
        /** In words: the precaution as it is called, or the warning sign by its name. */
        public String words() {
            return warning.map(w -> w.name() + " (warning sign)")
                    .or(() -> precaution.map(Precaution::label))
                    .orElse("");
        }
    }

    private final List<RaisedWarnings.Raised> warnings;
    private final Map<String, List<Reason>> blocked;
    private final Map<String, List<Reason>> careful;

    private Blocks(
            List<RaisedWarnings.Raised> warnings,
            Map<String, List<Reason>> blocked,
            Map<String, List<Reason>> careful) {
        this.warnings = warnings;
        this.blocked = Map.copyOf(blocked);
        this.careful = Map.copyOf(careful);
    }

    public static Blocks of(Catalogue catalogue, Circumstances patient, Findings findings) {
        List<RaisedWarnings.Raised> warnings = RaisedWarnings.of(catalogue, patient, findings);
        Map<RaisedWarnings.Raised, List<Precaution>> standing = new LinkedHashMap<>();
        warnings.stream().filter(r -> !r.excluded()).forEach(r -> standing.put(r, set(catalogue, patient, r.sign())));
        Map<String, List<Reason>> blocked = new LinkedHashMap<>();
        Map<String, List<Reason>> careful = new LinkedHashMap<>();
        for (ClinicalTest test : catalogue.tests()) {
            List<Reason> against = new ArrayList<>();
            List<Reason> care = new ArrayList<>();
            for (Precaution p : catalogue.precautions()) {
                if (patient.precautions().contains(p.id())) {
                    sort(p, Optional.empty(), test, patient, against, care);
                }
            }
            standing.forEach((r, precautions) -> {
                if (r.regions().contains(test.region())) {
                    precautions.forEach(p -> sort(p, Optional.of(r.sign()), test, patient, against, care));
                }
                if (r.sign().cautions().contains(test.id())) {
                    care.add(new Reason(Optional.empty(), Optional.of(r.sign())));
                }
            });
            if (!against.isEmpty()) {
                blocked.put(test.id(), List.copyOf(against));
            } else if (!care.isEmpty()) {
                careful.put(test.id(), List.copyOf(care));
            }
        }
        return new Blocks(warnings, blocked, careful);
    }

    private static List<Precaution> set(Catalogue catalogue, Circumstances patient, WarningSign sign) {
        List<String> ids = new ArrayList<>(sign.sets());
        if (patient.injured()) {
            ids.addAll(sign.setsAfterInjury());
        }
        return ids.stream().flatMap(id -> catalogue.precaution(id).stream()).toList();
    }

    private static void sort(
            Precaution p,
            Optional<WarningSign> warning,
            ClinicalTest test,
            Circumstances patient,
            List<Reason> against,
            List<Reason> care) {
        Reason reason = new Reason(Optional.of(p), warning);
        boolean eased = Optional.ofNullable(p.eased().get(test.id()))
                .filter(patient.candidates()::contains)
                .isPresent();
        if (p.blocks(test) && !eased) {
            against.add(reason);
        } else if (eased || p.cautions().contains(test.id())) {
            care.add(reason);
        }
    }

    /** The warning signs that are raised, also those that somebody excluded. */
    public List<RaisedWarnings.Raised> warnings() {
        return warnings;
    }

    /** The tests that are blocked. */
    public Set<String> tests() {
        return blocked.keySet();
    }

    /** Why a test is blocked, in words, each reason once; empty where it is not. */
    public List<String> because(String test) {
        return words(blocked, test);
    }

    /** Why a test that is not blocked is done with care, in words, each reason once; empty where nothing asks for it. */
    public List<String> careBecause(String test) {
        return words(careful, test);
    }

    /** Why a test is blocked whatever was found: by what somebody ticked. */
    public List<String> ticked(String test) {
        return blocked.getOrDefault(test, List.of()).stream()
                .filter(r -> r.warning().isEmpty())
                .map(Reason::words)
                .toList();
    }

    private static List<String> words(Map<String, List<Reason>> of, String test) {
        return of.getOrDefault(test, List.of()).stream()
                .map(Reason::words)
                .distinct()
                .toList();
    }

    /**
     * Whether a test can be come to without a blocked one: neither it nor anything that has to come before it, and is not done
     * yet, is blocked.
     *
     * @param done tests done already
     * @param blocked tests that are blocked
     */
    public static boolean isReachable(Catalogue catalogue, ClinicalTest test, Set<String> done, Set<String> blocked) {
        return !blocked.contains(test.id())
                && test.after().stream()
                        .filter(earlier -> !done.contains(earlier))
                        .allMatch(earlier ->
                                isReachable(catalogue, catalogue.test(earlier).orElseThrow(), done, blocked));
    }
}
