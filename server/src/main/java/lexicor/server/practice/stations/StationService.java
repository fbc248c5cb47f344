package lexicor.server.practice.stations;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Complaint;
import lexicor.core.catalogue.Setting;
import lexicor.core.practice.station.Mark;
import lexicor.server.catalogue.Editions;
import lexicor.server.people.PeopleService;
import lexicor.server.people.Role;
import lexicor.server.people.SignedIn;
import lexicor.server.practice.PracticeViews.Begun;
import lexicor.server.practice.Practising;
import lexicor.server.practice.Sittings;
import lexicor.server.practice.Sittings.Result;
import lexicor.server.practice.Sittings.Sitting;
import lexicor.server.practice.Wishes;
import lexicor.server.practice.stations.StationViews.MarkView;
import lexicor.server.practice.stations.StationViews.MarkedView;
import lexicor.server.practice.stations.StationViews.SittingView;
import lexicor.server.practice.stations.StationViews.StationChange;
import lexicor.server.practice.stations.StationViews.StationResults;
import lexicor.server.practice.stations.StationViews.StationToSit;
import lexicor.server.practice.stations.StationViews.StationView;
import lexicor.server.practice.stations.StationViews.Stations;
import lexicor.server.problems.Refusal;
import lexicor.server.time.Moments;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Stations: a lead composes them and gives them to students, who sit them once or as often as they like. */
@Service
public class StationService {
    private static final JsonMapper JSON = JsonMapper.shared();
    private static final TypeReference<List<MarkView>> MARKS = new TypeReference<>() {};
    private static final int MOST_MARKS = 40;

    private final StationStore store;
    private final Sittings sittings;
    private final Practising practising;
    private final Editions editions;
    private final PeopleService people;
    private final SignedIn signedIn;
    private final Moments moments;

