package lexicor.server.recording;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lexicor.core.examination.Side;
import lexicor.server.cases.CaseBasis;
import lexicor.server.cases.CaseDoor;
import lexicor.server.cases.CasePage;
import lexicor.server.cases.CaseViews.Examination;
import lexicor.server.cases.OpenCases;
import lexicor.server.cases.Taken;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.cases.records.CaseStore;
import lexicor.server.cases.records.TapRecord;
import lexicor.server.cases.records.TapStore;
import lexicor.server.people.SignedIn;
import lexicor.server.privacy.PersonalDetails;
import lexicor.server.problems.Refusal;
import lexicor.server.recording.RecordingViews.NewTap;
import lexicor.server.recording.RecordingViews.TapView;
import lexicor.server.standing.Basis;
import lexicor.server.time.Moments;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Records taps and takes them back. Every tap is one transaction. */
@Service
public class Recording {
    private static final int LONGEST_DEVICE = 40;
    private static final long OLDEST_MILLIS = 90L * 24 * 60 * 60 * 1000;

    private final CaseStore cases;
    private final CaseDoor door;
    private final CaseBasis basis;
    private final OpenCases openCases;
    private final TapStore taps;
    private final Precautions precautions;
    private final RecordingClock clock;
    private final Moments moments;
    private final SignedIn signedIn;

    Recording(
            CaseStore cases,
            CaseDoor door,
            CaseBasis basis,
            OpenCases openCases,
            TapStore taps,
            Precautions precautions,
            RecordingClock clock,
            Moments moments,
            SignedIn signedIn) {
        this.cases = cases;
        this.door = door;
        this.basis = basis;
        this.openCases = openCases;
        this.taps = taps;
        this.precautions = precautions;
        this.clock = clock;
        this.moments = moments;
        this.signedIn = signedIn;
    }

    /** Records a tap; the same tap sent again changes nothing, also when the case was closed in between. */
    @Transactional
    public Examination tap(String code, NewTap tap) {
        CaseRecord stored = door.lockExisting(code);
        Basis used = basis.of(stored);
        record(stored, used, tap);
        return CasePage.examination(openCases.of(stored, used));
    }

    /**
     * The same in a case that is locked already, where nobody waits to see what follows.
     *
     * @param used the case's basis
     */
    @Transactional
    public void record(CaseRecord stored, Basis used, NewTap tap) {
        if (tap.tapId() == null || tap.changes() == null || tap.side() == null) {
            throw Refusal.field(tap.tapId() == null ? "tapId" : tap.side() == null ? "side" : "changes", "missing");
        }
        TapRecord record = new TapRecord();
        record.key = tap.tapId();
        record.test = tap.test();
        record.at = Optional.ofNullable(tap.at()).orElse("");
        record.side = tap.side().id();
        record.changes = Taken.stored(tap.changes());
        record.recordedAt = clock.now();
        record.device = Optional.ofNullable(tap.device()).orElse("");
        checkDevice(record.device, tap.ageMillis());
        Taken.tap(record, used.catalogue());
        Taken.texts(tap.changes())
                .forEach((leaf, text) -> PersonalDetails.question("changes." + leaf, text, tap.sure()));
        if (taps.findByCaseIdAndKey(stored.id, tap.tapId()).isEmpty()) {
            CaseDoor.requireOpen(stored);
            precautions.allow(stored, used, used.catalogue().test(record.test).orElseThrow());
            record.caseId = stored.id;
            record.madeBy = signedIn.person().name();
            record.visit = visit(stored, tap.visit());
            record.tappedAt =
                    tappedAt(record, Optional.ofNullable(tap.ageMillis()).orElse(0L));
            record.variant = used.department().variants().get(record.test);
            taps.saveAndFlush(record);
            cases.touch(stored.id, record.recordedAt);
        }
    }

    private static void checkDevice(String device, Long ageMillis) {
        if (device.length() > LONGEST_DEVICE) {
            throw Refusal.field("device", "expected at most " + LONGEST_DEVICE + " characters");
        }
        if (ageMillis != null && (ageMillis < 0 || ageMillis > OLDEST_MILLIS)) {
            throw Refusal.field("ageMillis", "expected 0 to " + OLDEST_MILLIS + ", which is 90 days");
        }
    }

    /** The visit a tap belongs to; one that waited on a device belongs to the visit it was made at. */
    private static int visit(CaseRecord stored, Integer sent) {
        int visit = Optional.ofNullable(sent).orElse(stored.visit());
        if (visit < 1 || visit > stored.visits.size()) {
            throw Refusal.field("visit", "expected 1 to " + stored.visits.size() + ", found " + visit);
        }
        return visit;
    }

    /**
     * When the tap was made. The sender says how long ago, so that its clock does not matter; the taps of one device stay in
     * their order whatever the line or this clock does.
     */
    private Instant tappedAt(TapRecord tap, long ageMillis) {
        Instant made = tap.recordedAt.minusMillis(ageMillis);
        return taps.findFirstByCaseIdAndDeviceOrderByTappedAtDesc(tap.caseId, tap.device)
                .map(latest -> latest.tappedAt.plus(1, ChronoUnit.MICROS))
                .filter(soonest -> soonest.isAfter(made))
                .orElse(made);
    }

    /** Takes a tap back; one that was taken back before stays so. */
    @Transactional
    public Examination undo(String code, UUID tapId) {
        if (tapId == null) {
            throw Refusal.field("tapId", "missing");
        }
        CaseRecord stored = door.lockExisting(code);
        TapRecord tap = taps.findByCaseIdAndKey(stored.id, tapId)
                .orElseThrow(() -> Refusal.notFound("There is no tap " + tapId + " in case " + code + "."));
        if (!tap.undone) {
            CaseDoor.requireOpen(stored);
            tap.undone = true;
            tap.undoneAt = moments.now();
            tap.undoneBy = signedIn.person().name();
            taps.saveAndFlush(tap);
            cases.touch(stored.id, moments.now());
        }
        return CasePage.examination(openCases.of(stored));
    }

    /** Every tap ever made in the case, oldest first. */
    @Transactional(readOnly = true)
    public List<TapView> taps(String code) {
        return taps.findByCaseIdOrderByTappedAtAscIdAsc(door.existing(code).id).stream()
                .map(t -> new TapView(
                        t.key,
                        t.tappedAt,
                        t.recordedAt,
                        t.visit,
                        t.device,
                        t.test,
                        t.at,
                        Side.withId(t.side).orElseThrow(),
                        Taken.changes(t),
                        t.undone))
                .toList();
    }
}
