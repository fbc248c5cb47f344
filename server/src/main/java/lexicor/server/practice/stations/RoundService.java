package lexicor.server.practice.stations;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import lexicor.server.people.PeopleService;
import lexicor.server.people.Role;
import lexicor.server.people.SignedIn;
import lexicor.server.practice.stations.RoundViews.NewRound;
import lexicor.server.practice.stations.RoundViews.RoundStation;
import lexicor.server.practice.stations.RoundViews.RoundView;
import lexicor.server.problems.Refusal;
import lexicor.server.time.Moments;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Rounds of stations: a lead sets one up and rings the first bell, the students go round. */
@Service
public class RoundService {
    private static final int MOST = 20;
    private static final int MOST_MINUTES = 60;
    private static final int MOST_PAUSE = 10;

    private final RoundStore store;
    private final StationStore stations;
    private final PeopleService people;
    private final SignedIn signedIn;
    private final Moments moments;

    RoundService(RoundStore store, StationStore stations, PeopleService people, SignedIn signedIn, Moments moments) {
        this.store = store;
        this.stations = stations;
        this.people = people;
        this.signedIn = signedIn;
        this.moments = moments;
    }

    private String name() {
        return signedIn.person().name();
    }

    private boolean isLead() {
        return signedIn.person().isLead();
    }

    /** All of them for a lead, those one goes round in for a student. */
    @Transactional(readOnly = true)
    public List<RoundView> all() {
        return (isLead() ? store.findAllByOrderByIdDesc() : store.of(name()))
                .stream().map(this::view).toList();
    }

    private RoundView view(RoundRecord r) {
        return new RoundView(
                r.id,
                r.name,
                r.stations.stream()
                        .map(id -> new RoundStation(
                                id, stations.findById(id).map(s -> s.name).orElse("A station that is gone")))
                        .toList(),
                List.copyOf(r.students),
                r.minutes,
                r.pauseMinutes,
                r.startedAt,
                moments.now(),
                isLead());
    }

    @Transactional
    public RoundView create(NewRound asked) {
        RoundRecord made = new RoundRecord();
        made.madeBy = name();
        made.name = StationNames.checked(asked.name());
        made.minutes = within("minutes", asked.minutes(), 1, MOST_MINUTES);
        made.pauseMinutes = within("pauseMinutes", asked.pauseMinutes(), 0, MOST_PAUSE);
        made.stations.addAll(each("stations", asked.stations()));
        made.students.addAll(each("students", asked.students()));
        for (Long id : made.stations) {
            if (stations.findById(id).isEmpty()) {
                throw Refusal.field("stations", "there is no station " + id);
            }
        }
        for (String student : made.students) {
            if (!people.named(Role.STUDENT).contains(student)) {
                throw Refusal.field("students", "there is no student " + student);
            }
        }
        if (made.students.size() > made.stations.size()) {
            throw Refusal.field(
                    "students", "expected at most as many as there are stations, which is " + made.stations.size());
        }
        // Whoever goes round may sit each of them.
        made.stations.forEach(id -> stations.findById(id).orElseThrow().given.addAll(made.students));
        return view(store.saveAndFlush(made));
    }

    private static int within(String field, int value, int low, int high) {
        if (value < low || value > high) {
            throw Refusal.field(field, "expected " + low + " to " + high + ", found " + value);
        }
        return value;
    }

    private static <T> List<T> each(String field, List<T> given) {
        List<T> all = Optional.ofNullable(given).orElse(List.of());
        if (all.isEmpty() || all.size() > MOST || new HashSet<>(all).size() < all.size() || all.contains(null)) {
            throw Refusal.field(field, "expected 1 to " + MOST + ", each once");
        }
        return all;
    }

    /** Rings the first bell, or begins anew. */
    @Transactional
    public RoundView start(long id) {
        RoundRecord round = existing(id);
        round.startedAt = moments.now();
        return view(store.saveAndFlush(round));
    }

    @Transactional
    public void delete(long id) {
        store.delete(existing(id));
    }

    private RoundRecord existing(long id) {
        return store.findById(id).orElseThrow(() -> Refusal.notFound("There is no round " + id + "."));
    }
}
