package lexicor.server.catalogue;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.examination.Slug;
import lexicor.core.examination.pads.Dial;
import lexicor.core.examination.pads.Pad;
import lexicor.core.examination.pads.PadBoard;
import lexicor.core.planning.Stage;
import lexicor.server.catalogue.CatalogueView.BoardView;
import lexicor.server.catalogue.CatalogueView.CriterionView;
import lexicor.server.catalogue.CatalogueView.DialView;
import lexicor.server.catalogue.CatalogueView.NoteView;
import lexicor.server.catalogue.CatalogueView.PadView;
import lexicor.server.catalogue.CatalogueView.TestView;
import lexicor.server.catalogue.CatalogueView.VariantView;

/** Tests as the couch needs them. */
public final class TestViews {
    private TestViews() {}

    /** The test with what there is to tap. */
    public static TestView of(ClinicalTest t, Catalogue catalogue) {
        return new TestView(
                t.id(),
                t.name(),
                t.particulars().shortName().orElse(t.name()),
                t.aliases(),
                t.region(),
                t.kind(),
                Stage.of(t),
                t.family(),
                t.position(),
                t.minutes(),
                t.provocation(),
                holdSeconds(t),
                t.bothSides(),
                t.steps(),
                t.criteria().stream()
                        .map(c -> new CriterionView(c.id(), c.label(), c.at()))
                        .toList(),
                PadBoard.of(t, catalogue).stream().map(TestViews::board).toList(),
                t.unreliableIf(),
                t.watchFor(),
                t.contraindications(),
                t.after(),
                t.variants().stream()
                        .map(v -> new VariantView(v.name(), v.note(), t.done(v).position(), holdSeconds(t.done(v))))
                        .toList(),
                t.particulars().notes().stream()
                        .map(n -> new NoteView(Slug.of(n), n))
                        .toList(),
                List.copyOf(catalogue.conditionsInformedBy(t.criterionIds())));
    }

    private static Integer holdSeconds(ClinicalTest t) {
        return t.holdSeconds().isPresent() ? t.holdSeconds().getAsInt() : null;
    }

    private static BoardView board(PadBoard board) {
        return new BoardView(
                board.at(),
                board.label(),
                board.pads().stream().map(TestViews::pad).toList(),
                board.dials().stream().map(TestViews::dial).toList());
    }

    private static PadView pad(Pad pad) {
        Map<String, Object> sets = new LinkedHashMap<>();
        pad.sets().forEach((leaf, value) -> sets.put(leaf.leafName(), value.plain()));
        return new PadView(pad.id(), pad.label(), pad.hint(), pad.group(), sets);
    }

    private static DialView dial(Dial dial) {
        ReadingLeaf leaf = dial.leaf();
        return new DialView(
                leaf.leafName(),
                dial.label(),
                leaf.unit(),
                leaf.low(),
                leaf.high(),
                dial.step(),
                dial.quick(),
                dial.decides());
    }
}
