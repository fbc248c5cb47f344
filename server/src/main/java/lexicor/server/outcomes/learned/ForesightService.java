package lexicor.server.outcomes.learned;

import java.util.Comparator;
import java.util.Locale;
import java.util.Optional;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.outcomes.foresight.Calibration;
import lexicor.core.outcomes.foresight.Foresight;
import lexicor.core.outcomes.foresight.Judged;
import lexicor.core.outcomes.foresight.RocArea;
import lexicor.core.weighing.School;
import lexicor.server.cases.CaseBasis;
import lexicor.server.outcomes.learned.LearnedViews.BinView;
import lexicor.server.outcomes.learned.LearnedViews.ConditionJudged;
import lexicor.server.outcomes.learned.LearnedViews.FigureView;
import lexicor.server.outcomes.learned.LearnedViews.ForesightJudged;
import lexicor.server.outcomes.learned.LearnedViews.ForesightView;
import lexicor.server.outcomes.learned.LearnedViews.HunchedView;
import lexicor.server.outcomes.learned.LearnedViews.SchoolForesight;
import org.springframework.stereotype.Service;

/** Whether it was right, over the own cases. */
@Service
class ForesightService {
    private final OwnCases ownCases;
    private final CaseBasis basis;

    ForesightService(OwnCases ownCases, CaseBasis basis) {
        this.ownCases = ownCases;
        this.basis = basis;
    }

    ForesightView of(SliceAsked asked) {
        OwnCases.Asked cases = ownCases.asked(asked);
        Foresight f = Foresight.of(cases.cases(), cases.slice());
        Catalogue catalogue = basis.today().catalogue();
        School inForce = basis.today().school();
        boolean enough = f.outcomes() >= Foresight.FEWEST;
        return new ForesightView(
                cases.restsOn(),
                cases.examiners(),
                f.outcomes(),
                enough,
                sentence(f, enough),
                f.program().map(j -> judged(j, catalogue)).orElse(null),
                f.schools().stream()
                        .map(s -> new SchoolForesight(
                                s.school(),
                                s.school() == inForce,
                                s.brier(),
                                area(s.area()),
                                s.behind()
                                        .map(b -> FigureView.of(b.difference(), b.interval()))
                                        .orElse(null)))
                        .toList(),
                f.hunches().map(h -> hunched(h, catalogue)).orElse(null));
    }

    private static FigureView area(Optional<RocArea> area) {
        return area.map(a -> FigureView.of(a.area(), a.interval())).orElse(null);
    }

    private static ForesightJudged judged(Judged j, Catalogue catalogue) {
        Calibration c = j.calibration();
        return new ForesightJudged(
                j.patients(),
                c.table().stream().mapToInt(Calibration.Bin::count).sum(),
                c.brier(),
                c.reliability(),
                c.resolution(),
                c.uncertainty(),
                area(j.area()),
                c.table().stream()
                        .map(b -> new BinView(
                                b.meanPredicted(),
                                b.shareObserved(),
                                b.observed().low(),
                                b.observed().high(),
                                b.count()))
                        .toList(),
                j.conditions().stream()
                        .map(k -> new ConditionJudged(
                                k.condition(),
                                catalogue.conditionName(k.condition()),
                                k.predictions(),
                                k.said(),
                                k.was(),
                                k.brier()))
                        .toList());
    }

    private static HunchedView hunched(Foresight.Hunched h, Catalogue catalogue) {
        double low = h.difference().interval().low();
        double high = h.difference().interval().high();
        String sentence = low > 0
                ? "The program was nearer to the truth than the hunches, and chance does not explain it."
                : high < 0
                        ? "The hunches were nearer to the truth than the program, and chance does not explain it."
                        : "Which of the two was nearer to the truth cannot be told from so few.";
        return new HunchedView(
                judged(h.examiners(), catalogue),
                h.program().calibration().brier(),
                FigureView.of(h.difference().difference(), h.difference().interval()),
                sentence);
    }

    /** The bin furthest from what came out that chance does not explain, if there is one. */
    private static String sentence(Foresight f, boolean enough) {
        if (f.outcomes() == 0) {
            return "Nothing that was examined has come out yet. Note on a case what came out, and it is counted here.";
        }
        if (!enough) {
            return String.format(
                    Locale.ROOT,
                    "%d outcomes so far. Below %d it cannot be said whether 70 %% means 70 %%, nor which way to weigh is nearer to the truth; what is drawn here is chance more than anything.",
                    f.outcomes(),
                    Foresight.FEWEST);
        }
        Optional<Calibration.Bin> off = f.program().orElseThrow().calibration().table().stream()
                .filter(b -> b.meanPredicted() < b.observed().low()
                        || b.meanPredicted() > b.observed().high())
                .max(Comparator.comparingDouble(b -> Math.abs(b.meanPredicted() - b.shareObserved())));
        return off.map(b -> String.format(
                        Locale.ROOT,
                        "Where the program said %.0f %% on average, it was so in %.0f %% of %d. That is too %s, and chance does not explain it.",
                        100 * b.meanPredicted(),
                        100 * b.shareObserved(),
                        b.count(),
                        b.meanPredicted() > b.shareObserved() ? "high" : "low"))
                .orElse(
                        "What the program said was so about as often as it said: nothing is further off than chance would have it.");
    }
}
