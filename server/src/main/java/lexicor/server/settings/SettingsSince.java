package lexicor.server.settings;

import java.time.Instant;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import lexicor.server.history.Revised;
import lexicor.server.history.Revisions;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Since when each setting is as it is, and by whom. */
@Component
class SettingsSince {
    private static final String WHY = "why";

    /** Neither is a setting that somebody chooses. */
    private static final Set<String> NONE = Set.of("version", WHY, "schoolSeen");

    /**
     * The last change of a setting.
     *
     * @param who changed it
     * @param before what it was, as it is stored; empty where it had no value of its own
     * @param why the reason given; empty where none was
     */
    record Since(Instant at, String who, String before, String why) {}

    private final Revisions revisions;

    SettingsSince(Revisions revisions) {
        this.revisions = revisions;
    }

    /** By the setting's name; one that nobody has changed is absent. Those of a list have the name of the list before theirs. */
    Map<String, Since> all() {
        Map<String, Since> since = new TreeMap<>();
        Map<String, String> asItCame = flat(SettingsJson.first(), "");
        revisions
                .of(
                        SettingsRecord.class,
                        "id",
                        SettingsRecord.ONLY,
                        s -> "",
                        s -> flat(SettingsJson.read(s.settings), s.why))
                .forEach(r -> Revised.lines(r.before().isEmpty() ? asItCame : r.before(), r.after()).stream()
                        .filter(l -> !NONE.contains(l.field()))
                        .forEach(l -> since.put(l.field(), since(r, l))));
        return since;
    }

    private static Since since(Revised r, Revised.Line line) {
        return new Since(r.at(), r.who(), line.before(), r.after().getOrDefault(WHY, ""));
    }

    /** As settings of that time are read today: a setting that did not exist then had the value that it begins with. */
    private static Map<String, String> flat(DepartmentSettings settings, String why) {
        Map<String, String> flat = new TreeMap<>();
        JsonMapper.shared().readTree(SettingsJson.write(settings)).forEachEntry((name, value) -> {
            if (value.isObject()) {
                value.forEachEntry((of, own) -> flat.put(name + "." + of, own.asString()));
            } else {
                flat.put(name, value.asString(""));
            }
        });
        flat.put(WHY, why == null ? "" : why);
        return flat;
    }
}
