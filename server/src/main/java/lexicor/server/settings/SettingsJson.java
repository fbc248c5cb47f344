package lexicor.server.settings;

import lexicor.core.weighing.input.WeighingSettings;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Settings as they are stored; what settings of an earlier time do not say is as it is to begin with. */
public final class SettingsJson {
    private static final JsonMapper JSON = JsonMapper.shared();

    private static final ObjectNode FIRST = (ObjectNode)
            JSON.readTree(
                    """
            {"version":0,"school":"sober","highBias":"corrected","judgements":"weigh","familyOverlap":0.45,"generalOverlap":0.2,"crossActivation":0.1,"clusterShare":0.5,"schoolSeen":false,
             "deficitPercent":15,"shortDegrees":10,"headStartPercent":0,"shareAll":false,"lockMinutes":10,
             "retentionDays":30,"checkedOnly":false,"recordSystem":"","insideHost":"","secondFactor":"off",
             "codePrefix":"HB","timeZone":"","why":"","errors":{},"variants":{}}
            """);

    private static final String GENERAL = "generalOverlap";

    private SettingsJson() {}

    /** As the program comes. */
    static DepartmentSettings first() {
        return JSON.treeToValue(FIRST, DepartmentSettings.class);
    }

    /** With the version that they were stored with. */
    public static DepartmentSettings read(String stored) {
        return JSON.treeToValue(whole(stored), DepartmentSettings.class);
    }

    /** With the version of the row that holds them. */
    static DepartmentSettings read(String stored, long version) {
        return JSON.treeToValue(whole(stored).put("version", version), DepartmentSettings.class);
    }

    private static ObjectNode whole(String stored) {
        ObjectNode whole = FIRST.deepCopy();
        whole.setAll((ObjectNode) JSON.readTree(stored));
        // More was allowed once.
        double general = Math.min(whole.get(GENERAL).asDouble(), WeighingSettings.MAX_GENERAL_OVERLAP);
        return whole.put(GENERAL, general);
    }

    public static String write(DepartmentSettings settings) {
        return JSON.writeValueAsString(settings);
    }
}
