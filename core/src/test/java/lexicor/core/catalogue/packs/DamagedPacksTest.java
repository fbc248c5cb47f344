package lexicor.core.catalogue.packs;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.fail;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import lexicor.core.document.InvalidDocumentException;
import lexicor.core.document.Place;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Entries of every kind, damaged at places drawn at random: no fault gets past the reading, or is laid elsewhere. */
@Tag("slow")
class DamagedPacksTest {
    private static final int TRIES = Integer.getInteger("jqwik.tries.default", 60) / 4;

    @ParameterizedTest
    @EnumSource(PackEntry.Kind.class)
    void whatIsOfAnotherKindIsRefusedInItsEntry(PackEntry.Kind kind) {
        PackEntries entries = PackEntries.of(PackFiles.under(Shipped.PACKS));
        List<PackEntry> all =
                entries.all().stream().filter(e -> e.kind() == kind).toList();
        Random random = new Random(kind.ordinal());
        List<String> taken = new ArrayList<>();
        for (int n = 0; n < TRIES; n++) {
            PackEntry entry = all.get(random.nextInt(all.size()));
            // Without its id an entry has no name that a fault could be found by.
            List<Place> places = Place.all(entry.fields()).stream()
                    .filter(p -> !p.toString().equals(PackEntry.ID))
                    .toList();
            Place place = places.get(random.nextInt(places.size()));
            List<JsonNode> wrong = place.otherKinds(entry.fields());
            JsonNode damaged = place.with(entry.fields(), wrong.get(random.nextInt(wrong.size())));
            try {
                entries.put(new PackEntry(kind, entry.id(), (ObjectNode) damaged));
                Packs.read(entries.files());
                taken.add(entry.id() + ": " + place + " as " + place.in(damaged));
            } catch (InvalidDocumentException e) {
                assertThat(e.problems()).as("%s: %s", entry.id(), damaged).anySatisfy(p -> assertThat(p.path())
                        .contains(entry.id()));
            }
            entries.put(entry);
        }
        if (!taken.isEmpty()) {
            fail("taken: " + String.join("\n", taken));
        }
    }
}
