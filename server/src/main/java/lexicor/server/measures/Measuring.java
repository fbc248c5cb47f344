package lexicor.server.measures;

import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Measure;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.examination.Side;
import lexicor.server.cases.CaseBasis;
import lexicor.server.cases.CaseDoor;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.measures.MeasureViews.Measures;
import lexicor.server.measures.MeasureViews.NewMeasure;
import lexicor.server.problems.Refusal;
import lexicor.server.recording.Recording;
import lexicor.server.recording.RecordingViews.NewTap;
import lexicor.server.standing.Basis;
import lexicor.server.time.Moments;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what is measured; a value that belongs to a test is recorded as that test's reading in the same step. */
@Service
public class Measuring {
    private static final String DEVICE = "measures";

    private final CaseDoor door;
    private final CaseBasis basis;
    private final MeasuredStore values;
    private final MeasurePage page;
    private final Recording recording;
    private final Moments moments;

    Measuring(
            CaseDoor door,
            CaseBasis basis,
            MeasuredStore values,
            MeasurePage page,
            Recording recording,
            Moments moments) {
        this.door = door;
        this.basis = basis;
        this.values = values;
        this.page = page;
        this.recording = recording;
        this.moments = moments;
    }

    /** Stores the values of one side and records what they say of their test, in one step. */
    @Transactional
    public Measures save(String code, NewMeasure request) {
        return page.of(keep(code, request));
    }

    /** The same, where nobody waits to see what follows. */
    @Transactional
    public CaseRecord keep(String code, NewMeasure request) {
        CaseRecord stored = door.lockForRecording(code);
        Basis used = basis.of(stored);
        Measure measure = used.catalogue()
                .measures()
                .measure(Optional.ofNullable(request.measure()).orElse(""))
                .orElseThrow(() -> Refusal.field("measure", "there is no measure " + request.measure()));
        if (request.side() == null) {
            throw Refusal.field("side", "missing; expected left or right");
        }
        Side side = request.side();
        if (request.tapId() == null || request.changes() == null) {
            throw Refusal.field(request.tapId() == null ? "tapId" : "changes", "missing");
        }
        MeasureChanges changes = MeasureChanges.read(measure, request.changes(), Boolean.TRUE.equals(request.sure()));
        changes.byItem().forEach((item, amounts) -> store(stored, measure, side, item, amounts));
        values.flush();
        measure.feeds().forEach(feeds -> {
            ClinicalTest test = used.catalogue().test(feeds.test()).orElseThrow();
            Map<String, Object> reading = changes.reading(test);
            if (!reading.isEmpty()) {
                tap(stored, used, tapId(request.tapId(), measure, feeds), feeds, side, reading);
            }
        });
        feedRatios(request.tapId(), stored, used, measure, side);
        return stored;
    }

    private void store(CaseRecord stored, Measure measure, Side side, String item, List<MeasureChanges.Value> amounts) {
        values.deleteAll(values.findByCaseIdAndVisitAndMeasureAndItemAndSide(
                stored.id, stored.visit(), measure.id(), item, side.id()));
        values.flush();
        for (int place = 0; place < amounts.size(); place++) {
            MeasuredRecord record = new MeasuredRecord();
            record.caseId = stored.id;
            record.visit = stored.visit();
            record.measure = measure.id();
            record.item = item;
            record.side = side.id();
            record.place = place;
            record.amount = amounts.get(place).amount();
            record.word = amounts.get(place).word();
            record.recordedAt = moments.now();
            values.save(record);
        }
    }

    /** The ratios that this measure is part of, to the tests that take them. */
    private void feedRatios(UUID tapId, CaseRecord stored, Basis used, Measure changed, Side side) {
        MeasuredValues now = page.at(stored, stored.visit(), used);
        for (Measure m : used.catalogue().measures().measures()) {
            boolean touched = m.ratioTo().isPresent()
                    && (m.id().equals(changed.id()) || m.ratioTo().get().equals(changed.id()));
            if (touched && !m.feeds().isEmpty()) {
                Map<String, Object> reading = new HashMap<>();
                reading.put(
                        ReadingLeaf.RATIO.leafName(),
                        now.ratio(m, side, used.catalogue()).orElse(null));
                for (Measure.Feeds feeds : m.feeds()) {
                    UUID own = UUID.nameUUIDFromBytes((tapId + " ratio " + m.id()).getBytes(StandardCharsets.UTF_8));
                    tap(stored, used, tapId(own, m, feeds), feeds, side, reading);
                }
            }
        }
    }

    /** The tap of the first test is the sender's own; those of further tests follow from it. */
    private static UUID tapId(UUID sent, Measure measure, Measure.Feeds feeds) {
        return measure.feeds().indexOf(feeds) == 0
                ? sent
                : UUID.nameUUIDFromBytes(
                        (sent + " " + feeds.test() + " " + feeds.at()).getBytes(StandardCharsets.UTF_8));
    }

    private void tap(
            CaseRecord stored, Basis used, UUID tapId, Measure.Feeds feeds, Side side, Map<String, Object> reading) {
        recording.record(
                stored,
                used,
                new NewTap(tapId, feeds.test(), feeds.at(), side, reading, DEVICE, null, stored.visit(), null));
    }
}
