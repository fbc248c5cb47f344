package lexicor.server.casefiles;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import lexicor.server.casefiles.CaseFile.MeasuredEntry;
import lexicor.server.casefiles.CaseFile.TapEntry;
import lexicor.server.problems.Refusal;

/** Whether a file goes on from the case here: everything recorded here stands in it as it was recorded. */
final class Continuation {
    private static final String GONE_ON =
            "the case here has recordings that the file has not: it was gone on with here";

    private Continuation() {}

    /** @throws Refusal with the place in the file that does not agree */
    static void check(CaseFile here, CaseFile file) {
        if (!here.created().equals(file.created())) {
            throw Refusal.field("created", "the case here was made at another time");
        }
        prefix("visits", here.visits(), file.visits());
        taps(here, file);
        if (!file.overrides().containsAll(here.overrides()) || !file.outcomes().containsAll(here.outcomes())) {
            throw Refusal.conflict(GONE_ON);
        }
        measured(here, file);
    }

    private static <T> void prefix(String field, List<T> here, List<T> file) {
        for (int i = 0; i < here.size(); i++) {
            if (i >= file.size()) {
                throw Refusal.conflict(GONE_ON);
            }
            if (!here.get(i).equals(file.get(i))) {
                throw Refusal.field(field + "[" + i + "]", "differs from what is recorded here");
            }
        }
    }

    private static void taps(CaseFile here, CaseFile file) {
        Map<UUID, Integer> places = new HashMap<>();
        for (int i = 0; i < file.taps().size(); i++) {
            places.put(file.taps().get(i).id(), i);
        }
        for (TapEntry tap : here.taps()) {
            Integer place = places.get(tap.id());
            if (place == null) {
                throw Refusal.conflict(GONE_ON);
            }
            if (!tap.equals(file.taps().get(place))) {
                throw Refusal.field(
                        "taps[" + place + "]", "differs from what is recorded here, and a file does not change a tap");
            }
        }
    }

    private static void measured(CaseFile here, CaseFile file) {
        Map<MeasuredPlace, MeasuredEntry> kept = new HashMap<>();
        here.measured().forEach(m -> kept.put(MeasuredPlace.of(m), m));
        List<MeasuredEntry> missing = new ArrayList<>(here.measured());
        for (int i = 0; i < file.measured().size(); i++) {
            MeasuredEntry m = file.measured().get(i);
            MeasuredEntry own = kept.get(MeasuredPlace.of(m));
            if (own != null && !own.equals(m)) {
                throw Refusal.field("measured[" + i + "]", "differs from what was measured here");
            }
            missing.remove(m);
        }
        if (!missing.isEmpty()) {
            throw Refusal.conflict(GONE_ON);
        }
    }
}
