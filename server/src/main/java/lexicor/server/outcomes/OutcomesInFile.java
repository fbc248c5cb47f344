package lexicor.server.outcomes;

import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.outcomes.followed.CameOut;
import lexicor.core.outcomes.followed.Reference;
import lexicor.server.casefiles.CaseFile.Moment;
import lexicor.server.casefiles.CaseFile.OutcomeEntry;
import lexicor.server.casefiles.NotedOutcomes;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.outcomes.records.NoteRecord;
import lexicor.server.outcomes.records.NoteStore;
import lexicor.server.settings.SettingsService;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;

/**
 * Notes of how cases came out go with a case's file. What was thought before they were known does not: by other figures it would
 * be another thought.
 */
@Component
class OutcomesInFile implements NotedOutcomes {
    private final NoteStore notes;
    private final SettingsService settings;
    private final ApplicationEventPublisher told;

    OutcomesInFile(NoteStore notes, SettingsService settings, ApplicationEventPublisher told) {
        this.notes = notes;
        this.settings = settings;
        this.told = told;
    }

    private ZoneId zone() {
        return settings.current().zone();
    }

    @Override
    public List<OutcomeEntry> of(long caseId, Function<Instant, Moment> moment) {
        return notes.findByCaseIdOrderByOnAscIdAsc(caseId).stream()
                .map(n -> new OutcomeEntry(
                        n.key,
                        n.reference,
                        moment.apply(n.on.atTime(LocalTime.NOON).atZone(zone()).toInstant()),
                        n.months,
                        new LinkedHashMap<>(n.answers),
                        n.note,
                        moment.apply(n.madeAt),
                        moment.apply(n.takenBackAt)))
                .toList();
    }

    @Override
    public Optional<String> objection(OutcomeEntry entry, Catalogue catalogue) {
        if (Reference.withId(entry.reference()).isEmpty()) {
            return Optional.of("there is no reference " + entry.reference());
        }
        if (entry.note().length() > Outcomes.LONGEST_NOTE) {
            return Optional.of("expected a note of at most " + Outcomes.LONGEST_NOTE + " characters");
        }
        return entry.answers().entrySet().stream()
                .filter(a -> catalogue.condition(a.getKey()).isEmpty()
                        || CameOut.withId(a.getValue()).isEmpty())
                .findFirst()
                .map(a -> "there is no condition " + a.getKey() + ", or no answer " + a.getValue());
    }

    @Override
    public void store(CaseRecord stored, List<OutcomeEntry> entries, Function<Moment, Instant> times, String person) {
        for (OutcomeEntry e : entries) {
            if (notes.findByCaseIdAndKey(stored.id, e.id()).isEmpty()) {
                NoteRecord record = new NoteRecord();
                record.caseId = stored.id;
                record.key = e.id();
                record.reference = e.reference();
                record.on = times.apply(e.on()).atZone(zone()).toLocalDate();
                record.months = e.months();
                record.answers.putAll(e.answers());
                record.note = e.note();
                record.madeBy = person;
                record.madeAt = times.apply(e.noted());
                if (e.takenBackAt() != null) {
                    record.takenBackBy = person;
                    record.takenBackAt = times.apply(e.takenBackAt());
                }
                notes.save(record);
            }
        }
        if (!entries.isEmpty()) {
            told.publishEvent(new OutcomeChanged(stored.id));
        }
    }
}
