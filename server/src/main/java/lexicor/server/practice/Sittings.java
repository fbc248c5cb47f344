package lexicor.server.practice;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import lexicor.core.examination.Place;
import lexicor.core.practice.debrief.Point;
import lexicor.core.practice.station.Mark;
import lexicor.core.practice.station.Marking;
import lexicor.core.practice.station.Marking.Marked;
import lexicor.server.practice.PracticeViews.DebriefView;
import org.springframework.stereotype.Component;

/** What stations know of the patients that were examined at them. */
@Component
public class Sittings {
    /**
     * A patient at a station.
     *
     * @param endedAt empty while it goes on
     */
    public record Sitting(long patient, String person, Optional<Instant> endedAt) {}

    /** How one that is over went. */
    public record Result(Sitting sitting, List<Marked> marked, double minutes, double brier, double programBrier) {}

    private final PatientStore store;
    private final Patients patients;

    Sittings(PatientStore store, Patients patients) {
        this.store = store;
        this.patients = patients;
    }

    /** All of a station, the latest first. */
    public List<Sitting> of(long station) {
        return store.findByStationOrderByIdDesc(station).stream()
                .map(p -> new Sitting(p.id, p.owner, Optional.ofNullable(p.endedAt)))
                .toList();
    }

    /** How many of a station are over. */
    public int ended(long station) {
        return store.countByStationAndEndedAtNotNull(station);
    }

    /** Points for one that is over. */
    public Result result(Sitting sitting, List<Mark> marks) {
        PatientRecord stored = store.findById(sitting.patient()).orElseThrow();
        Attempt attempt = patients.attempt(stored);
        DebriefView debrief = Practising.debrief(stored);
        List<Point> points = debrief.points().stream()
                .map(p -> new Point(
                        p.kind(), p.words(), Optional.ofNullable(p.test()).map(t -> new Place(t, p.at(), p.side()))))
                .toList();
        return new Result(
                sitting,
                Marking.of(marks, attempt.encounter(), points),
                debrief.minutes(),
                stored.brier,
                stored.programBrier);
    }
}
