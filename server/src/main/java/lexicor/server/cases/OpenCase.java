package lexicor.server.cases;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Complaint;
import lexicor.core.catalogue.Presentation;
import lexicor.core.examination.Findings;
import lexicor.core.examination.Readings;
import lexicor.core.examination.Side;
import lexicor.core.examination.Tap;
import lexicor.core.examination.Wording;
import lexicor.core.planning.Blocks;
import lexicor.core.planning.RaisedWarnings;
import lexicor.core.weighing.WeighedCase;
import lexicor.core.weighing.WeighedCondition;
import lexicor.core.weighing.Weighing;
import lexicor.core.weighing.input.BedsideCase;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.Suspicion;
import lexicor.server.cases.CaseViews.PlanView;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.cases.records.TapRecord;
import lexicor.server.standing.Basis;
import lexicor.server.standing.LastStanding;
import org.springframework.util.function.SingletonSupplier;

/**
 * A case as one request sees it: its record, what it is judged by (the content and the settings in force for it, today's or
 * those it was closed with), and what its taps come to. Made once and passed on, so that every answer about it is of one piece.
 * Immutable; the record in it is read and not written.
 */
public final class OpenCase {
    private final CaseRecord record;
    private final Basis basis;
    private final List<TapRecord> taps;
    private final List<TapRecord> unknown;
    private final Map<String, String> goneAhead;
    private final Readings readings;
    private final BedsideCase bedside;
    private final Blocks blocks;
    /** Weighed when it is first asked for; whoever asks twice gets the same. */
    private WeighedCase weighed;

    private List<WeighedCondition> ranked;
    private PlanView plan;
    private final Supplier<Map<String, LastStanding>> earlier;

    /**
     * @param taps of the visit that stand, in the order they were made
     * @param earlier where candidates stood at earlier visits; asked for once, where it is needed
     * @param goneAhead the reasons for going ahead with blocked tests at the visit, by test
     */
    OpenCase(
            CaseRecord record,
            Basis basis,
            List<TapRecord> taps,
            Map<String, String> goneAhead,
            Supplier<Map<String, LastStanding>> earlier) {
        this.earlier = SingletonSupplier.of(earlier);
        this.record = record;
        this.basis = basis;
        this.taps = List.copyOf(taps);
        this.goneAhead = Map.copyOf(goneAhead);
        List<Tap> known = new ArrayList<>();
        List<TapRecord> others = new ArrayList<>();
        taps.forEach(t -> Taken.known(t, basis.catalogue()).ifPresentOrElse(known::add, () -> others.add(t)));
        unknown = List.copyOf(others);
        readings = Readings.of(known).ofBothSides(isBothSides());
        Findings found = CaseAssembly.findings(record, readings, basis.catalogue());
        blocks = Blocks.of(basis.catalogue(), CaseAssembly.circumstances(record, basis.catalogue()), found);
        bedside = CaseAssembly.bedside(record, found, blocks, basis.catalogue());
    }

    public CaseRecord record() {
        return record;
    }

    public Basis basis() {
        return basis;
    }

    public Catalogue catalogue() {
        return basis.catalogue();
    }

    public List<TapRecord> taps() {
        return taps;
    }

    /** Those that the content does not know. */
    List<TapRecord> unknown() {
        return unknown;
    }

    /** Why somebody went ahead with a blocked test at this visit. */
    public Optional<String> goneAheadWith(String test) {
        return Optional.ofNullable(goneAhead.get(test));
    }

    public Readings readings() {
        return readings;
    }

    public BedsideCase bedside() {
        return bedside;
    }

    public Findings findings() {
        return bedside.findings();
    }

    public Side involved() {
        return CaseAssembly.involved(record);
    }

    private boolean isBothSides() {
        return Boolean.TRUE.equals(record.bothSides);
    }

    /** Which tests must not be done, and which with care; and the warning signs that are raised. */
    public Blocks blocks() {
        return blocks;
    }

    /** Whether it began with an injury. */
    public boolean injured() {
        return RaisedWarnings.injured(catalogue(), presentation(), record.answers);
    }

    /** What the same taps come to by another content. */
    public Findings read(Catalogue other) {
        return other == catalogue()
                ? findings()
                : CaseAssembly.findings(record, Taken.readings(taps, other).ofBothSides(isBothSides()), other);
    }

    /** What the patient comes with. */
    public Presentation presentation() {
        return CaseAssembly.presentation(record, catalogue());
    }

    /** The complaints' names, or their ids where the content does not know them; of a case that is nobody's, with that. */
    public String complaintName() {
        String name = record.complaints().stream()
                .map(id -> catalogue().complaint(id).map(Complaint::name).orElse(id))
                .reduce((first, second) -> first + ", and " + Wording.midSentence(second))
                .orElse("");
        return record.simulated ? name + " (simulated)" : name;
    }

    /** The same findings with other steps of suspicion, by condition. */
    public BedsideCase suspecting(Map<String, Suspicion> suspicions) {
        return new BedsideCase(
                CaseAssembly.candidates(record, suspicions, catalogue()),
                bedside.findings(),
                bedside.regions(),
                bedside.blocked());
    }

    /** The case with the content and its figures, ready to weigh. */
    public CaseToWeigh toWeigh() {
        return bedside.against(catalogue(), basis.evidence(), basis.settings());
    }

    /** Where candidates stood when they were last examined at a visit before, by condition. */
    public Map<String, LastStanding> earlier() {
        return earlier.get();
    }

    /** The running order that is followed now. */
    public PlanView plan() {
        if (plan == null) {
            plan = CasePlan.of(this);
        }
        return plan;
    }

    /** Where it stands, with what could be tested next. */
    public WeighedCase weighed() {
        if (weighed == null) {
            weighed = Weighing.weigh(toWeigh(), basis.school(), Kept.MEMORY);
        }
        return weighed;
    }

    /** Where it stands, without working out what could be tested next. */
    public List<WeighedCondition> ranked() {
        if (weighed != null) {
            return weighed.conditions();
        }
        if (ranked == null) {
            ranked = Weighing.rank(toWeigh(), basis.school(), Kept.MEMORY);
        }
        return ranked;
    }
}
