package lexicor.server.casefiles;

import jakarta.persistence.EntityManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import lexicor.server.casefiles.CaseFile.MeasuredEntry;
import lexicor.server.casefiles.CaseFile.Moment;
import lexicor.server.casefiles.CaseFile.OverrideEntry;
import lexicor.server.casefiles.CaseFile.SettledEntry;
import lexicor.server.casefiles.CaseFile.TapEntry;
import lexicor.server.casefiles.CaseFileCheck.VisitTest;
import lexicor.server.cases.CaseAccess;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.cases.records.CaseStore;
import lexicor.server.cases.records.OverrideRecord;
import lexicor.server.cases.records.OverrideStore;
import lexicor.server.cases.records.SettledWarning;
import lexicor.server.cases.records.TapStore;
import lexicor.server.measures.MeasuredRecord;
import lexicor.server.measures.MeasuredStore;
import lexicor.server.people.SignedIn;
import lexicor.server.time.Moments;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Stores what is new in a case's file, in the name of whoever brings it in. What is here already is left alone. */
@Component
class CaseFileStore {
    private static final String INSERT_TAP =
            "insert into tap (case_id, tap_key, visit, test_id, at_place, side, changes,"
                    + " device, variant, tapped_at, recorded_at, undone, undone_at, undone_by, made_by, brought_in)"
                    + " values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, true)";

    private final CaseStore cases;
    private final TapStore taps;
    private final MeasuredStore measured;
    private final OverrideStore overrides;
    private final NotedOutcomes outcomes;
    private final ApplicationEventPublisher told;
    private final SignedIn signedIn;
    private final JdbcTemplate database;
    private final EntityManager entities;
    private final JsonMapper json;
    private final Moments moments;

    CaseFileStore(
            CaseStore cases,
            TapStore taps,
            MeasuredStore measured,
            OverrideStore overrides,
            NotedOutcomes outcomes,
            ApplicationEventPublisher told,
            SignedIn signedIn,
            JdbcTemplate database,
            EntityManager entities,
            JsonMapper json,
            Moments moments) {
        this.cases = cases;
        this.taps = taps;
        this.measured = measured;
        this.overrides = overrides;
        this.outcomes = outcomes;
        this.told = told;
        this.signedIn = signedIn;
        this.database = database;
        this.entities = entities;
        this.json = json;
        this.moments = moments;
    }

    /**
     * @param there the case that the file goes on from; empty for a new one
     * @param ahead blocked tests that have readings in the file, which are gone ahead with for the reason
     */
    void store(CaseFile file, Optional<CaseRecord> there, Set<VisitTest> ahead, String reason) {
        Times times = new Times(moments.now());
        String me = signedIn.person().name();
        CaseRecord stored = there.map(c -> cases.lock(c.id)).orElseGet(() -> made(file, me));
        stored.createdAt = there.isPresent() ? stored.createdAt : times.of(file.created());
        stored.updatedAt = times.start;
        file.visits().stream().skip(stored.visits.size()).forEach(v -> stored.visits.add(times.of(v)));
        file.intake().into(stored);
        stored.plan.clear();
        stored.plan.addAll(file.plan());
        stored.sets.clear();
        stored.sets.addAll(file.sets());
        settle(file, stored, times, me);
        stored.ladders.clear();
        stored.ladders.putAll(file.ladders());
        cases.saveAndFlush(stored);
        storeTaps(file, stored, times, me);
        storeMeasured(file, stored, times, there.isPresent());
        storeOverrides(file, stored, times, me);
        outcomes.store(stored, file.outcomes(), times::of, me);
        ahead.forEach(a -> overrides.save(override(stored, me, a.visit(), a.test(), reason.strip(), times.start)));
        told.publishEvent(new CaseAccess(stored.id, CaseAccess.Kind.BROUGHT_IN));
        // What was stored is not looked at again: a thousand cases must not stay in memory.
        entities.flush();
        entities.clear();
    }

    private static CaseRecord made(CaseFile file, String me) {
        CaseRecord made = new CaseRecord();
        made.code = file.code();
        made.owner = me;
        made.madeBy = me;
        return made;
    }

    /** Times as written, or in their order from a first day on where a file has days alone. */
    private static final class Times {
        private final Instant start;
        private long order;

        Times(Instant start) {
            this.start = start;
        }

