package lexicor.server.outcomes;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import lexicor.server.cases.CaseDoor;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.outcomes.OutcomeViews.OutcomeView;
import lexicor.server.outcomes.records.AttachedContent;
import lexicor.server.outcomes.records.AttachedContentStore;
import lexicor.server.outcomes.records.AttachedRecord;
import lexicor.server.outcomes.records.AttachedStore;
import lexicor.server.outcomes.records.NoteRecord;
import lexicor.server.outcomes.records.NoteStore;
import lexicor.server.people.SignedIn;
import lexicor.server.privacy.PersonalDetails;
import lexicor.server.problems.CleanText;
import lexicor.server.problems.Refusal;
import lexicor.server.time.Moments;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reports that came back, as they came: kept in the records' own file and so under its cipher. */
@Service
class Attachments {
    /** The most that one may have. */
    static final int LARGEST = 10 << 20;

    private static final int MOST = 5;
    private static final int LONGEST_NAME = 120;

    /** What a file begins with says what it is; its name does not. */
    private enum Kind {
        PDF("application/pdf", "%PDF-".getBytes(StandardCharsets.US_ASCII)),
        PNG("image/png", new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'}),
        JPEG("image/jpeg", new byte[] {(byte) 0xff, (byte) 0xd8, (byte) 0xff});

        private final String mediaType;
        private final byte[] first;

        Kind(String mediaType, byte[] first) {
            this.mediaType = mediaType;
            this.first = first;
        }

        static Optional<Kind> of(byte[] content) {
            return Arrays.stream(values())
                    .filter(k -> content.length > k.first.length
                            && Arrays.equals(k.first, Arrays.copyOf(content, k.first.length)))
                    .findFirst();
        }
    }

    /** A report with its bytes. */
    record Attached(String name, String mediaType, byte[] content) {}

    private final CaseDoor door;
    private final NoteStore notes;
    private final AttachedStore store;
    private final AttachedContentStore contents;
    private final OutcomePage page;
    private final SignedIn signedIn;
    private final Moments moments;

    Attachments(
            CaseDoor door,
            NoteStore notes,
            AttachedStore store,
            AttachedContentStore contents,
            OutcomePage page,
            SignedIn signedIn,
            Moments moments) {
        this.door = door;
        this.notes = notes;
        this.store = store;
        this.contents = contents;
        this.page = page;
        this.signedIn = signedIn;
        this.moments = moments;
    }

    /**
     * Attaches a report to what was noted of it.
     *
     * @param sure whether a name that looks like personal details was asked about and holds none
     */
    @Transactional
    public OutcomeView attach(String code, long note, String name, boolean sure, byte[] content) {
        CaseRecord stored = door.lockExisting(code);
        NoteRecord noted = notes.findByIdAndCaseId(note, stored.id)
                .filter(NoteRecord::stands)
                .orElseThrow(() -> Refusal.notFound("There is no such note in case " + code + "."));
        if (content.length > LARGEST) {
            throw Refusal.field(
                    "file",
                    "expected at most " + (LARGEST >> 20) + " MB, found "
                            + String.format(java.util.Locale.ROOT, "%.1f", content.length / (double) (1 << 20))
                            + " MB");
        }
        Kind kind = Kind.of(content)
                .orElseThrow(() -> Refusal.field("file", "expected a PDF or a picture (PNG, JPEG); this is neither"));
        if (store.findByCaseIdOrderById(stored.id).stream()
                        .filter(a -> a.noteId.equals(noted.id) && a.removedAt == null)
                        .count()
                >= MOST) {
            throw Refusal.conflict("file: there are " + MOST + " already, the most that a note takes");
        }
        String kept = CleanText.cleaned(name == null ? "" : name).strip();
        if (kept.isEmpty() || kept.length() > LONGEST_NAME || kept.contains("/") || kept.contains("\\")) {
            throw Refusal.field("name", "expected the file's name, of at most " + LONGEST_NAME + " characters");
        }
        PersonalDetails.question("name", kept, sure);
        AttachedRecord record = new AttachedRecord();
        record.caseId = stored.id;
        record.noteId = noted.id;
        record.name = kept;
        record.mediaType = kind.mediaType;
        record.bytes = content.length;
        record.madeBy = signedIn.person().name();
        record.madeAt = moments.now();
        store.saveAndFlush(record);
        AttachedContent bytes = new AttachedContent();
        bytes.reportId = record.id;
        bytes.content = content;
        contents.saveAndFlush(bytes);
        return page.of(stored);
    }

    /** The report as it came. */
    @Transactional(readOnly = true)
    public Attached of(String code, long id) {
        CaseRecord stored = door.existing(code);
        AttachedRecord record = existing(stored, id);
        return new Attached(record.name, record.mediaType, contents.findById(id).orElseThrow().content);
    }

    /** Takes a report away for good, as when it is another patient's; that it was there stays written. */
    @Transactional
    public OutcomeView remove(String code, long id) {
        CaseRecord stored = door.lockExisting(code);
        AttachedRecord record = existing(stored, id);
        record.removedBy = signedIn.person().name();
        record.removedAt = moments.now();
        store.saveAndFlush(record);
        contents.deleteAllByIdInBatch(List.of(id));
        return page.of(stored);
    }

    private AttachedRecord existing(CaseRecord stored, long id) {
        return store.findByIdAndCaseId(id, stored.id)
                .filter(a -> a.removedAt == null)
                .orElseThrow(() -> Refusal.notFound("There is no such report in case " + stored.code + "."));
    }
}
