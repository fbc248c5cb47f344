package lexicor.core.examination;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.document.InvalidDocumentException;
import lexicor.core.document.Problem;
import lexicor.core.examination.ReadingValue.Code;
import lexicor.core.examination.ReadingValue.Flag;
import lexicor.core.examination.ReadingValue.Quantity;

/** Turns a plain record of a tap into a {@link Tap}, refusing what the test does not offer. */
public final class TapReader {
    private static final Pattern CODE = Pattern.compile("[a-z0-9][a-z0-9-]{0,39}");

    private TapReader() {}

    /**
     * @param changes leaf names with a truth value, a number, a code, or null to clear
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
        return new Tap(new Place(testId, at, read), values);
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
            case QUANTITY -> {
                if (value instanceof Number n && n.doubleValue() >= leaf.low() && n.doubleValue() <= leaf.high()) {
                    yield new Quantity(n.doubleValue());
                }
                throw problem(
                        field,
                        String.format(
                                java.util.Locale.ROOT,
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
