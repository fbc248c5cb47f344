package lexicor.server.settings;

import lexicor.core.weighing.WeighingSettings;
import lexicor.server.problems.Refusal;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the department's settings. */
@Service
public class SettingsService {
    private final SettingsStore store;

    SettingsService(SettingsStore store) {
        this.store = store;
    }

    @Transactional(readOnly = true)
    public DepartmentSettings current() {
        return view(store.findById(SettingsRecord.ONLY).orElseThrow());
    }

    /** Saves settings made from the stored version; those made from an older one are refused. */
    @Transactional
    public DepartmentSettings save(DepartmentSettings change) {
        check(change);
        SettingsRecord stored = store.findById(SettingsRecord.ONLY).orElseThrow();
        if (stored.version != change.version()) {
            throw Refusal.conflict(
                    "version: the settings were changed elsewhere in the meantime; here they are anew, please repeat");
        }
        stored.school = change.school();
        stored.highBias = change.highBias();
        stored.familyOverlap = change.familyOverlap();
        stored.generalOverlap = change.generalOverlap();
        return view(store.saveAndFlush(stored));
    }

    private static void check(DepartmentSettings change) {
        if (change.school() == null
                || DepartmentSettings.school(change.school()).isEmpty()) {
            throw Refusal.field("school", "there is no way to weigh called " + change.school());
        }
        if (change.highBias() == null
                || DepartmentSettings.highBias(change.highBias()).isEmpty()) {
            throw Refusal.field("highBias", "expected corrected, asPrinted or leftOut, found " + change.highBias());
        }
        if (!(change.familyOverlap() >= 0 && change.familyOverlap() <= WeighingSettings.MAX_OVERLAP)) {
            throw Refusal.field("familyOverlap", "expected a number from 0 to " + WeighingSettings.MAX_OVERLAP);
        }
        if (!(change.generalOverlap() >= 0 && change.generalOverlap() <= change.familyOverlap())) {
            throw Refusal.field("generalOverlap", "expected a number from 0 to the overlap within a family");
        }
    }

    private static DepartmentSettings view(SettingsRecord stored) {
        return new DepartmentSettings(
                stored.version, stored.school, stored.highBias, stored.familyOverlap, stored.generalOverlap);
    }
}
