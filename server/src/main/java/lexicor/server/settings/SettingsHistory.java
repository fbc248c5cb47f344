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
        return revisions.of(SettingsRecord.class, "", "", s -> "", SettingsHistory::flat);
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
        flat.put("record system", s.recordSystem == null ? "" : s.recordSystem);
        s.errors.forEach((reading, error) -> flat.put("measurement error, " + reading, String.valueOf(error)));
        s.variants.forEach((test, variant) -> flat.put("variant of " + test, variant));
        return flat;
    }
}
