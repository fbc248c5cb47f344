package lexicor.server.layer;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import lexicor.core.catalogue.packs.AccuracyTable;
import lexicor.core.catalogue.published.AccuracyRow;
import lexicor.core.catalogue.published.AccuracyRow.Kind;
import lexicor.core.catalogue.published.Figures;
import lexicor.core.catalogue.published.SignOff;
import lexicor.core.document.Problem;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.evidence.Study;
import lexicor.core.evidence.WholeCounts;
import lexicor.core.numbers.Interval;
import lexicor.server.catalogue.Editions;
import lexicor.server.layer.LayerViews.Check;
import lexicor.server.layer.LayerViews.Counts;
import lexicor.server.layer.LayerViews.FigureChange;
import lexicor.server.layer.LayerViews.FigurePreview;
import lexicor.server.layer.LayerViews.FigureStored;
import lexicor.server.people.SignedIn;
import lexicor.server.privacy.Reasons;
import lexicor.server.problems.Refusal;
import lexicor.server.settings.SettingsService;
import lexicor.server.time.Moments;
import org.springframework.stereotype.Service;

/** Adds and changes the department's figures and keeps who checked which. A shipped row is never changed, only covered. */
@Service
public class OwnFigures {
    private static final Map<String, String> FIELDS = Map.of("reference_standard", "referenceStandard");
    private static final int LONGEST_NOTE = 1000;

    private final Layer layer;
    private final Editions editions;
    private final OwnFigureStore figures;
    private final FigureCheckStore checks;
    private final SignedIn signedIn;
    private final Moments moments;
    private final SettingsService settings;

    OwnFigures(
            Layer layer,
            Editions editions,
            OwnFigureStore figures,
            FigureCheckStore checks,
            SignedIn signedIn,
            Moments moments,
            SettingsService settings) {
        this.layer = layer;
        this.editions = editions;
        this.figures = figures;
        this.checks = checks;
        this.signedIn = signedIn;
        this.moments = moments;
        this.settings = settings;
    }

    /** What the figure comes to; nothing is stored. */
    FigurePreview preview(FigureChange change) {
        AccuracyRow row = row(change);
        Study study = EvidenceBase.study(row.figures(), false);
        Interval sensitivity;
        Interval specificity = null;
        if (study instanceof Study.TwoByTwo table) {
            sensitivity = table.sensitivityInterval();
            specificity = table.specificityInterval();
        } else {
            Study.SensitivityOnly only = (Study.SensitivityOnly) study;
            sensitivity = Interval.wilson(only.tp(), only.tp() + only.fn());
        }
        List<String> warnings = new ArrayList<>();
        Counts counts = change.counts() == null ? counts(change, warnings) : change.counts();
        if (row.kind() == Kind.JUDGEMENT) {
            warnings.add(String.format(
                    Locale.ROOT,
                    "A judgement, no study: it weighs as much as a study of %.0f people with the condition and %.0f without.",
                    row.figures().diseased().orElseThrow(),
                    row.figures().healthy().orElseThrow()));
        }
        return new FigurePreview(
                row.figures().sensitivity(),
                sensitivity.low(),
                sensitivity.high(),
                row.figures().specificity().isPresent()
                        ? row.figures().specificity().getAsDouble()
                        : null,
                specificity == null ? null : specificity.low(),
                specificity == null ? null : specificity.high(),
                counts,
                warnings);
    }

    FigureStored add(FigureChange change) {
        AccuracyRow row = row(change);
        String why = Reasons.of(change.why(), change.sure());
        layer.change(() -> {
            OwnFigureRecord record = new OwnFigureRecord();
            record.set(row, why);
            return figures.save(record);
        });
        return new FigureStored(row.fingerprint());
    }

