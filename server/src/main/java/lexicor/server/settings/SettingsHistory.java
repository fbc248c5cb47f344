package lexicor.server.settings;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import lexicor.server.history.HistorySource;
import lexicor.server.history.Revised;
import lexicor.server.history.Revisions;
import org.springframework.stereotype.Component;

/** Changes of the department's settings. */
@Component
class SettingsHistory implements HistorySource {
    private static final String REASON = "reason";

    private final Revisions revisions;

    SettingsHistory(Revisions revisions) {
        this.revisions = revisions;
    }

    @Override
    public String subject() {
        return "Settings";
    }

    @Override
    public List<Revised> changes() {
        return revisions.of(SettingsRecord.class, "", "", s -> "", SettingsHistory::flat).stream()
                .map(SettingsHistory::withItsOwnReason)
                .toList();
    }

    /** A reason is of one change, not a setting that the next one changes. */
    private static Revised withItsOwnReason(Revised r) {
        Map<String, String> before = new TreeMap<>(r.before());
        before.remove(REASON);
        return new Revised(r.revision(), r.at(), r.who(), before, r.after());
    }

    private static Map<String, String> flat(SettingsRecord s) {
        Map<String, String> flat = new TreeMap<>();
        flat.put("way to weigh", s.school);
        flat.put("studies at high risk of bias", s.highBias);
        flat.put("overlap within a family", String.valueOf(s.familyOverlap));
        flat.put("overlap between any two findings", String.valueOf(s.generalOverlap));
        flat.put("weaker from, percent", String.valueOf(s.deficitPercent));
        flat.put("short from, degrees", String.valueOf(s.shortDegrees));
        flat.put("head start of the dominant side, percent", String.valueOf(s.headStartPercent));
        flat.put("every case shared", s.shareAll ? "yes" : "no");
        flat.put("screen locks after, minutes", String.valueOf(s.lockMinutes));
        flat.put("deleted cases kept, days", String.valueOf(s.retentionDays));
        flat.put("checked figures alone weigh", s.checkedOnly ? "yes" : "no");
        flat.put("record system", s.recordSystem);
        flat.put("record system's host within the own network", s.insideHost);
        flat.put("second factor wanted from", s.secondFactor);
        flat.put(REASON, s.why);
        s.errors.forEach((reading, error) -> flat.put("measurement error, " + reading, String.valueOf(error)));
        s.variants.forEach((test, variant) -> flat.put("variant of " + test, variant));
        flat.values().removeIf(value -> value == null || value.isEmpty());
        return flat;
    }
}
