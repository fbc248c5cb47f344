package lexicor.server.content;

import java.util.List;

/**
 * Something to choose.
 *
 * @param id as the packs write it
 * @param label what it is called
 * @param meaning what it is or stands for, where the label does not say all; may be empty
 * @param group what it is listed under; may be empty
 * @param kind of a reading: flag, code, codes, quantity or text; empty elsewhere
 * @param unit of a quantity
 * @param codes of a reading: what it can be, as far as it is known
 */
public record Option(
        String id, String label, String meaning, String group, String kind, String unit, List<Code> codes) {

    /** One value of a reading that is chosen from a list. */
    public record Code(String id, String label) {}

    static Option of(String id, String label) {
        return new Option(id, label, "", "", "", "", List.of());
    }

    Option meaning(String words) {
        return new Option(id, label, words, group, kind, unit, codes);
    }

    Option under(String heading) {
        return new Option(id, label, meaning, heading, kind, unit, codes);
    }
}