    StationService(
            StationStore store,
            Sittings sittings,
            Practising practising,
            Editions editions,
            PeopleService people,
            SignedIn signedIn,
            Moments moments) {
        this.store = store;
        this.sittings = sittings;
        this.practising = practising;
        this.editions = editions;
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

    /** Those made, for a lead; those to sit, for whom they are given to. */
    @Transactional(readOnly = true)
    public Stations all() {
        return new Stations(
                isLead()
                        ? store.findAllByOrderByIdDesc().stream()
                                .map(this::view)
                                .toList()
                        : List.of(),
                store.givenTo(name()).stream().map(this::toSit).toList(),
                isLead() ? people.named(Role.STUDENT) : List.of());
    }

    private StationView view(StationRecord s) {
        List<MarkView> marks = marks(s);
        return new StationView(
                s.id,
                s.version,
                s.madeBy,
                s.name,
                s.complaint,
                complaintName(s),
                Setting.withId(s.setting).orElseThrow(),
                s.seed,
                s.minutes,
                Wishes.view(s.wish),
                s.once,
                marks,
                List.copyOf(s.given),
                marks.stream().mapToInt(MarkView::points).sum(),
                sittings.ended(s.id),
                s.madeAt);
    }

    private static List<MarkView> marks(StationRecord s) {
        return JSON.readValue(s.marks, MARKS);
    }

    private String complaintName(StationRecord s) {
        return editions.catalogue().complaint(s.complaint).map(Complaint::name).orElse(s.complaint);
    }

    private StationToSit toSit(StationRecord s) {
        List<Sitting> own = own(s);
        Optional<Sitting> latest = own.stream().findFirst();
        boolean ended = latest.filter(p -> p.endedAt().isPresent()).isPresent();
        return new StationToSit(
                s.id,
                s.name,
                complaintName(s),
                s.minutes,
                s.once,
                (int) own.stream().filter(p -> p.endedAt().isPresent()).count(),
                latest.map(Sitting::patient).orElse(null),
                ended,
                own.isEmpty() || ended && !s.once);
    }

    private List<Sitting> own(StationRecord s) {
        return sittings.of(s.id).stream().filter(p -> p.person().equals(name())).toList();
    }

    @Transactional
    public StationView create(StationChange change) {
        StationRecord made = new StationRecord();
        made.madeBy = name();
        made.madeAt = moments.now();
        return view(saved(made, change));
    }

    /** Changes a station over the version last seen. */
    @Transactional
    public StationView change(long id, StationChange change) {
        StationRecord stored = existing(id);
        if (change.version() == null || change.version() != stored.version) {
            throw Refusal.conflict("version: somebody else changed this station meanwhile; look again.");
        }
        return view(saved(stored, change));
    }

    @Transactional
    public void delete(long id) {
        store.delete(existing(id));
    }

    private StationRecord saved(StationRecord station, StationChange change) {
        Catalogue catalogue = editions.catalogue();
        Complaint complaint = catalogue
                .complaint(Optional.ofNullable(change.complaint()).orElse(""))
                .orElseThrow(() -> Refusal.field("complaint", "there is no complaint " + change.complaint()));
        Practising.checkMinutes(change.minutes());
        station.name = StationNames.checked(change.name());
        station.complaint = complaint.id();
        station.setting =
                Optional.ofNullable(change.setting()).orElse(Setting.COMMUNITY).id();
        station.seed = Optional.ofNullable(change.seed()).orElseGet(practising::freshSeed);
        station.minutes = change.minutes();
        station.wish = Wishes.checked(change.wish(), complaint, catalogue);
        station.once = change.once();
        station.marks = JSON.writeValueAsString(checkedMarks(change.marks(), catalogue));
        station.given.clear();
        station.given.addAll(checkedStudents(change.given()));
        return store.saveAndFlush(station);
    }

    private static List<MarkView> checkedMarks(List<MarkView> marks, Catalogue catalogue) {
        if (marks == null || marks.isEmpty() || marks.size() > MOST_MARKS) {
            throw Refusal.field("marks", "expected 1 to " + MOST_MARKS + " things to look at");
        }
        for (int i = 0; i < marks.size(); i++) {
            MarkView mark = marks.get(i);
            String field = "marks[" + i + "]";
            if (mark.test() != null && catalogue.test(mark.test()).isEmpty()) {
                throw Refusal.field(field + ".test", "there is no test " + mark.test());
            }
            try {
                mark(mark);
            } catch (IllegalArgumentException | NullPointerException e) {
                throw Refusal.field(field, e.getMessage());
            }
        }
        return marks;
    }

    private static Mark mark(MarkView mark) {
        return new Mark(mark.kind(), Optional.ofNullable(mark.test()), mark.points());
    }

    private Set<String> checkedStudents(List<String> given) {
        List<String> students = people.named(Role.STUDENT);
        Set<String> named = new TreeSet<>(Optional.ofNullable(given).orElse(List.of()));
        for (String person : named) {
            if (!students.contains(person)) {
                throw Refusal.field("given", "there is no student " + person);
            }
        }
        return named;
    }

    private StationRecord existing(long id) {
        return store.findById(id).orElseThrow(() -> none(id));
    }

    private StationRecord given(long id) {
        return store.findById(id).filter(s -> s.given.contains(name())).orElseThrow(() -> none(id));
    }

    private static Refusal none(long id) {
        return Refusal.notFound("There is no station " + id + " of yours.");
    }

    /** Sits down at a station, or goes on with the sitting that is not over. */
    @Transactional
    public Begun sit(long id) {
        StationRecord station = given(id);
        StationToSit now = toSit(station);
        if (now.patient() != null && !now.ended()) {
            return new Begun(now.patient());
        }
        if (!now.mayBegin()) {
            throw Refusal.conflict("This station is sat once, and you have sat it.");
        }
        return practising.begin(
                editions.catalogue()
                        .complaint(station.complaint)
                        .orElseThrow(() -> Refusal.conflict("The content no longer has this station's complaint.")),
                Setting.withId(station.setting).orElseThrow(),
                station.seed,
                station.minutes,
                Wishes.view(station.wish),
                station.id);
    }

    /** All sittings for a lead, one's own for a student. */
    @Transactional(readOnly = true)
    public StationResults results(long id) {
        StationRecord station = isLead() ? existing(id) : given(id);
        List<Mark> marks = marks(station).stream().map(StationService::mark).toList();
        return new StationResults(
                station.id,
                station.name,
                complaintName(station),
                marks.stream().mapToInt(Mark::points).sum(),
                marks.stream().map(this::label).toList(),
                (isLead() ? sittings.of(id) : own(station))
                        .stream()
                                .filter(s -> s.endedAt().isPresent())
                                .map(s -> sitting(sittings.result(s, marks)))
                                .sorted(Comparator.comparing(SittingView::endedAt)
                                        .reversed())
                                .toList());
    }

    private SittingView sitting(Result r) {
        return new SittingView(
                r.sitting().patient(),
                r.sitting().person(),
                r.sitting().endedAt().orElseThrow(),
                r.marked().stream()
                        .map(m -> new MarkedView(
                                m.mark().kind(), label(m.mark()), m.mark().points(), m.got(), m.words()))
                        .toList(),
                r.marked().stream().mapToInt(m -> m.got()).sum(),
                r.marked().stream().mapToInt(m -> m.mark().points()).sum(),
                r.minutes(),
                r.brier(),
                r.programBrier());
    }

    private String label(Mark mark) {
        return switch (mark.kind()) {
            case PERMISSION -> "Permission";
            case EXPOSURE -> "Exposure";
            case SPEAK_UP -> "Asked to speak up";
            case OTHER_SIDE -> "Other side first";
            case NECK -> "Neck";
            case SAFE -> "Safe";
            case PLAN -> "Plan";
            case TEST ->
                editions.catalogue()
                        .test(mark.test().orElseThrow())
                        .map(t -> t.particulars().shortName().orElse(t.name()))
                        .orElse(mark.test().orElseThrow());
        };
    }
}
