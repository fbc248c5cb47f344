package lexicor.core.examination;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.FingerMap;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.document.InvalidDocumentException;
import lexicor.core.document.Problem;
import lexicor.core.examination.ReadingValue.Code;
import lexicor.core.examination.ReadingValue.Codes;
import lexicor.core.examination.ReadingValue.Flag;
import lexicor.core.examination.ReadingValue.Quantity;
import lexicor.core.examination.ReadingValue.Text;

/** Turns a plain record of a tap into a {@link Tap}, refusing what the test does not offer. */
public final class TapReader {
    private static final Pattern CODE = Pattern.compile("[a-z0-9][a-z0-9-]{0,79}");
    private static final int MOST_CODES = 40;
    private static final int LONGEST_TEXT = 400;

    private TapReader() {}

    /**
     * @param changes leaf names with a truth value, a number, a code, several codes, a text, or null to clear
     * @throws InvalidDocumentException that names the field: the test, the place, the side, or the leaf
     */
    public static Tap read(Catalogue catalogue, String testId, String at, String side, Map<String, ?> changes) {
        ClinicalTest test = catalogue.test(testId).orElseThrow(() -> problem("test", "there is no test " + testId));
        if (!test.places().contains(at)) {
            throw problem("at", "expected one of " + test.places() + " for " + testId + ", found " + at);
        }
        Side read = Arrays.stream(Side.values())
                .filter(s -> s.id().equals(side))
                .findFirst()
                .orElseThrow(() -> problem("side", "expected left or right, found " + side));
        if (changes.isEmpty()) {
            throw problem("changes", "expected at least one reading");
        }
        Map<ReadingLeaf, Optional<ReadingValue>> values = new EnumMap<>(ReadingLeaf.class);
        changes.forEach((name, value) -> {
            ReadingLeaf leaf = ReadingLeaf.named(name)
                    .filter(test::offers)
                    .orElseThrow(() -> problem("changes." + name, testId + " has no such reading"));
            values.put(leaf, Optional.ofNullable(value).map(v -> value(leaf, v)));
        });
        territoryFollows(catalogue.fingers(), values);
        return new Tap(new Place(testId, at, read), values);
    }

    /** Which nerve's territory tingles follows from the fingers, and goes where they go. */
    private static void territoryFollows(FingerMap map, Map<ReadingLeaf, Optional<ReadingValue>> values) {
        Optional<ReadingValue> fingers = values.get(ReadingLeaf.TINGLING_FINGERS);
        if (fingers != null) {
            values.put(
                    ReadingLeaf.TINGLING_TERRITORY,
                    fingers.map(f -> new Codes(List.copyOf(map.territoriesOf(((Codes) f).values())))));
        }
    }

    private static ReadingValue codes(ReadingLeaf leaf, Object value) {
        // One code alone is how several at once were recorded when there could be only one.
        List<?> given = value instanceof List<?> list ? list : List.of(value);
        if (given.size() > MOST_CODES
                || !given.stream()
                        .allMatch(c -> c instanceof String s && CODE.matcher(s).matches())) {
            throw problem(
                    "changes." + leaf.leafName(),
                    "expected up to " + MOST_CODES + " words in small letters, found " + value);
        }
        return new Codes(given.stream()
                .map(String.class::cast)
                .filter(c -> !c.equals("none"))
                .distinct()
                .toList());
    }

    private static ReadingValue text(ReadingLeaf leaf, Object value) {
        if (value instanceof String s && !s.isBlank() && s.length() <= LONGEST_TEXT) {
            return new Text(s.strip());
        }
        throw problem("changes." + leaf.leafName(), "expected a text of at most " + LONGEST_TEXT + " characters");
    }

    private static ReadingValue value(ReadingLeaf leaf, Object value) {
        String field = "changes." + leaf.leafName();
        return switch (leaf.kind()) {
            case FLAG -> {
                if (value instanceof Boolean b) {
                    yield new Flag(b);
                }
                throw problem(field, "expected true or false, found " + value);
            }
            case CODE -> {
                if (value instanceof String s && CODE.matcher(s).matches()) {
                    yield new Code(s);
                }
                throw problem(field, "expected a word in small letters, found " + value);
            }
            case CODES -> codes(leaf, value);
            case TEXT -> text(leaf, value);
            case QUANTITY -> {
                if (value instanceof Number n && n.doubleValue() >= leaf.low() && n.doubleValue() <= leaf.high()) {
                    yield new Quantity(n.doubleValue());
                }
                throw problem(
                        field,
                        String.format(
                                Locale.ROOT,
                                "expected a number from %.0f to %.0f %s, found %s",
                                leaf.low(),
                                leaf.high(),
                                leaf.unit(),
                                value));
            }
        };
    }

    private static InvalidDocumentException problem(String field, String message) {
        return new InvalidDocumentException(new Problem("", field, message));
    }
}
