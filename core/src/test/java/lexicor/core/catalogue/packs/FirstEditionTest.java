package lexicor.core.catalogue.packs;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Criterion;
import lexicor.core.examination.CriterionEvaluator;
import lexicor.core.examination.Outcome;
import lexicor.core.examination.Readings;
import lexicor.core.examination.Side;
import lexicor.core.examination.Tap;
import lexicor.core.examination.TapReader;
import lexicor.core.examination.pads.Pad;
import lexicor.core.examination.pads.PadBoard;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The packs as they were before they said everything themselves: they open, and what was tapped with them is read. */
class FirstEditionTest {
    private static final Set<Outcome> OPPOSITES = Set.of(Outcome.POSITIVE, Outcome.NEGATIVE);

    @TempDir
    static Path folder;

    private static Catalogue first;

    @BeforeAll
    static void unpack() throws IOException {
        try (InputStream file = FirstEditionTest.class.getResourceAsStream("/first-edition.zip");
                ZipInputStream zip = new ZipInputStream(file)) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                Path path = folder.resolve(entry.getName());
                if (entry.isDirectory()) {
                    Files.createDirectories(path);
                } else {
                    Files.createDirectories(path.getParent());
                    Files.write(path, zip.readAllBytes());
                }
            }
        }
        first = Packs.read(folder.resolve("packs"));
    }

    /**
     * Every pad that was there to tap, one code alone as it was kept then, is read at the place that it had; and what was
     * positive then is not negative now, nor the other way round.
     */
    @Test
    void everyTapIsStillReadAndNeverAsItsOpposite() {
        int compared = 0;
        List<String> turned = new ArrayList<>();
        for (ClinicalTest test : first.tests()) {
            for (PadBoard board : PadBoard.of(test, first)) {
                for (Pad pad : board.pads()) {
                    Tap then = TapReader.read(first, test.id(), board.at(), "right", asKept(pad));
                    Tap now = TapReader.read(Shipped.CATALOGUE, test.id(), board.at(), "right", asKept(pad));
                    assertThat(now).isEqualTo(then);
                    ClinicalTest today = Shipped.CATALOGUE.test(test.id()).orElseThrow();
                    for (Criterion criterion : test.criteria()) {
                        if (today.criterionIds().contains(criterion.id())) {
                            Outcome was = outcome(first, test, criterion.id(), then);
                            Outcome is = outcome(Shipped.CATALOGUE, today, criterion.id(), now);
                            compared++;
                            if (was != is && OPPOSITES.containsAll(List.of(was, is))) {
                                turned.add(criterion.id() + " by " + pad.id() + ": " + was + ", now " + is);
                            }
                        }
                    }
                }
            }
        }
        assertThat(compared).isGreaterThan(1000);
        // This one asks for a painful catch or click since; any of them is a criterion of its own.
        assertThat(turned).isNotEmpty().allMatch(t -> t.startsWith("compression-rotation/catch-or-click by c"));
    }

    /** A place that was one of one, and the nerve's territory that was tapped by itself, before fingers could be. */
    @Test
    void aTerritoryThatWasTappedByItselfStillDecides() {
        Tap tap = TapReader.read(
                Shipped.CATALOGUE,
                "phalen",
                "",
                "right",
                Map.of("tingling.present", true, "tingling.territory", "median", "onsetSeconds", 30));
        assertThat(outcome(
                        Shipped.CATALOGUE,
                        Shipped.CATALOGUE.test("phalen").orElseThrow(),
                        "phalen/median-symptoms-60s",
                        tap))
                .isEqualTo(Outcome.POSITIVE);
    }

    /** What stood in the program then is what its packs say now, once they are completed. */
    @Test
    void whatTheyLeftUnsaidIsSaidForThem() {
        assertThat(first.precautions()).isNotEmpty();
        assertThat(first.fingers().fingers())
                .as("territories were tapped by themselves")
                .isEmpty();
        assertThat(first.definitions()).isEmpty();
        assertThat(first.test("phalen").orElseThrow().holdSeconds()).hasValue(60);
        assertThat(first.test("sulcus").orElseThrow().particulars().looseness()).isTrue();
        assertThat(first.ladders()).isNotEmpty();
    }

    private static Map<String, Object> asKept(Pad pad) {
        Map<String, Object> sets = new LinkedHashMap<>();
        pad.sets().forEach((leaf, value) -> {
            Object plain = value.plain();
            sets.put(leaf.leafName(), plain instanceof List<?> list && list.size() == 1 ? list.get(0) : plain);
        });
        return sets;
    }

    private static Outcome outcome(Catalogue catalogue, ClinicalTest test, String criterion, Tap tap) {
        return new CriterionEvaluator(catalogue, Readings.of(List.of(tap)))
                .evaluate(test, Side.RIGHT).stream()
                        .filter(f -> f.criterion().equals(criterion))
                        .findFirst()
                        .orElseThrow()
                        .outcome();
    }
}
