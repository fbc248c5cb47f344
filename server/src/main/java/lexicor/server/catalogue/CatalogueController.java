package lexicor.server.catalogue;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import lexicor.core.catalogue.AgeBand;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Complaint;
import lexicor.core.catalogue.Condition;
import lexicor.core.catalogue.MeasureList;
import lexicor.core.catalogue.Setting;
import lexicor.core.examination.Wording;
import lexicor.core.weighing.input.Suspicion;
import lexicor.server.catalogue.CatalogueView.ChoiceView;
import lexicor.server.catalogue.CatalogueView.ComplaintView;
import lexicor.server.catalogue.CatalogueView.ConditionView;
import lexicor.server.catalogue.CatalogueView.HistoryItemView;
import lexicor.server.catalogue.CatalogueView.RegrowthNotesView;
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
                catalogue.tests().stream().map(t -> TestViews.of(t, catalogue)).toList(),
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
                        .map(w -> new WarningView(w.id(), w.when(), w.message(), w.discreet()))
                        .toList(),
                catalogue.sets(),
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
