package lexicor.server.settings;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import lexicor.server.history.Change;
import lexicor.server.history.HistorySource;
import lexicor.server.history.Revisions;
import lexicor.server.history.Revisions.Things;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Changes of the department's settings. */
@Component
class SettingsHistory implements HistorySource {
    /** What a field is called; one that is not here is no setting. */
    private static final Map<String, String> LABELS = Map.ofEntries(
            Map.entry("school", "way to weigh"),
            Map.entry("highBias", "studies at high risk of bias"),
            Map.entry("judgements", "judgements in words"),
            Map.entry("familyOverlap", "overlap within a family"),
            Map.entry("generalOverlap", "overlap between any two findings"),
            Map.entry("crossActivation", "cross-activation"),
            Map.entry("clusterShare", "share of a cluster beside its members"),
            Map.entry("deficitPercent", "weaker from, percent"),
            Map.entry("shortDegrees", "short from, degrees"),
            Map.entry("headStartPercent", "head start of the dominant side, percent"),
            Map.entry("shareAll", "every case shared"),
            Map.entry("lockMinutes", "screen locks after, minutes"),
            Map.entry("retentionDays", "deleted cases kept, days"),
            Map.entry("checkedOnly", "checked figures alone weigh"),
            Map.entry("recordSystem", "record system"),
            Map.entry("insideHost", "record system's host within the own network"),
            Map.entry("secondFactor", "second factor wanted from"),
            Map.entry("codePrefix", "codes begin with"),
            Map.entry("timeZone", "time zone"),
            Map.entry("errors", "measurement error, "),
            Map.entry("variants", "variant of "));

    private final Revisions revisions;

    SettingsHistory(Revisions revisions) {
        this.revisions = revisions;
    }

    @Override
    public String subject() {
        return "Settings";
    }

    @Override
    public List<Change> latest(int most) {
        Map<String, String> asItCame = flat(SettingsJson.write(SettingsJson.first()));
        return revisions
                .latest(
                        new Things<>(
                                SettingsRecord.class,
                                "id",
                                s -> s.id,
                                s -> flat(s.settings),
                                s -> Map.of(),
                                s -> asItCame),
                        most)
                .stream()
                .map(f -> Change.of(f.revised(), "Settings", Map.of(), f.entity().why == null ? "" : f.entity().why))
                .toList();
    }

    /** What settings of an earlier time do not say is as it is to begin with. */
    private static Map<String, String> flat(String settings) {
        Map<String, String> flat = new TreeMap<>();
        JsonMapper.shared()
                .readTree(SettingsJson.write(SettingsJson.read(settings)))
                .forEachEntry((field, value) -> {
                    String label = LABELS.get(field);
                    if (value.isObject()) {
                        value.forEachEntry((of, own) -> flat.put(label + of, own.asString()));
                    } else if (label != null) {
                        flat.put(label, value.isBoolean() ? (value.asBoolean() ? "yes" : "no") : value.asString());
                    }
                });
        flat.values().removeIf(value -> value == null || value.isEmpty());
        return flat;
    }
}
