package lexicor.server.practice;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Complaint;
import lexicor.core.catalogue.Setting;
import lexicor.core.practice.hunches.Hunch;
import lexicor.core.practice.hunches.Hunches;
import lexicor.server.catalogue.Editions;
import lexicor.server.people.PeopleService;
import lexicor.server.people.Role;
import lexicor.server.practice.HomeViews.ComplaintChoice;
import lexicor.server.practice.HomeViews.HomeView;
import lexicor.server.practice.HomeViews.HunchesView;
import lexicor.server.practice.HomeViews.TodayView;
import lexicor.server.practice.PracticeViews.JudgedView;
import lexicor.server.practice.PracticeViews.PatientLine;
import lexicor.server.problems.Refusal;
import lexicor.server.settings.SettingsService;
import lexicor.server.time.Moments;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What somebody finds who comes to practise: today's patient, what was left open, and how their hunches do. */
@Service
class PracticeHome {
    private static final int LATEST = 200;
    private static final int LATEST_ENDED = 12;
    /** A step that is no divisor of any number of complaints, so that days that follow each other are not alike. */
    private static final long STRIDE = 7;

    private final PatientStore store;
    private final HunchStore hunches;
    private final PracticeDoor door;
    private final PeopleService people;
    private final Editions editions;
    private final SettingsService settings;
    private final Moments moments;

    PracticeHome(
            PatientStore store,
            HunchStore hunches,
            PracticeDoor door,
            PeopleService people,
            Editions editions,
            SettingsService settings,
            Moments moments) {
        this.store = store;
        this.hunches = hunches;
        this.door = door;
        this.people = people;
        this.editions = editions;
        this.settings = settings;
        this.moments = moments;
    }

    @Transactional(readOnly = true)
    public HomeView home() {
        List<PatientRecord> own = store.findByOwnerOrderByStartedAtDescIdDesc(door.name(), PageRequest.ofSize(LATEST));
        return new HomeView(
                today(),
                editions.catalogue().complaints().stream()
                        .map(c -> new ComplaintChoice(
                                c.id(), c.name(), c.regions().get(0)))
                        .toList(),
                own.stream().filter(p -> !p.isEnded()).map(this::line).toList(),
                own.stream()
                        .filter(PatientRecord::isEnded)
                        .limit(LATEST_ENDED)
                        .map(this::line)
                        .toList(),
                hunchesOf(door.name()),
                door.person().isLead()
                        ? people.named(Role.STUDENT).stream().map(store::line).toList()
                        : List.of());
    }

    private TodayView today() {
        LocalDate day = moments.today(settings.current().zone());
        List<Complaint> all = editions.catalogue().complaints();
        long number = day.toEpochDay();
        Complaint complaint = all.get((int) Math.floorMod(number * STRIDE, (long) all.size()));
        Setting setting = Setting.values()[(int) Math.floorMod(number, (long) Setting.values().length)];
        return new TodayView(
                day,
                complaint.id(),
                complaint.name(),
                setting,
                number,
                store
                        .findByOwnerAndSeedAndComplaintAndSetting(door.name(), number, complaint.id(), setting.id())
                        .stream()
                        .findFirst()
                        .map(this::line)
                        .orElse(null));
    }

    PatientLine line(PatientRecord p) {
        Catalogue catalogue = editions.catalogue();
        return new PatientLine(
                p.id,
                p.owner,
                catalogue.complaint(p.complaint).map(Complaint::name).orElse(p.complaint),
                Setting.withId(p.setting).orElseThrow(),
                p.startedAt,
                p.endedAt,
                p.brier,
                p.programBrier,
                p.isEnded() ? there(p) : List.of(),
                p.station);
    }

    /** As it was said at the end. */
    private static List<String> there(PatientRecord p) {
        return Practising.debrief(p).judged().stream()
                .filter(JudgedView::present)
                .map(JudgedView::name)
                .toList();
    }

    /** Those of one's own, or of a student for a lead. */
    @Transactional(readOnly = true)
    public HunchesView hunches(String of) {
        String owner = Optional.ofNullable(of).orElse(door.name());
        requireOpen(owner);
        return hunchesOf(owner);
    }

    private void requireOpen(String owner) {
        if (!door.isOpen(owner)) {
            throw Refusal.notFound("There is nobody called " + owner + " whose practice you see.");
        }
    }

    private HunchesView hunchesOf(String owner) {
        List<Hunch> all = hunches.findByOwnerOrderByMadeAtAscIdAsc(owner).stream()
                .map(h -> new Hunch(h.patientId, h.condition, h.region, h.atEnd, h.program, h.present, h.madeAt))
                .toList();
        Map<String, String> names = new LinkedHashMap<>();
        all.forEach(h ->
                names.computeIfAbsent(h.condition(), c -> editions.catalogue().conditionName(c)));
        return new HunchesView(owner, Hunches.of(all, settings.current().zone()), names);
    }

    /** The patients of a student, for a lead. */
    @Transactional(readOnly = true)
    public List<PatientLine> patientsOf(String student) {
        requireOpen(student);
        return store.findByOwnerOrderByStartedAtDescIdDesc(student, PageRequest.ofSize(LATEST)).stream()
                .map(this::line)
                .toList();
    }
}
