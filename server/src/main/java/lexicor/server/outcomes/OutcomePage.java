package lexicor.server.outcomes;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Condition;
import lexicor.core.outcomes.followed.CameOut;
import lexicor.core.outcomes.followed.Foreseen;
import lexicor.core.weighing.input.Candidate;
import lexicor.server.cases.CaseDoor;
import lexicor.server.cases.OpenCase;
import lexicor.server.cases.OpenCases;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.cases.records.CaseStore;
import lexicor.server.outcomes.OutcomeViews.AttachedView;
import lexicor.server.outcomes.OutcomeViews.CameOutAnswer;
import lexicor.server.outcomes.OutcomeViews.ConditionName;
import lexicor.server.outcomes.OutcomeViews.ConditionOutcome;
import lexicor.server.outcomes.OutcomeViews.ForeseenView;
import lexicor.server.outcomes.OutcomeViews.HunchView;
import lexicor.server.outcomes.OutcomeViews.KnownView;
import lexicor.server.outcomes.OutcomeViews.OutcomeNote;
import lexicor.server.outcomes.OutcomeViews.OutcomeView;
import lexicor.server.outcomes.OutcomeViews.ReferralView;
import lexicor.server.outcomes.OutcomeViews.SecondView;
import lexicor.server.outcomes.records.AttachedRecord;
import lexicor.server.outcomes.records.AttachedStore;
import lexicor.server.outcomes.records.CaseHunchRecord;
import lexicor.server.outcomes.records.CaseHunchStore;
import lexicor.server.outcomes.records.ForeseenRecord;
import lexicor.server.outcomes.records.ForeseenStore;
import lexicor.server.outcomes.records.NoteRecord;
import lexicor.server.outcomes.records.NoteStore;
import lexicor.server.outcomes.records.ReferralRecord;
import lexicor.server.outcomes.records.ReferralStore;
import lexicor.server.people.PeopleService;
import lexicor.server.people.SignedIn;
import org.springframework.stereotype.Component;

/** What is shown of what came out of a case. */
@Component
class OutcomePage {
    private final OpenCases openCases;
    private final CaseStore cases;
    private final CaseDoor door;
    private final NoteStore notes;
    private final ReferralStore referrals;
    private final AttachedStore attached;
    private final CaseHunchStore hunches;
    private final ForeseenStore foreseen;
    private final OutcomeDays days;
    private final PeopleService people;
    private final SignedIn signedIn;

    OutcomePage(
            OpenCases openCases,
            CaseStore cases,
            CaseDoor door,
            NoteStore notes,
            ReferralStore referrals,
            AttachedStore attached,
            CaseHunchStore hunches,
            ForeseenStore foreseen,
            OutcomeDays days,
            PeopleService people,
            SignedIn signedIn) {
        this.openCases = openCases;
        this.cases = cases;
        this.door = door;
        this.notes = notes;
        this.referrals = referrals;
        this.attached = attached;
        this.hunches = hunches;
        this.foreseen = foreseen;
        this.days = days;
        this.people = people;
        this.signedIn = signedIn;
    }

    OutcomeView of(CaseRecord stored) {
        OpenCase open = openCases.of(stored);
        Catalogue catalogue = open.catalogue();
        List<NoteRecord> noted = notes.findByCaseIdOrderByOnAscIdAsc(stored.id);
        List<AttachedRecord> reports = attached.findByCaseIdOrderById(stored.id);
        Set<String> conditions = new LinkedHashSet<>();
        stored.candidates.forEach(c -> conditions.add(c.condition));
        noted.stream().filter(NoteRecord::stands).forEach(n -> conditions.addAll(n.answers.keySet()));
        return new OutcomeView(
                stored.simulated,
                conditions(open, conditions, noted),
                catalogue.conditions().stream()
                        .filter(c -> !conditions.contains(c.id()))
                        .map(c -> new ConditionName(c.id(), c.name()))
                        .sorted(Comparator.comparing(ConditionName::name))
                        .toList(),
                noted.stream().map(n -> note(n, reports, catalogue)).toList(),
                referrals.findByCaseIdOrderByOnAscIdAsc(stored.id).stream()
                        .map(this::referral)
                        .toList(),
                second(stored).orElse(null),
                Optional.ofNullable(stored.secondOf)
                        .flatMap(cases::findById)
                        .map(c -> c.code)
                        .orElse(null),
                people.colleagues().stream()
                        .filter(p -> !p.equals(stored.owner))
                        .toList());
    }

