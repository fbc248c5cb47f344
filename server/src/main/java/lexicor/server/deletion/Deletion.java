package lexicor.server.deletion;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import lexicor.server.cases.CaseDoor;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.cases.records.CaseStore;
import lexicor.server.deletion.DeletionViews.DeletedCase;
import lexicor.server.deletion.DeletionViews.DeletionAsked;
import lexicor.server.deletion.DeletionViews.DeletionRequest;
import lexicor.server.people.SignedIn;
import lexicor.server.privacy.PersonalDetails;
import lexicor.server.privacy.Reasons;
import lexicor.server.problems.Refusal;
import lexicor.server.settings.SettingsService;
import lexicor.server.time.Moments;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Takes a case out of the records: asked for with a reason, then confirmed. It is out of sight at once; after the retention
 * time nothing of it is left but its tombstone.
 */
@Service
class Deletion {
    private static final Duration TO_CONFIRM = Duration.ofMinutes(10);

    /** Everything that holds rows of a case, those that refer to others first. */
    private static final List<String> TABLES = List.of(
            "tap",
            "case_override",
            "measured_value",
            "measured_value_aud",
            "case_candidate",
            "case_candidate_aud",
            "case_answer",
            "case_answer_aud",
            "case_plan",
            "case_plan_aud",
            "case_ladder",
            "case_ladder_aud",
            "case_precaution",
            "case_precaution_aud",
            "case_warning",
            "case_warning_aud",
            "case_visit",
            "case_visit_aud",
            "report",
            "outbox",
            "access_log",
            "report_aud",
            "outcome_fact",
            "outcome_foreseen",
            "case_hunch",
            "outcome_referral",
            "outcome_report",
            "outcome_note",
            "case_share",
            "case_share_aud");

    private record Asked(String code, String reason) {}

    private final CaseStore cases;
    private final CaseDoor door;
    private final TombstoneStore tombstones;
    private final SignedIn signedIn;
    private final SettingsService settings;
    private final JdbcTemplate database;
    private final Moments moments;
    private final Cache<UUID, Asked> asked =
            Caffeine.newBuilder().expireAfterWrite(TO_CONFIRM).maximumSize(1000).build();

    Deletion(
            CaseStore cases,
            CaseDoor door,
            TombstoneStore tombstones,
            SignedIn signedIn,
            SettingsService settings,
            JdbcTemplate database,
            Moments moments) {
        this.cases = cases;
        this.door = door;
        this.tombstones = tombstones;
        this.signedIn = signedIn;
        this.settings = settings;
        this.database = database;
        this.moments = moments;
    }

    /** The first step: why. */
    @Transactional(readOnly = true)
    public DeletionAsked ask(String code, DeletionRequest request) {
        door.ownedBy(signedIn.person(), door.existing(code));
        String reason = Reasons.aboutCase(request.reason());
        PersonalDetails.question("reason", reason, request.sure());
        UUID confirmation = UUID.randomUUID();
        asked.put(confirmation, new Asked(code, reason));
        return new DeletionAsked(confirmation, settings.current().retentionDays());
    }

    /** The second step. */
    @Transactional
    public void confirm(String code, UUID confirmation) {
        CaseRecord stored = door.lockExisting(code);
        door.ownedBy(signedIn.person(), stored);
        Asked first = confirmation == null ? null : asked.getIfPresent(confirmation);
        if (first == null || !first.code().equals(code)) {
            throw Refusal.conflict(
                    "confirmation: give the reason again; it is kept for " + TO_CONFIRM.toMinutes() + " minutes only");
        }
        asked.invalidate(confirmation);
        stored.deletedAt = moments.now();
        if (stored.isBlind()) {
            cases.seen(stored, stored.deletedAt);
        }
        cases.saveAndFlush(stored);
        Tombstone tombstone = new Tombstone();
        tombstone.caseId = stored.id;
        tombstone.code = stored.code;
        tombstone.deletedAt = stored.deletedAt;
        tombstone.deletedBy = signedIn.person().name();
        tombstone.reason = first.reason();
        tombstones.save(tombstone);
    }

    /** What can still be brought back, the latest deleted first. */
    @Transactional(readOnly = true)
    public List<DeletedCase> kept() {
        int days = settings.current().retentionDays();
        return tombstones.findByGoneAtIsNullAndBroughtBackAtIsNullAndCaseIdIsNotNullOrderByDeletedAtDesc().stream()
                .map(t -> new DeletedCase(
                        t.id, t.code, t.deletedAt, t.deletedBy, t.reason, t.deletedAt.plus(days, ChronoUnit.DAYS)))
                .toList();
    }

    /** Brings a case back to whom it belonged. */
    @Transactional
    public void bringBack(long id) {
        Tombstone tombstone = tombstones
                .findById(id)
                .filter(t -> t.goneAt == null && t.broughtBackAt == null && t.caseId != null)
                .orElseThrow(() -> Refusal.notFound("There is no such case, or it is gone for good or back already."));
        CaseRecord stored = cases.lock(tombstone.caseId);
        stored.deletedAt = null;
        cases.saveAndFlush(stored);
        tombstone.broughtBackAt = moments.now();
        tombstone.broughtBackBy = signedIn.person().name();
    }

    /** Removes what was deleted long enough ago from everything, history included. */
    @Scheduled(initialDelayString = "PT1M", fixedDelayString = "PT6H")
    @Transactional
    public void removeForGood() {
        Instant before = moments.now().minus(settings.current().retentionDays(), ChronoUnit.DAYS);
        for (CaseRecord gone : cases.findByDeletedAtBefore(before)) {
            TABLES.forEach(table -> database.update("delete from " + table + " where case_id = ?", gone.id));
            database.update("delete from outcome_pair where ? in (first_case, second_case)", gone.id);
            database.update("delete from examination_case_aud where id = ?", gone.id);
            database.update("delete from examination_case where id = ?", gone.id);
            tombstones.findByCaseId(gone.id).stream()
                    .filter(t -> t.broughtBackAt == null)
                    .forEach(t -> t.goneAt = moments.now());
        }
    }
}