    /** Changes the row that has the fingerprint; a shipped one is covered by a row of the department's. */
    FigureStored change(String fingerprint, FigureChange change) {
        AccuracyRow before = existing(fingerprint);
        AccuracyRow row = row(change);
        if (!row.criterion().equals(before.criterion()) || !row.condition().equals(before.condition())) {
            throw Refusal.field("criterion", "a figure stays with its pair; add another figure for the other pair");
        }
        String why = Reasons.of(change.why(), change.sure());
        layer.change(() -> {
            OwnFigureRecord record = own(before).orElseGet(() -> {
                OwnFigureRecord covering = new OwnFigureRecord();
                covering.replaces(before);
                return covering;
            });
            record.set(row, why);
            return figures.save(record);
        });
        return new FigureStored(row.fingerprint());
    }

    /**
     * Keeps a row that was counted in the program, in the place of an earlier count of the same or beside what there is.
     *
     * @param sure whether a reason that looks like personal details was asked about and holds none
     */
    public void keep(AccuracyRow row, Optional<AccuracyRow> before, String why, Boolean sure) {
        String reason = Reasons.of(why, sure);
        layer.change(() -> {
            OwnFigureRecord record = before.flatMap(this::own).orElseGet(OwnFigureRecord::new);
            record.set(row, reason);
            return figures.save(record);
        });
    }

    /** Takes a row of the department's away; where it covered a shipped one, that one counts again. */
    public void remove(String fingerprint, String why, boolean sure) {
        String reason = Reasons.of(why, sure);
        AccuracyRow row = existing(fingerprint);
        layer.change(() -> {
            OwnFigureRecord record = own(row).orElseThrow(() ->
                    Refusal.conflict("This row came with the program and stays. Change it, or mark it as disputed."));
            takeAway(record, reason);
            return null;
        });
    }

    void takeAway(OwnFigureRecord record, String why) {
        // First the reason, so that the history has it.
        record.why = why;
        figures.saveAndFlush(record);
        figures.delete(record);
    }

    /** Keeps what somebody found who looked up the row or cluster that has the fingerprint. */
    void check(String fingerprint, Check check) {
        SignOff.State state = SignOff.State.withId(String.valueOf(check.state()))
                .orElseThrow(() -> Refusal.field("state", "expected checked, disputed or not-yet-checked"));
        String note = Optional.ofNullable(check.note()).orElse("").strip();
        if (note.length() > LONGEST_NOTE) {
            throw Refusal.field("note", "expected at most " + LONGEST_NOTE + " characters");
        }
        if (state == SignOff.State.DISPUTED && note.isEmpty()) {
            throw Refusal.field("note", "Say what is wrong with the figure");
        }
        if (FigureNames.of(editions.catalogue(), fingerprint).isEmpty()) {
            throw gone();
        }
        layer.change(() -> {
            if (state == SignOff.State.NOT_YET_CHECKED) {
                checks.findById(fingerprint).ifPresent(checks::delete);
                return null;
            }
            FigureCheckRecord record = checks.findById(fingerprint).orElseGet(FigureCheckRecord::new);
            record.fingerprint = fingerprint;
            record.describe(editions.catalogue());
            record.set(new SignOff(
                    state,
                    signedIn.person().name(),
                    moments.today(settings.current().zone()),
                    note,
                    ""));
            return checks.save(record);
        });
    }

    private AccuracyRow existing(String fingerprint) {
        return FigureNames.row(editions.catalogue(), fingerprint).orElseThrow(OwnFigures::gone);
    }

    private static Refusal gone() {
        return Refusal.conflict("This figure was changed or taken away in the meantime; look at the page anew.");
    }

    private Optional<OwnFigureRecord> own(AccuracyRow row) {
        return Optional.ofNullable(layer.ownFigures().get(row.key()));
    }

    /** The row that is meant, checked as a line of an imported table would be. */
    private AccuracyRow row(FigureChange change) {
        int thisYear = moments.today(settings.current().zone()).getYear();
        if (change.year() > thisYear) {
            throw Refusal.field("year", "expected a year up to " + thisYear + ", found " + change.year());
        }
        Kind kind = Kind.withId(String.valueOf(change.kind()))
                .orElseThrow(() -> Refusal.field("kind", "expected study, pooled, sensitivity-only or judgement"));
        Figures figures = change.counts() == null ? printed(change) : counted(change.counts(), kind);
        AccuracyRow row = new AccuracyRow(
                text(change.criterion()),
                text(change.condition()),
                kind,
                figures,
                kind == Kind.JUDGEMENT ? AccuracyRow.NO_STUDY : text(change.source()),
                change.year(),
                text(change.referenceStandard()),
                text(change.population()),
                text(change.bias()),
                text(change.confidence()),
                text(change.note()));
        AccuracyTable.Line line = AccuracyTable.read("", AccuracyTable.write(List.of(row)))
                .lines()
                .get(0);
        if (!line.problems().isEmpty()) {
            Problem first = line.problems().get(0);
            String column = first.path().substring(first.path().lastIndexOf('.') + 1);
            throw Refusal.field(FIELDS.getOrDefault(column, column), first.message());
        }
        return row;
    }