    private List<ConditionOutcome> conditions(OpenCase open, Set<String> conditions, List<NoteRecord> noted) {
        long id = open.record().id;
        Map<String, ForeseenRecord> before =
                foreseen.findByKeyCaseId(id).stream().collect(Collectors.toMap(f -> f.key.condition(), f -> f));
        Map<String, CaseHunchRecord> said = new HashMap<>();
        hunches.findByCaseIdOrderById(id).forEach(h -> said.put(h.condition, h));
        Map<String, Double> starts =
                open.bedside().conditions().stream().collect(Collectors.toMap(Candidate::id, Candidate::pretest));
        List<ConditionOutcome> all = new ArrayList<>();
        for (String condition : conditions) {
            Optional<Condition> known = open.catalogue().condition(condition);
            all.add(new ConditionOutcome(
                    condition,
                    known.map(Condition::name).orElse(condition),
                    known.flatMap(Condition::shortName)
                            .or(() -> known.map(Condition::name))
                            .orElse(condition),
                    known(noted, condition).orElse(null),
                    Optional.ofNullable(before.get(condition))
                            .map(OutcomePage::foreseen)
                            .orElse(null),
                    Optional.ofNullable(said.get(condition))
                            .map(h -> new HunchView(h.stated, h.madeBy, h.madeAt))
                            .orElse(null),
                    starts.get(condition)));
        }
        return all;
    }

    private static Optional<KnownView> known(List<NoteRecord> noted, String condition) {
        int answers = (int) Foreseeing.answers(noted, condition).stream()
                .filter(n -> n.cameOut() != CameOut.NOT_KNOWN)
                .count();
        return Foreseeing.known(noted, condition)
                .map(k ->
                        new KnownView(k.present(), k.reference(), k.reference().words(), k.since(), answers));
    }

    private static ForeseenView foreseen(ForeseenRecord stored) {
        Foreseen then = stored.foreseen();
        return new ForeseenView(
                stored.visit,
                then.pretest(),
                then.shown(),
                then.hunch().map(Foreseen.Stated::probability).orElse(null));
    }

    private static OutcomeNote note(NoteRecord n, List<AttachedRecord> reports, Catalogue catalogue) {
        return new OutcomeNote(
                n.id,
                n.by(),
                n.by().words(),
                n.on,
                n.months,
                n.answers.entrySet().stream()
                        .map(e -> new CameOutAnswer(
                                e.getKey(),
                                catalogue.conditionName(e.getKey()),
                                CameOut.withId(e.getValue()).orElseThrow()))
                        .toList(),
                n.note,
                n.madeBy,
                n.madeAt,
                n.takenBackBy,
                reports.stream()
                        .filter(r -> r.noteId.equals(n.id))
                        .map(r -> new AttachedView(r.id, r.name, r.mediaType, r.bytes, r.madeBy, r.madeAt, r.removedBy))
                        .toList());
    }

    private ReferralView referral(ReferralRecord r) {
        return new ReferralView(
                r.id, r.by(), days.referred(r.by(), r.on), r.on, r.note, r.madeBy, r.isWaiting(), r.noteId, r.why);
    }

    private Optional<SecondView> second(CaseRecord stored) {
        return cases.findFirstBySecondOfAndDeletedAtIsNullOrderByIdDesc(stored.id)
                .map(s -> new SecondView(
                        s.owner,
                        s.isBlind() && !signedIn.person().name().equals(s.owner) ? null : door.address(s),
                        !s.isBlind()));
    }
}
