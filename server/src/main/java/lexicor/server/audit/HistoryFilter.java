package lexicor.server.audit;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import lexicor.server.history.Change;

/**
 * Which changes are asked for; what is null or empty asks for all.
 *
 * @param q a word or number that stands in what was changed, in a value before or after, or in the reason
 * @param kind the heading of a source
 * @param who changed it
 * @param from the first day
 * @param to the last day
 * @param entry kind and id of an entry of the content, with a space between
 */
record HistoryFilter(
        String q,
        String kind,
        String who,
        LocalDate from,
        LocalDate to,
        String test,
        String criterion,
        String condition,
        String entry) {

    /** Whether everything is asked for. */
    boolean isEmpty() {
        return Stream.of(q, kind, who, test, criterion, condition, entry).allMatch(HistoryFilter::isEmpty)
                && from == null
                && to == null;
    }

    private static boolean isEmpty(String text) {
        return text == null || text.isBlank();
    }

    boolean asksForKind(String subject) {
        return isEmpty(kind) || kind.equals(subject);
    }

    boolean fits(Change change, ZoneId zone) {
        LocalDate day = LocalDate.ofInstant(change.at(), zone);
        return (isEmpty(who) || who.equals(change.who()))
                && (from == null || !day.isBefore(from))
                && (to == null || !day.isAfter(to))
                && isAbout(
                        change,
                        Map.of(
                                Change.TEST, orEmpty(test),
                                Change.CRITERION, orEmpty(criterion),
                                Change.CONDITION, orEmpty(condition),
                                Change.ENTRY, orEmpty(entry)))
                && says(change);
    }

    private static String orEmpty(String text) {
        return text == null ? "" : text;
    }

    private static boolean isAbout(Change change, Map<String, String> asked) {
        return asked.entrySet().stream()
                .allMatch(a -> a.getValue().isEmpty()
                        || a.getValue().equals(change.about().get(a.getKey())));
    }

    /** A number is found however its decimals are written. */
    private boolean says(Change change) {
        if (isEmpty(q)) {
            return true;
        }
        String word = q.strip().toLowerCase(Locale.ROOT);
        String pointed = word.replaceAll("(?<=\\d),(?=\\d)", ".");
        return Stream.concat(
                        Stream.of(change.what(), change.why(), change.did()),
                        change.lines().stream().flatMap(l -> Stream.of(l.field(), l.before(), l.after())))
                .map(text -> text.toLowerCase(Locale.ROOT))
                .anyMatch(text -> text.contains(word) || text.contains(pointed));
    }
}
