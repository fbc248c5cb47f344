package lexicor.server.outcomes;

import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import lexicor.core.weighing.input.Suspicion;
import lexicor.server.cases.CaseDoor;
import lexicor.server.cases.Intake;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.cases.records.CaseStore;
import lexicor.server.outcomes.OutcomeViews.OutcomeView;
import lexicor.server.outcomes.OutcomeViews.SecondAsked;
import lexicor.server.people.PeopleService;
import lexicor.server.people.SignedIn;
import lexicor.server.problems.Refusal;
import lexicor.server.time.Moments;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * A patient examined by two, blind to each other: the second has a case of their own with the same history and precautions and
 * no suspicions, and neither sees the other's findings until the second is closed.
 */
@Service
class SecondExaminations {
    private static final int MOST = 20;

    private final CaseDoor door;
    private final CaseStore cases;
    private final PeopleService people;
    private final OutcomePage page;
    private final SignedIn signedIn;
    private final Moments moments;

    SecondExaminations(
            CaseDoor door,
            CaseStore cases,
            PeopleService people,
            OutcomePage page,
            SignedIn signedIn,
            Moments moments) {
        this.door = door;
        this.cases = cases;
        this.people = people;
        this.page = page;
        this.signedIn = signedIn;
        this.moments = moments;
    }

    @Transactional
    public OutcomeView ask(String code, SecondAsked asked) {
        CaseRecord first = Outcomes.notSecond(door.lockExisting(code));
        door.ownedBy(signedIn.person(), first);
        String examiner = asked.examiner();
        if (examiner == null || !people.colleagues().contains(examiner)) {
            throw Refusal.field("examiner", "expected somebody who keeps cases, found " + examiner);
        }
        if (examiner.equals(first.owner)) {
            throw Refusal.field("examiner", "expected somebody other than " + examiner + ", whose case it is");
        }
        if (first.blindTo != null) {
            throw Refusal.conflict("examiner: " + first.blindTo + " is examining this patient a second time already");
        }
        make(first, examiner);
        return page.of(first);
    }

    /** The case of the second examiner, where nobody waits to see it. */
    CaseRecord make(CaseRecord first, String examiner) {
        CaseRecord second = new CaseRecord();
        second.code = freeCode(first.code, examiner);
        second.owner = examiner;
        second.madeBy = examiner;
        second.createdAt = moments.now();
        second.updatedAt = second.createdAt;
        second.visits.add(second.createdAt);
        second.simulated = first.simulated;
        Intake told = Intake.of(first);
        new Intake(
                        told.complaint(),
                        told.alsoComplaint(),
                        told.involvedSide(),
                        told.dominantSide(),
                        told.age(),
                        told.ageBand(),
                        told.sex(),
                        told.setting(),
                        told.mechanism(),
                        told.told(),
                        told.bothSides(),
                        null,
                        told.candidates().stream()
                                .map(c -> new Intake.CandidateChoice(c.condition(), c.baseRate(), Suspicion.AS_USUAL))
                                .toList(),
                        told.answers(),
                        told.precautions(),
                        told.warnings(),
                        told.hurts())
                .into(second);
        second.secondOf = first.id;
        first.blindTo = examiner;
        cases.saveAndFlush(first);
        return cases.saveAndFlush(second);
    }

    private String freeCode(String code, String examiner) {
        List<String> tried = IntStream.rangeClosed(2, MOST)
                .mapToObj(n -> String.format(Locale.ROOT, "%s-%d", code, n))
                .toList();
        return tried.stream()
                .filter(c -> cases.findByCodeOrderById(c).isEmpty() && !cases.existsByCodeAndMadeBy(c, examiner))
                .findFirst()
                .orElseThrow(() -> Refusal.conflict("examiner: this patient was examined often enough"));
    }
}
