package lexicor.core.practice.debrief;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Precaution;
import lexicor.core.catalogue.WarningSign;
import lexicor.core.examination.Findings;
import lexicor.core.examination.Wording;
import lexicor.core.planning.Blocks;
import lexicor.core.planning.Circumstances;
import lexicor.core.planning.RaisedWarnings;
import lexicor.core.practice.debrief.Deed.Asked;
import lexicor.core.practice.debrief.Deed.Did;
import lexicor.core.practice.debrief.Deed.Question;
import lexicor.core.practice.debrief.Deed.WentAhead;

/** Warning signs that were missed or passed over, and tests that must not be done as things are. */
final class Safety {
    private final Encounter encounter;
    private final Catalogue catalogue;
    private final List<Point> points = new ArrayList<>();

    private Safety(Encounter encounter) {
        this.encounter = encounter;
        catalogue = encounter.patient().world().catalogue();
    }

    static List<Point> of(Encounter encounter, Findings tapped) {
        Safety safety = new Safety(encounter);
        safety.missed(tapped);
        safety.wentOn();
        safety.blocked();
        return safety.points;
    }

    private void missed(Findings tapped) {
        Set<String> raised = RaisedWarnings.of(catalogue, encounter.circumstances(), tapped).stream()
                .map(r -> r.sign().id())
                .collect(Collectors.toSet());
        for (WarningSign sign : catalogue.warnings()) {
            if (encounter.patient().warnings().contains(sign.id()) && !raised.contains(sign.id())) {
                points.add(Point.of(
                        Point.Kind.WARNING, "Nobody asked for: " + sign.when() + ". It was there. " + sign.message()));
            }
        }
    }

    private void wentOn() {
        for (String sign : encounter.confirmed(Question.WARNING)) {
            WarningSign warning = catalogue.warning(sign).orElseThrow();
            List<String> after = provokedAfter(sign);
            if (!after.isEmpty()) {
                points.add(Point.of(
                        Point.Kind.WARNING,
                        "The examination went on after “" + warning.when() + "”: "
                                + after.stream()
                                        .map(t ->
                                                catalogue.test(t).orElseThrow().name())
                                        .collect(Collectors.joining(", "))
                                + ". " + warning.message(),
                        catalogue.test(after.get(0)).orElseThrow(),
                        encounter));
            }
        }
    }

    private List<String> provokedAfter(String sign) {
        Set<String> stopped = stoppedBy(sign);
        boolean heard = false;
        List<String> after = new ArrayList<>();
        for (Deed deed : encounter.deeds()) {
            if (deed instanceof Asked asked
                    && asked.kind() == Question.WARNING
                    && asked.id().equals(sign)) {
                heard = true;
            } else if (heard
                    && deed instanceof Did did
                    && !after.contains(did.place().test())
                    && stopped.contains(did.place().test())) {
                after.add(did.place().test());
            }
        }
        return after;
    }

    /** What a warning sign stops by itself. */
    private Set<String> stoppedBy(String sign) {
        Circumstances told = encounter.circumstances();
        return Blocks.of(
                        catalogue,
                        new Circumstances(
                                told.presentation(),
                                told.injured(),
                                told.years(),
                                told.age(),
                                Set.of(sign),
                                Set.of(),
                                Map.of(),
                                told.candidates()),
                        Findings.none())
                .tests();
    }

    private void blocked() {
        Set<String> told = new HashSet<>();
        encounter.of(WentAhead.class).forEach(w -> {
            told.add(w.test());
            ClinicalTest test = catalogue.test(w.test()).orElseThrow();
            say(test, "gone ahead with, although blocked by " + because(test) + ". The reason given: " + w.reason());
        });
        for (String id : encounter.tests()) {
            ClinicalTest test = catalogue.test(id).orElseThrow();
            if (!told.contains(id) && !blocking(test).isEmpty()) {
                say(test, "must not be done with " + because(test) + "; asked, the patient would have said so.");
            }
        }
    }

    private List<Precaution> blocking(ClinicalTest test) {
        return catalogue.precautions().stream()
                .filter(p -> encounter.patient().precautions().contains(p.id()) && p.blocks(test))
                .toList();
    }

    private String because(ClinicalTest test) {
        return blocking(test).stream()
                .map(Precaution::label)
                .map(l -> l.replaceAll(" \\(.*\\)$", ""))
                .map(Wording::midSentence)
                .collect(Collectors.joining(", "));
    }

    private void say(ClinicalTest test, String words) {
        points.add(Point.of(Point.Kind.BLOCKED, test.name() + ": " + words, test, encounter));
    }
}
