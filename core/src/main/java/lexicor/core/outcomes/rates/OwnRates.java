package lexicor.core.outcomes.rates;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import lexicor.core.catalogue.Setting;
import lexicor.core.outcomes.followed.FollowedCase;
import lexicor.core.outcomes.followed.Known;

/** How often each condition turned out to be there, by complaint and setting (method M13). */
public final class OwnRates {
    /**
     * @param cases how many came with the complaint and had the condition as a candidate, or it came out
     * @param present in how many it was there
     * @param known in how many it is known
     */
    public record Counted(String complaint, Setting setting, String condition, int cases, int present, int known) {}

    private record Of(String complaint, Setting setting, String condition) {}

    private OwnRates() {}

    public static List<Counted> of(Collection<FollowedCase> cases) {
        Map<Of, int[]> counts = new LinkedHashMap<>();
        for (FollowedCase c : cases) {
            for (Known k : c.known()) {
                int[] n = at(counts, c, k.condition());
                n[0]++;
                n[1]++;
                n[2] += k.present() ? 1 : 0;
            }
            c.candidates().stream().filter(k -> c.known(k).isEmpty()).forEach(k -> at(counts, c, k)[0]++);
        }
        return counts.entrySet().stream()
                .map(e -> new Counted(
                        e.getKey().complaint(),
                        e.getKey().setting(),
                        e.getKey().condition(),
                        e.getValue()[0],
                        e.getValue()[2],
                        e.getValue()[1]))
                .toList();
    }

    private static int[] at(Map<Of, int[]> counts, FollowedCase c, String condition) {
        return counts.computeIfAbsent(new Of(c.complaint(), c.setting(), condition), o -> new int[3]);
    }
}
