package lexicor.server.history;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeSet;

/**
 * One thing as it was before and after a change; a side that is empty says that it was not there.
 *
 * @param who empty where the program itself was at work
 */
public record Revised(long revision, Instant at, String who, Map<String, String> before, Map<String, String> after) {
    /** A field that differs; an empty value was not there. */
    public record Line(String field, String before, String after) {
        /** The same of a list with an item a line: those items alone that are not on both sides. */
        public Line itemsThatDiffer() {
            if (before.indexOf('\n') < 0 && after.indexOf('\n') < 0) {
                return this;
            }
            List<String> was = before.isEmpty() ? List.of() : List.of(before.split("\n"));
            List<String> is = after.isEmpty() ? List.of() : List.of(after.split("\n"));
            String gone =
                    String.join("\n", was.stream().filter(i -> !is.contains(i)).toList());
            String come =
                    String.join("\n", is.stream().filter(i -> !was.contains(i)).toList());
            return gone.isEmpty() && come.isEmpty() ? this : new Line(field, gone, come);
        }
    }

    /** Every field that differs, in alphabetical order. */
    public List<Line> lines() {
        return lines(before, after);
    }

    /** The same of what was and what is. */
    public static List<Line> lines(Map<String, String> before, Map<String, String> after) {
        TreeSet<String> fields = new TreeSet<>(before.keySet());
        fields.addAll(after.keySet());
        List<Line> lines = new ArrayList<>();
        for (String field : fields) {
            String was = before.getOrDefault(field, "");
            String is = after.getOrDefault(field, "");
            if (!Objects.equals(was, is)) {
                lines.add(new Line(field, was, is));
            }
        }
        return lines;
    }
}
