package lexicor.server.outcomes;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lexicor.core.outcomes.followed.Known;
import lexicor.core.outcomes.followed.Noted;
import lexicor.core.weighing.School;
import lexicor.core.weighing.Weighing;
import lexicor.core.weighing.input.Candidate;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.server.cases.CaseBasis;
import lexicor.server.cases.OpenCase;
import lexicor.server.cases.OpenCases;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.outcomes.records.CaseHunchRecord;
import lexicor.server.outcomes.records.CaseHunchStore;
import lexicor.server.outcomes.records.ForeseenRecord;
import lexicor.server.outcomes.records.ForeseenStore;
import lexicor.server.outcomes.records.NoteRecord;
import lexicor.server.outcomes.records.NoteStore;
import lexicor.server.time.Moments;
import org.springframework.stereotype.Component;

/**
 * Keeps where a candidate stood at the last moment before it was known: at the latest visit no later than the day of the first
 * reference that gave an answer, with what was recorded until the answer was noted. What comes later changes nothing of it.
 */
@Component
class Foreseeing {
    private final NoteStore notes;
    private final ForeseenStore foreseen;
    private final CaseHunchStore hunches;
    private final OpenCases openCases;
    private final CaseBasis basis;
    private final OutcomeDays days;
    private final Moments moments;

    Foreseeing(
            NoteStore notes,
            ForeseenStore foreseen,
            CaseHunchStore hunches,
            OpenCases openCases,
            CaseBasis basis,
            OutcomeDays days,
            Moments moments) {
        this.notes = notes;
        this.foreseen = foreseen;
        this.hunches = hunches;
        this.openCases = openCases;
        this.basis = basis;
        this.days = days;
        this.moments = moments;
    }

    /** What is known of a condition from the notes that stand. */
    static Optional<Known> known(List<NoteRecord> notes, String condition) {
        return Known.of(answers(notes, condition));
    }

    /** What the notes that stand say of a condition. */
    static List<Noted> answers(List<NoteRecord> notes, String condition) {
        return notes.stream()
                .filter(NoteRecord::stands)
                .flatMap(n -> n.noted().stream())
                .filter(n -> n.condition().equals(condition))
                .toList();
    }

    /** Keeps what was thought of each condition that a note says something of, or that one said something of which is taken back. */
    void follow(CaseRecord stored, NoteRecord changed) {
        List<NoteRecord> all = notes.findByCaseIdOrderByOnAscIdAsc(stored.id);
        Then then = new Then();
        for (String condition : changed.answers.keySet()) {
            ForeseenRecord.Key key = new ForeseenRecord.Key(stored.id, condition);
            Optional<ForeseenRecord> kept = foreseen.findById(key);
            Optional<Integer> visit = known(all, condition).flatMap(k -> days.visitUntil(stored, k.since()));
            if (visit.isEmpty()) {
                kept.ifPresent(foreseen::delete);
            } else if (kept.filter(k -> k.visit == visit.get()).isEmpty()) {
                then.at(stored, visit.get())
                        .of(key)
                        .ifPresentOrElse(foreseen::save, () -> kept.ifPresent(foreseen::delete));
            }
        }
    }

    /** A case at a visit, weighed when it is first asked for. */
    private final class Then {
        private CaseRecord stored;
        private int visit;
        private CaseToWeigh given;
        private OpenCase open;
        private Map<School, Map<String, Double>> bySchool;

        Then at(CaseRecord record, int number) {
            if (stored == null || visit != number) {
                stored = record;
                visit = number;
                open = openCases.of(record.asOf(number), basis.of(record));
                given = open.toWeigh();
                bySchool = Weighing.bySchool(given);
            }
            return this;
        }

        /** Empty where nothing was examined, or it was no candidate. */
        Optional<ForeseenRecord> of(ForeseenRecord.Key key) {
            return open.taps().isEmpty()
                    ? Optional.empty()
                    : given.conditions().stream()
                            .filter(c -> c.id().equals(key.condition()))
                            .findFirst()
                            .map(c -> record(key, c));
        }

        private ForeseenRecord record(ForeseenRecord.Key key, Candidate candidate) {
            ForeseenRecord record = new ForeseenRecord();
            record.key = key;
            record.visit = visit;
            record.school = open.basis().school().id();
            record.pretest = candidate.pretest();
            bySchool.forEach((school, by) -> record.set(school, by.get(key.condition())));
            record.madeAt = moments.now();
            hunches.findByCaseIdOrderById(key.caseId()).stream()
                    .filter(h -> h.condition.equals(key.condition()))
                    .max(Comparator.comparing((CaseHunchRecord h) -> h.id))
                    .ifPresent(h -> {
                        record.hunch = h.stated;
                        record.hunchBy = h.madeBy;
                    });
            return record;
        }
    }
}
