package lexicor.core.catalogue.packs;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.document.InvalidDocumentException;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.node.ObjectNode;

class PackEntriesTest {
    private static final PackFiles SHIPPED = PackFiles.under(Shipped.PACKS);

    @Test
    void thePacksSayTheSameWhenEveryEntryIsTakenOutAndPutBack() {
        PackEntries entries = PackEntries.of(SHIPPED);
        List<PackEntry> all = entries.all();
        all.forEach(entries::put);
        Catalogue again = Packs.read(entries.files());
        assertThat(again.tests()).isEqualTo(Shipped.CATALOGUE.tests());
        assertThat(again.conditions()).isEqualTo(Shipped.CATALOGUE.conditions());
        assertThat(again.complaints()).isEqualTo(Shipped.CATALOGUE.complaints());
        assertThat(again.ladders()).isEqualTo(Shipped.CATALOGUE.ladders());
        assertThat(again.clusters()).isEqualTo(Shipped.CATALOGUE.clusters());
        assertThat(again.history()).isEqualTo(Shipped.CATALOGUE.history());
        assertThat(all).hasSizeGreaterThan(195 + 76 + 20);
    }

    @Test
    void anEntryTakesThePlaceOfItsIdOrGoesToTheEndAndACopyAloneChanges() {
        PackEntries before = PackEntries.of(SHIPPED);
        PackEntries entries = before.copy();
        ObjectNode fields =
                entries.find(PackEntry.Kind.TEST, "drop-arm").orElseThrow().fields();
        fields.put("minutes", 3);
        entries.put(new PackEntry(PackEntry.Kind.TEST, "drop-arm", fields));
        ObjectNode own = fields.deepCopy().put("id", "own");
        ((ObjectNode) own.get("criteria").get(0)).put("id", "own/drops");
        entries.put(new PackEntry(PackEntry.Kind.TEST, "own", own));
        Catalogue changed = Packs.read(entries.files());
        assertThat(changed.test("drop-arm").orElseThrow().minutes()).isEqualTo(3);
        assertThat(changed.tests()).hasSize(Shipped.CATALOGUE.tests().size() + 1);
        assertThat(changed.testOf("own/drops").orElseThrow().region()).isEqualTo("shoulder");
        assertThat(changed.tests().indexOf(changed.test("drop-arm").orElseThrow()))
                .isEqualTo(Shipped.CATALOGUE
                        .tests()
                        .indexOf(Shipped.CATALOGUE.test("drop-arm").orElseThrow()));

        assertThat(before.files().texts()).isEqualTo(SHIPPED.texts());
        assertThat(before.all()).isEqualTo(PackEntries.of(SHIPPED).all());
        assertThat(entries.copy().files().texts()).isEqualTo(entries.files().texts());

        assertThatThrownBy(() -> entries.put(new PackEntry(
                        PackEntry.Kind.TEST, "lost", own.deepCopy().put("region", "knee"))))
                .isInstanceOf(InvalidDocumentException.class)
                .hasMessageContaining("tests.lost.region");
    }
}
