package lexicor.core.practice.station;

import java.util.ArrayList;
import java.util.List;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.examination.Wording;
import lexicor.core.practice.debrief.Deed.Courtesy;
import lexicor.core.practice.debrief.Encounter;
import lexicor.core.practice.debrief.Point;

/** Gives the points of a station for what was done at it. */
public final class Marking {
    /**
     * A mark with what was got for it.
     *
     * @param words why, as a sentence
     */
    public record Marked(Mark mark, int got, String words) {}

    private final Encounter encounter;
    private final List<Point> points;
    private final Catalogue catalogue;

    private Marking(Encounter encounter, List<Point> points) {
        this.encounter = encounter;
        this.points = points;
        catalogue = encounter.patient().world().catalogue();
    }

    /**
     * @param points what the debrief says could have been otherwise
     */
    public static List<Marked> of(List<Mark> marks, Encounter encounter, List<Point> points) {
        Marking marking = new Marking(encounter, points);
        return marks.stream().map(marking::marked).toList();
    }

    private Marked marked(Mark mark) {
        return switch (mark.kind()) {
            case PERMISSION -> courtesy(mark, Courtesy.PERMISSION, "Permission asked before the first touch");
            case EXPOSURE -> courtesy(mark, Courtesy.BARE, "Both arms bared before the first test");
            case SPEAK_UP -> courtesy(mark, Courtesy.SPEAK_UP, "Asked to speak up at any pain before the first test");
            case OTHER_SIDE -> otherSide(mark);
            case NECK ->
                whole(mark, encounter.isNeckScreened(), "The neck was looked at", "The neck was not looked at");
            case TEST -> test(mark);
            case SAFE -> safe(mark);
            case PLAN -> plan(mark);
        };
    }

    private static Marked whole(Mark mark, boolean is, String yes, String no) {
        return new Marked(mark, is ? mark.points() : 0, (is ? yes : no) + ".");
    }

    private Marked courtesy(Mark mark, Courtesy what, String words) {
        boolean is = encounter.isSaidBeforeTouching(what);
        return whole(mark, is, words, "Not so: " + Wording.midSentence(words));
    }

    private Marked otherSide(Mark mark) {
        int tests = encounter.tests().size();
        int wrong = encounter.troubledSideFirst().size();
        int got = tests == 0 ? 0 : Math.round((float) mark.points() * (tests - wrong) / tests);
        return new Marked(mark, got, "The other side came first in " + (tests - wrong) + " of " + tests + " tests.");
    }

    /** Done on the side that is troubled; half where nothing was recorded of it. */
    private Marked test(Mark mark) {
        String id = mark.test().orElseThrow();
        String name = catalogue.test(id).map(t -> t.name()).orElse(id);
        if (!encounter.isDone(id)) {
            return new Marked(mark, 0, name + ": not done on the troubled side.");
        }
        List<String> read = new ArrayList<>();
        points.stream()
                .filter(p -> p.kind() == Point.Kind.READING
                        && p.place().filter(at -> at.test().equals(id)).isPresent())
                .forEach(p -> read.add(p.words()));
        return read.isEmpty()
                ? new Marked(mark, mark.points(), name + ": done and recorded as it was felt.")
                : new Marked(mark, mark.points() / 2, read.get(0));
    }

    private Marked safe(Mark mark) {
        List<String> unsafe = points.stream()
                .filter(p -> p.kind() == Point.Kind.WARNING || p.kind() == Point.Kind.BLOCKED)
                .map(Point::words)
                .toList();
        return unsafe.isEmpty()
                ? new Marked(mark, mark.points(), "Nothing unsafe was done, and no warning sign was missed.")
                : new Marked(mark, 0, unsafe.get(0));
    }

    private Marked plan(Mark mark) {
        return encounter
                .isPlanRight()
                .map(right ->
                        whole(mark, right, "The plan fits what was there", "The plan does not fit what was there"))
                .orElseGet(() -> new Marked(mark, 0, "No plan was made."));
    }
}
