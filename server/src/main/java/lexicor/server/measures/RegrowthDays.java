package lexicor.server.measures;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.examination.Readings;
import lexicor.core.examination.Side;
import lexicor.core.examination.SideReadings;
import lexicor.core.examination.Tap;
import lexicor.core.measuring.Regrowth;
import lexicor.server.cases.OpenCase;
import lexicor.server.cases.Taken;
import lexicor.server.cases.records.TapRecord;
import lexicor.server.measures.MeasureViews.RegrowthPoint;
import lexicor.server.measures.MeasureViews.RegrowthView;

/** A nerve's advancing tapping point from the taps of all visits: a distance that a later one replaced stands for its day. */
final class RegrowthDays {

    private static final int DAYS_FOR_A_PACE = 3;

    private final OpenCase c;
    private final Map<Integer, List<TapRecord>> byVisit;

    /** @param taps of all visits, as they were made */
    RegrowthDays(OpenCase c, List<TapRecord> taps) {
        this.c = c;
        String test = c.catalogue().measures().regrowth().test();
        byVisit = taps.stream()
                .filter(t -> t.test.equals(test))
                .collect(Collectors.groupingBy(t -> t.visit, TreeMap::new, Collectors.toList()));
    }

    List<RegrowthView> views() {
        return Stream.of(c.involved().other(), c.involved())
                .flatMap(side -> view(side).stream())
                .toList();
    }

    private Optional<RegrowthView> view(Side side) {
        TreeMap<LocalDate, RegrowthPoint> byDay = new TreeMap<>();
        byVisit.values().forEach(taps -> days(side, taps, byDay));
        List<Regrowth.Point> points = byDay.values().stream()
                .map(p -> new Regrowth.Point(p.day().toEpochDay(), p.distanceMm()))
                .toList();
        long ways = byDay.values().stream()
                .flatMap(p -> Stream.ofNullable(p.how()))
                .distinct()
                .count();
        return points.isEmpty()
                ? Optional.empty()
                : Optional.of(new RegrowthView(
                        side,
                        List.copyOf(byDay.values()),
                        points.size() < DAYS_FOR_A_PACE
                                ? null
                                : Regrowth.of(points).sentence(),
                        ways > 1));
    }

    private void days(Side side, List<TapRecord> visit, TreeMap<LocalDate, RegrowthPoint> byDay) {
        record Known(TapRecord record, Tap tap) {}
        List<Known> known = visit.stream()
                .filter(t -> t.side.equals(side.id()))
                .flatMap(t -> Taken.known(t, c.catalogue()).map(tap -> new Known(t, tap)).stream())
                .toList();
        Readings standing = Readings.of(known.stream().map(Known::tap).toList());
        for (Known k : known) {
            LocalDate day = day(k.record());
            Readings.of(List.of(k.tap()))
                    .at(k.tap().place())
                    .quantity(ReadingLeaf.DISTANCE_MM)
                    .ifPresent(mm -> byDay.put(
                            day,
                            new RegrowthPoint(day, mm, how(standing.at(k.tap().place())))));
        }
    }

    /** Which nerve, from where, and how the limb lay; null where none of it was noted. */
    private static String how(SideReadings at) {
        String words = Stream.of(
                        ReadingLeaf.REGROWTH_NERVE, ReadingLeaf.REGROWTH_LANDMARK, ReadingLeaf.REGROWTH_LIMB_POSITION)
                .flatMap(leaf -> at.text(leaf).stream()
                        .map(said -> (leaf == ReadingLeaf.REGROWTH_LANDMARK ? "from " : "") + said))
                .collect(Collectors.joining(", "));
        return words.isEmpty() ? null : words;
    }

    /** The day that a reading is of: its visit's where somebody gave that, or else the day it was recorded. */
    private LocalDate day(TapRecord record) {
        Instant when = c.record().datedVisits.contains(record.visit)
                ? c.record().visits.get(record.visit - 1)
                : record.tappedAt;
        return when.atZone(c.basis().department().zone()).toLocalDate();
    }
}
