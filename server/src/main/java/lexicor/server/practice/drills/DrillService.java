package lexicor.server.practice.drills;

import java.security.SecureRandom;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.practice.drill.Drill;
import lexicor.core.practice.drill.Drill.Kind;
import lexicor.core.practice.drill.Drills;
import lexicor.core.practice.drill.Spacing;
import lexicor.core.practice.drill.Verdicts;
import lexicor.core.weighing.input.WeighingSettings;
import lexicor.server.catalogue.Edition;
import lexicor.server.catalogue.Editions;
import lexicor.server.people.SignedIn;
import lexicor.server.practice.drills.DrillViews.DrillAnswer;
import lexicor.server.practice.drills.DrillViews.DrillHome;
import lexicor.server.practice.drills.DrillViews.DrillOption;
import lexicor.server.practice.drills.DrillViews.DrillPeople;
import lexicor.server.practice.drills.DrillViews.DrillResult;
import lexicor.server.practice.drills.DrillViews.DrillTally;
import lexicor.server.practice.drills.DrillViews.DrillView;
import lexicor.server.problems.Refusal;
import lexicor.server.settings.DepartmentSettings;
import lexicor.server.settings.SettingsService;
import lexicor.server.time.Moments;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Asks quick questions, those that are due first, and keeps when each comes again. */
@Service
public class DrillService {
    private static final int TRIES = 20;
    private static final int LONGEST_KEY = 300;

    private record Kept(EvidenceBase evidence, WeighingSettings weighing, Drills drills) {}

    private final DrillStore store;
    private final Editions editions;
    private final SettingsService settings;
    private final SignedIn signedIn;
    private final Moments moments;
    private final SecureRandom random = new SecureRandom();
    private volatile Kept kept;

    DrillService(DrillStore store, Editions editions, SettingsService settings, SignedIn signedIn, Moments moments) {
        this.store = store;
        this.editions = editions;
        this.settings = settings;
        this.signedIn = signedIn;
        this.moments = moments;
    }

    /** What questions are made from is searched once for as long as content and settings stay as they are. */
    private Drills drills() {
        Edition edition = editions.current();
        DepartmentSettings department = settings.current();
        WeighingSettings weighing = department.weighing(Optional.empty());
        EvidenceBase evidence =
                edition.evidence(weighing.highBias(), department.checkedOnly(), department.judgements());
        Kept known = kept;
        if (known == null || known.evidence() != evidence || !known.weighing().equals(weighing)) {
            Verdicts verdicts = new Verdicts(edition.catalogue(), evidence, weighing);
            known = new Kept(evidence, weighing, new Drills(edition.catalogue(), evidence, verdicts));
            kept = known;
        }
        return known.drills();
    }

    private String name() {
        return signedIn.person().name();
    }

    @Transactional(readOnly = true)
    public DrillHome home() {
        List<DrillRecord> all = store.findByOwnerOrderById(name());
        return new DrillHome(
                store.countByOwnerAndDueAtLessThanEqual(name(), moments.now()),
                Arrays.stream(Kind.values())
                        .map(k -> new DrillTally(
                                k,
                                all.stream()
                                        .filter(d -> d.kind.equals(k.id()))
                                        .mapToInt(d -> d.right)
                                        .sum(),
                                all.stream()
                                        .filter(d -> d.kind.equals(k.id()))
                                        .mapToInt(d -> d.wrong)
                                        .sum()))
                        .toList());
    }

    /**
     * The next question.
     *
     * @param kind of which kind; any where it is null
     */
    @Transactional(readOnly = true)
    public DrillView next(String kind) {
        Optional<Kind> wanted = Optional.ofNullable(kind)
                .map(k -> Kind.withId(k).orElseThrow(() -> Refusal.field("kind", "there is no kind of question " + k)));
        Instant now = moments.now();
        Drills drills = drills();
        long due = store.countByOwnerAndDueAtLessThanEqual(name(), now);
        for (DrillRecord waiting :
                store.findByOwnerAndDueAtLessThanEqualOrderByDueAt(name(), now, PageRequest.ofSize(TRIES))) {
            Kind of = Kind.withId(waiting.kind).orElseThrow();
            Optional<Drill> again =
                    wanted.filter(w -> w != of).isPresent() ? Optional.empty() : drills.again(of, waiting.key);
            if (again.isPresent()) {
                return view(again.get(), due, true);
            }
        }
        for (int i = 0; i < TRIES; i++) {
            Kind of = wanted.orElseGet(() -> Kind.values()[random.nextInt(Kind.values().length)]);
            Optional<Drill> fresh = drills.fresh(of, random.nextLong());
            if (fresh.isPresent()) {
                return view(fresh.get(), due, false);
            }
        }
        throw Refusal.conflict("The content has no question of that kind.");
    }

    private static DrillView view(Drill drill, long due, boolean again) {
        return new DrillView(
                drill.kind(),
                drill.key(),
                drill.ask(),
                drill.details(),
                drill.options().stream()
                        .map(o -> new DrillOption(o.id(), o.label()))
                        .toList(),
                drill.map().orElse(null),
                due,
                again);
    }

    @Transactional
    public DrillResult answer(DrillAnswer given) {
        if (given.kind() == null
                || given.key() == null
                || given.key().length() > LONGEST_KEY
                || given.answer() == null) {
            throw Refusal.field(
                    given.kind() == null ? "kind" : given.answer() == null ? "answer" : "key", "missing or too long");
        }
        Drill drill = drills().again(given.kind(), given.key())
                .orElseThrow(() -> Refusal.field("key", "there is no such question"));
        boolean right = drill.isRight(given.answer());
        DrillRecord kept = store.findByOwnerAndKindAndKey(name(), drill.kind().id(), drill.key())
                .orElseGet(() -> first(drill));
        Spacing next = new Spacing(kept.box).after(right);
        kept.box = next.box();
        kept.right += right ? 1 : 0;
        kept.wrong += right ? 0 : 1;
        kept.dueAt = moments.now().plus(next.rests());
        store.saveAndFlush(kept);
        return new DrillResult(
                right,
                drill.answer(),
                drill.why(),
                kept.dueAt,
                drill.people()
                        .map(p -> new DrillPeople(p.outOf(), p.with(), p.positiveWith(), p.positiveWithout()))
                        .orElse(null));
    }

    private DrillRecord first(Drill drill) {
        DrillRecord first = new DrillRecord();
        first.owner = name();
        first.kind = drill.kind().id();
        first.key = drill.key();
        first.box = Spacing.NEW.box();
        return first;
    }

    /** Forgets all that somebody was asked. */
    @Transactional
    public void forget(String owner) {
        store.deleteByOwner(owner);
    }
}
