package lexicor.server.cases;

import lexicor.core.catalogue.packs.PackEntry;
import lexicor.server.cases.records.CaseStore;
import lexicor.server.cases.records.TapStore;
import lexicor.server.layer.InUse;
import org.springframework.stereotype.Component;

/** What cases refer to, deleted ones included until they are gone. */
@Component
class RecordedUse implements InUse {
    private final TapStore taps;
    private final CaseStore cases;

    RecordedUse(TapStore taps, CaseStore cases) {
        this.taps = taps;
        this.cases = cases;
    }

    @Override
    public boolean isInUse(PackEntry.Kind kind, String id) {
        return switch (kind) {
            case TEST -> taps.existsByTest(id);
            case CONDITION -> cases.countWithCandidate(id) > 0;
            case COMPLAINT -> cases.existsByComplaint(id);
            case QUESTION -> cases.countWithAnswer(id) > 0;
            case WARNING -> cases.countWithWarning(id) > 0;
            case LADDER -> cases.countWithLadder(id) > 0;
            case PRECAUTION -> cases.countWithPrecaution(id) > 0;
            case CLUSTER,
                    CORE,
                    STAGE_RULE,
                    SET,
                    COUNT,
                    DEFINITION,
                    PROVOKED_FAMILY,
                    PROVOKED_TEST,
                    PROVOKED_CRITERION,
                    EXAMINED_FAMILY,
                    JUDGED,
                    KIN,
                    SETTLE_FIRST,
                    AGE_ODDS,
                    SEX_ODDS -> false;
        };
    }
}
