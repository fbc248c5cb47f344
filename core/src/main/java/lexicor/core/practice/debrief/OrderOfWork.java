package lexicor.core.practice.debrief;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.planning.Stage;
import lexicor.core.practice.debrief.Deed.Courtesy;
import lexicor.core.practice.debrief.Deed.Said;

/** What should have come before what: permission, the other side, range and strength, the neck. */
final class OrderOfWork {
    private static final int NAMED = 3;

    private final Encounter encounter;
    private final Catalogue catalogue;
    private final List<Point> points = new ArrayList<>();

    private OrderOfWork(Encounter encounter) {
        this.encounter = encounter;
        catalogue = encounter.patient().world().catalogue();
    }

    static List<Point> of(Encounter encounter) {
        OrderOfWork order = new OrderOfWork(encounter);
        if (!encounter.tests().isEmpty()) {
            order.courtesies();
            order.otherSide();
            order.rangeAndStrength();
            order.neck();
        }
        return order.points;
    }

    private void courtesies() {
        if (!encounter.isSaidBeforeTouching(Courtesy.PERMISSION)) {
            say("Permission was not asked before the first touch.");
        }
        if (!encounter.isSaidBeforeTouching(Courtesy.BARE)) {
            say("The arms were not bared before the first test, on both sides: wasting and scars hide under a sleeve.");
        }
        if (encounter.of(Said.class).noneMatch(s -> s.what() == Courtesy.SPEAK_UP)) {
            say("Nobody asked the patient to speak up at any pain; half of this is done from behind.");
        }
    }

    private void otherSide() {
        List<ClinicalTest> wrong = encounter.troubledSideFirst();
        if (wrong.isEmpty()) {
            return;
        }
        String names = wrong.stream().limit(NAMED).map(ClinicalTest::name).collect(Collectors.joining(", "));
        String more = wrong.size() > NAMED ? " and " + (wrong.size() - NAMED) + " more" : "";
        points.add(Point.of(
                Point.Kind.ORDER,
                "The troubled side came first, or alone: " + names + more
                        + ". The other side shows the patient what is coming, and gives the baseline.",
                wrong.get(0),
                encounter));
    }

    private void rangeAndStrength() {
        boolean moved = false;
        for (String id : encounter.tests()) {
            ClinicalTest test = catalogue.test(id).orElseThrow();
            Stage stage = Stage.of(test);
            if (stage == Stage.MOVE || stage == Stage.MEASURE) {
                moved = true;
            } else if (stage == Stage.PROVOKE && test.provocation() > 0 && !moved) {
                points.add(Point.of(
                        Point.Kind.ORDER,
                        test.name()
                                + ": provoked before any range or strength was taken; those decide which provocation is worth doing.",
                        test,
                        encounter));
                return;
            }
        }
    }

    private void neck() {
        if (encounter.isNeckWanted() && !encounter.isNeckScreened()) {
            say("The neck was not looked at: it refers to where this hurts.");
        }
    }

    private void say(String words) {
        points.add(Point.of(Point.Kind.ORDER, words));
    }
}