        Instant of(Moment moment) {
            return moment.at() != null
                    ? moment.at()
                    : start.plus(moment.day(), ChronoUnit.DAYS).plus(order++, ChronoUnit.MICROS);
        }
    }

    /** What the file says of warning signs; what is here already stays whoever's it is. */
    private static void settle(CaseFile file, CaseRecord stored, Times times, String me) {
        Map<String, SettledWarning> before = Map.copyOf(stored.settled);
        stored.settled.clear();
        for (SettledEntry entry : file.settled()) {
            SettledWarning said =
                    SettledWarning.of(entry.state(), entry.why(), entry.raisedBy(), me, times.of(entry.said()));
            stored.settled.put(
                    entry.warning(),
                    Optional.ofNullable(before.get(entry.warning()))
                            .filter(said::saysTheSame)
                            .orElse(said));
        }
    }

    private void storeTaps(CaseFile file, CaseRecord stored, Times times, String me) {
        Set<UUID> known = taps.findByCaseIdOrderByTappedAtAscIdAsc(stored.id).stream()
                .map(t -> t.key)
                .collect(Collectors.toSet());
        List<TapEntry> fresh =
                file.taps().stream().filter(t -> !known.contains(t.id())).toList();
        database.batchUpdate(
                INSERT_TAP, fresh, Math.max(1, fresh.size()), (row, tap) -> fill(row, tap, stored.id, times, me));
    }

    private void fill(PreparedStatement row, TapEntry tap, Long caseId, Times times, String me) throws SQLException {
        int n = 0;
        row.setLong(++n, caseId);
        row.setObject(++n, tap.id());
        row.setInt(++n, tap.visit());
        row.setString(++n, tap.test());
        row.setString(++n, tap.at());
        row.setString(++n, tap.side());
        row.setString(++n, json.writeValueAsString(tap.changes()));
        row.setString(++n, tap.device());
        row.setString(++n, tap.variant());
        row.setObject(++n, utc(times.of(tap.tapped())));
        row.setObject(++n, utc(times.of(tap.recorded())));
        row.setBoolean(++n, tap.takenBack());
        row.setObject(++n, tap.takenBackAt() == null ? null : utc(times.of(tap.takenBackAt())));
        row.setString(++n, tap.takenBack() ? me : null);
        row.setString(++n, me);
    }

    private static OffsetDateTime utc(Instant at) {
        return at.atOffset(ZoneOffset.UTC);
    }

    private void storeMeasured(CaseFile file, CaseRecord stored, Times times, boolean goesOn) {
        Set<MeasuredPlace> known = goesOn
                ? measured.findByCaseIdOrderById(stored.id).stream()
                        .map(MeasuredPlace::of)
                        .collect(Collectors.toSet())
                : Set.of();
        for (MeasuredEntry m : file.measured()) {
            if (!known.contains(MeasuredPlace.of(m))) {
                measured.save(measured(m, stored, times));
            }
        }
    }

    private static MeasuredRecord measured(MeasuredEntry entry, CaseRecord stored, Times times) {
        MeasuredRecord record = new MeasuredRecord();
        record.caseId = stored.id;
        record.visit = entry.visit();
        record.measure = entry.measure();
        record.item = entry.item();
        record.side = entry.side();
        record.place = entry.place();
        record.amount = entry.amount();
        record.word = entry.word();
        record.recordedAt = times.of(entry.recorded());
        return record;
    }

    private void storeOverrides(CaseFile file, CaseRecord stored, Times times, String me) {
        Set<String> known = overrides.findByCaseIdOrderById(stored.id).stream()
                .map(o -> o.visit + " " + o.test + " " + o.reason)
                .collect(Collectors.toSet());
        for (OverrideEntry o : file.overrides()) {
            if (!known.contains(o.visit() + " " + o.test() + " " + o.reason())) {
                overrides.save(override(stored, me, o.visit(), o.test(), o.reason(), times.of(o.recorded())));
            }
        }
    }

    private static OverrideRecord override(
            CaseRecord stored, String me, int visit, String test, String reason, Instant at) {
        OverrideRecord record = new OverrideRecord();
        record.caseId = stored.id;
        record.visit = visit;
        record.test = test;
        record.reason = reason;
        record.recordedAt = at;
        record.madeBy = me;
        record.broughtIn = true;
        return record;
    }
}
