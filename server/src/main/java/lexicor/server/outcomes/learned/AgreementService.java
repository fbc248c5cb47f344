package lexicor.server.outcomes.learned;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Measure;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.examination.Finding;
import lexicor.core.examination.Outcome;
import lexicor.core.outcomes.agreement.Kappa;
import lexicor.core.outcomes.agreement.Reliability;
import lexicor.server.cases.CaseBasis;
import lexicor.server.cases.OpenCase;
import lexicor.server.cases.OpenCases;
import lexicor.server.cases.SecondClosed;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.cases.records.CaseStore;
import lexicor.server.history.AfterCommit;
import lexicor.server.measures.MeasureComparison;
import lexicor.server.measures.MeasurePage;
import lexicor.server.measures.MeasuredValues;
import lexicor.server.measures.SmallestRealChanges;
import lexicor.server.outcomes.learned.LearnedViews.AgreementView;
import lexicor.server.outcomes.learned.LearnedViews.CriterionAgreement;
import lexicor.server.outcomes.learned.LearnedViews.FigureView;
import lexicor.server.outcomes.learned.LearnedViews.MeasureAgreement;
import lexicor.server.outcomes.records.PairRecord;
import lexicor.server.outcomes.records.PairStore;
import lexicor.server.time.Moments;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** Whether two examiners find the same in one patient, blind to each other. */
@Service
class AgreementService implements SmallestRealChanges {
    /** With fewer patients nothing rests on it. */
    private static final int FEWEST = 10;

    private final PairStore pairs;
    private final CaseStore cases;
    private final OpenCases openCases;
    private final CaseBasis basis;
    private final MeasurePage measures;
    private final Moments moments;
    /** By measure and reading; empty until it is asked for, and again when a pair is added. */
    private volatile Map<String, Double> changes;

    AgreementService(
            PairStore pairs,
            CaseStore cases,
            OpenCases openCases,
            CaseBasis basis,
            MeasurePage measures,
            Moments moments) {
        this.pairs = pairs;
        this.cases = cases;
        this.openCases = openCases;
        this.basis = basis;
        this.measures = measures;
        this.moments = moments;
    }

    /** Keeps what both found, at the last moment at which neither could have seen the other's. */
    @EventListener
    void keep(SecondClosed closed) {
        CaseRecord second = closed.second();
        cases.findById(second.secondOf).ifPresent(first -> keep(first, second));
    }

    private void keep(CaseRecord first, CaseRecord second) {
        OpenCase one = openCases.of(first);
        OpenCase other = openCases.of(second, one.basis());
        Map<String, boolean[]> criteria = new LinkedHashMap<>();
        Map<String, Boolean> found = decided(one);
        decided(other).forEach((criterion, positive) -> {
            if (found.containsKey(criterion)) {
                criteria.put(criterion, new boolean[] {found.get(criterion), positive});
            }
        });
        PairRecord record = new PairRecord();
        record.secondCase = second.id;
        record.firstCase = first.id;
        record.madeAt = moments.now();
        record.pairs = new Pairs(criteria, measured(one, other)).stored();
        pairs.saveAndFlush(record);
        AfterCommit.run(() -> changes = null);
    }

    /** What the patient tells is no reading, so it is left out. */
    private static Map<String, Boolean> decided(OpenCase c) {
        Map<String, Boolean> decided = new LinkedHashMap<>();
        for (Finding f : c.findings().all()) {
            if (c.catalogue().testOf(f.criterion()).isPresent()
                    && (f.outcome() == Outcome.POSITIVE || f.outcome() == Outcome.NEGATIVE)) {
                decided.put(f.criterion(), f.outcome() == Outcome.POSITIVE);
            }
        }
        return decided;
    }

    private Map<String, double[]> measured(OpenCase one, OpenCase other) {
        MeasuredValues first = measures.at(one);
        MeasuredValues second = measures.at(other);
        Map<String, double[]> measured = new LinkedHashMap<>();
        for (Measure m : one.catalogue().measures().measures()) {
            for (ReadingLeaf r : m.readings()) {
                Optional<Double> a = first.mean(m, r, one.involved());
                Optional<Double> b = second.mean(m, r, one.involved());
                if (a.isPresent() && b.isPresent()) {
                    measured.put(key(m, r), new double[] {a.get(), b.get()});
                }
            }
        }
        return measured;
    }

    private static String key(Measure measure, ReadingLeaf reading) {
        return measure.id() + " " + reading.leafName();
    }

    AgreementView view() {
        List<Pairs> all = all();
        Catalogue catalogue = basis.today().catalogue();
        return new AgreementView(all.size(), criteria(all, catalogue), measures(all, catalogue));
    }

    private List<Pairs> all() {
        return pairs.findAll().stream().map(p -> Pairs.read(p.pairs)).toList();
    }

    private static List<CriterionAgreement> criteria(List<Pairs> all, Catalogue catalogue) {
        Map<String, int[]> counts = new TreeMap<>();
        all.forEach(p -> p.criteria().forEach((criterion, found) -> {
            int cell = found[0] ? found[1] ? 0 : 1 : found[1] ? 2 : 3;
            counts.computeIfAbsent(criterion, c -> new int[4])[cell]++;
        }));
        List<CriterionAgreement> rows = new ArrayList<>();
        counts.forEach((criterion, n) -> {
            Kappa kappa = new Kappa(n[0], n[1], n[2], n[3]);
            rows.add(new CriterionAgreement(
                    criterion,
                    catalogue.findingName(criterion),
                    n[0],
                    n[1],
                    n[2],
                    n[3],
                    kappa.observed(),
                    kappa.cohen()
                            .map(k -> FigureView.of(k.value(), k.interval()))
                            .orElse(null),
                    FigureView.of(kappa.adjusted().value(), kappa.adjusted().interval()),
                    kappa.patients() < FEWEST));
        });
        rows.sort(Comparator.comparingInt((CriterionAgreement r) -> -(r.both() + r.first() + r.second() + r.neither()))
                .thenComparing(CriterionAgreement::name));
        return rows;
    }

    private static List<MeasureAgreement> measures(List<Pairs> all, Catalogue catalogue) {
        List<MeasureAgreement> rows = new ArrayList<>();
        for (Measure m : catalogue.measures().measures()) {
            for (ReadingLeaf r : m.readings()) {
                reliability(all, key(m, r))
                        .ifPresent(found -> rows.add(new MeasureAgreement(
                                key(m, r),
                                m.readings().size() > 1 ? m.name() + ", " + MeasureComparison.label(r) : m.name(),
                                r.unit(),
                                found.patients(),
                                FigureView.of(found.icc(), found.interval()),
                                found.measurementError(),
                                found.smallestRealChange(),
                                found.firstHigher(),
                                found.patients() >= FEWEST)));
            }
        }
        return rows;
    }

    private static Optional<Reliability> reliability(List<Pairs> all, String key) {
        List<Double> first = new ArrayList<>();
        List<Double> second = new ArrayList<>();
        all.forEach(p -> Optional.ofNullable(p.measures().get(key)).ifPresent(both -> {
            first.add(both[0]);
            second.add(both[1]);
        }));
        return Reliability.of(first, second);
    }

    @Override
    public Optional<Double> of(Measure measure, ReadingLeaf reading) {
        Map<String, Double> known = changes;
        if (known == null) {
            known = new HashMap<>();
            for (MeasureAgreement m : view().measures()) {
                if (m.used()) {
                    known.put(m.measure(), m.smallestRealChange());
                }
            }
            changes = known;
        }
        return Optional.ofNullable(known.get(key(measure, reading)));
    }
}