    private static String text(String value) {
        return value == null ? "" : value.strip();
    }

    private static Figures printed(FigureChange change) {
        if (change.sensitivity() == null) {
            throw Refusal.field("sensitivity", "missing; give it, or the four counts");
        }
        return new Figures(
                change.sensitivity().doubleValue(),
                change.specificity() == null
                        ? OptionalDouble.empty()
                        : OptionalDouble.of(change.specificity().doubleValue()),
                size(change.diseased()),
                size(change.healthy()),
                size(change.people()));
    }

    private static OptionalDouble size(Integer people) {
        return people == null ? OptionalDouble.empty() : OptionalDouble.of(people);
    }

    private static Figures counted(Counts counts, Kind kind) {
        if (counts.tp() < 0 || counts.fn() < 0 || counts.tp() + counts.fn() < 1) {
            throw Refusal.field("counts.tp", "expected at least one person with the condition, and no count below 0");
        }
        double diseased = counts.tp() + (double) counts.fn();
        if (kind == Kind.SENSITIVITY_ONLY) {
            return new Figures(
                    counts.tp() / diseased,
                    OptionalDouble.empty(),
                    OptionalDouble.of(diseased),
                    OptionalDouble.empty());
        }
        if (counts.fp() < 0 || counts.tn() < 0 || counts.fp() + counts.tn() < 1) {
            throw Refusal.field(
                    "counts.tn", "expected at least one person without the condition, and no count below 0");
        }
        double healthy = counts.fp() + (double) counts.tn();
        return new Figures(
                counts.tp() / diseased,
                OptionalDouble.of(counts.tn() / healthy),
                OptionalDouble.of(diseased),
                OptionalDouble.of(healthy));
    }

    private static Counts counts(FigureChange change, List<String> warnings) {
        boolean judged = Kind.JUDGEMENT.id().equals(change.kind());
        if (change.people() != null && (change.diseased() == null || change.healthy() == null)) {
            warnings.add("It is not known how many of the " + change.people()
                    + " had it: what is left, or half of them, is taken for each group, and said so.");
            return null;
        }
        Optional<WholeCounts> tp = whole("sensitivity", change.sensitivity(), change.diseased(), judged, warnings);
        Optional<WholeCounts> tn = whole("specificity", change.specificity(), change.healthy(), judged, warnings);
        if (tp.isEmpty() || tn.isEmpty()) {
            return null;
        }
        return new Counts(
                tp.get().count(),
                change.diseased() - tp.get().count(),
                change.healthy() - tn.get().count(),
                tn.get().count());
    }

    private static Optional<WholeCounts> whole(
            String name, BigDecimal printed, Integer people, boolean judged, List<String> warnings) {
        if (printed == null) {
            return Optional.empty();
        }
        if (people == null) {
            warnings.add(String.format(
                    Locale.ROOT,
                    "The size for the %s is not given: it is weighed as if there were %.0f people, and said so.",
                    name,
                    Study.ASSUMED_SIZE));
            return Optional.empty();
        }
        WholeCounts counts = WholeCounts.of(printed, people);
        if (!counts.fits() && !judged) {
            warnings.add(String.format(
                    Locale.ROOT,
                    "No whole number of %d people gives a %s of %s; the nearest, %d, gives %.3f. Check the size and the figure.",
                    people,
                    name,
                    printed.toPlainString(),
                    counts.count(),
                    (double) counts.count() / people));
        }
        return Optional.of(counts);
    }
}
