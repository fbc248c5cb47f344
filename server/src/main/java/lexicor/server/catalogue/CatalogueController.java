package lexicor.server.catalogue;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Complaint;
import lexicor.core.catalogue.Condition;
import lexicor.core.catalogue.MeasureList;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.catalogue.Setting;
import lexicor.core.examination.AgeBand;
import lexicor.core.examination.Slug;
import lexicor.core.examination.Wording;
import lexicor.core.examination.pads.Dial;
import lexicor.core.examination.pads.Pad;
import lexicor.core.examination.pads.PadBoard;
import lexicor.core.planning.Stage;
import lexicor.core.weighing.Suspicion;
import lexicor.server.catalogue.CatalogueView.BoardView;
import lexicor.server.catalogue.CatalogueView.ChoiceView;
import lexicor.server.catalogue.CatalogueView.ComplaintView;
import lexicor.server.catalogue.CatalogueView.ConditionView;
import lexicor.server.catalogue.CatalogueView.CriterionView;
import lexicor.server.catalogue.CatalogueView.DialView;
import lexicor.server.catalogue.CatalogueView.HistoryItemView;
import lexicor.server.catalogue.CatalogueView.NoteView;
import lexicor.server.catalogue.CatalogueView.PadView;
import lexicor.server.catalogue.CatalogueView.RegrowthNotesView;
import lexicor.server.catalogue.CatalogueView.TestView;
import lexicor.server.catalogue.CatalogueView.VariantView;
import lexicor.server.catalogue.CatalogueView.WarningView;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.context.request.WebRequest;

/** The whole catalogue in force in one answer. */
@RestController
class CatalogueController {
    private static final Map<Setting, String> SETTING_LABELS = Map.of(
            Setting.COMMUNITY, "Community clinic",
            Setting.SPORTS, "Sports clinic",
            Setting.SPECIALIST, "Specialist clinic");

    private final PerEdition<CatalogueView> catalogue;

    CatalogueController(Editions editions) {
        catalogue = new PerEdition<>(editions, e -> view(e.catalogue()));
    }

    @GetMapping("/api/catalogue")
    ResponseEntity<CatalogueView> catalogue(WebRequest request) {
        return catalogue.answer(request);
    }

    private static CatalogueView view(Catalogue catalogue) {
        return new CatalogueView(
                catalogue.tests().stream().map(t -> test(t, catalogue)).toList(),
                catalogue.conditions().stream()
                        .map(CatalogueController::condition)
                        .toList(),
                catalogue.complaints().stream()
                        .map(c -> new ComplaintView(
                                c.id(), c.name(), c.regions(), c.candidates(), rates(c), c.injury(), c.hurts()))
                        .toList(),
                catalogue.history().stream()
                        .map(h -> new HistoryItemView(
                                h.id(),
                                h.ask(),
                                h.finding(),
                                h.fromAgeBand(),
                                h.injury(),
                                h.notches(),
                                List.copyOf(catalogue.conditionsInformedBy(Set.of(h.id())))))
                        .toList(),
                catalogue.warnings().stream()
                        .map(w -> new WarningView(w.id(), w.when(), w.message()))
                        .toList(),
                catalogue.precautions().stream()
                        .map(p -> new ChoiceView<>(p.id(), p.label(), null))
                        .toList(),
                Arrays.stream(AgeBand.values())
                        .map(a -> new ChoiceView<>(a, a.label(), null))
                        .toList(),
                Arrays.stream(Setting.values())
                        .map(s -> new ChoiceView<>(s, SETTING_LABELS.get(s), null))
                        .toList(),
                Arrays.stream(Suspicion.values())
                        .map(s -> new ChoiceView<>(s, label(s.id()), s.oddsFactor()))
                        .toList(),
                regrowth(catalogue.measures().regrowth()));
    }

    private static TestView test(ClinicalTest t, Catalogue catalogue) {
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
                PadBoard.of(t, catalogue).stream()
                        .map(CatalogueController::board)
                        .toList(),
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
                board.pads().stream().map(CatalogueController::pad).toList(),
                board.dials().stream().map(CatalogueController::dial).toList());
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

    private static ConditionView condition(Condition c) {
        return new ConditionView(
                c.id(),
                c.name(),
                c.shortName().orElse(c.name()),
                c.region(),
                rates(c.pretest()),
                c.ruleOut(),
                c.act(),
                c.onward(),
                c.traumaOnly(),
                c.mustNotMiss());
    }

    private static Map<String, Map<String, Double>> rates(Complaint c) {
        return c.pretests().entrySet().stream().collect(Collectors.toMap(Map.Entry::getKey, e -> rates(e.getValue())));
    }

    private static Map<String, Double> rates(Map<Setting, Double> bySetting) {
        return bySetting.entrySet().stream()
                .collect(Collectors.toMap(e -> e.getKey().id(), Map.Entry::getValue));
    }

    private static RegrowthNotesView regrowth(MeasureList.Regrowth r) {
        return new RegrowthNotesView(r.test(), r.nerves(), r.landmarks(), r.limbPositions());
    }

    private static String label(String id) {
        return Wording.capital(id.replace('-', ' '));
    }
}
