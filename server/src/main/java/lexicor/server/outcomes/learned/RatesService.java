package lexicor.server.outcomes.learned;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Complaint;
import lexicor.core.catalogue.Condition;
import lexicor.core.catalogue.Setting;
import lexicor.core.catalogue.packs.PackEntry;
import lexicor.core.outcomes.rates.LearnedRate;
import lexicor.core.outcomes.rates.OwnRates;
import lexicor.server.catalogue.Editions;
import lexicor.server.layer.OwnEntries;
import lexicor.server.outcomes.learned.LearnedViews.FigureView;
import lexicor.server.outcomes.learned.LearnedViews.RateList;
import lexicor.server.outcomes.learned.LearnedViews.RateRow;
import lexicor.server.outcomes.learned.LearnedViews.RateTaken;
import lexicor.server.problems.Refusal;
import org.springframework.stereotype.Service;

/** Base rates as the own cases teach them; a lead takes them over one by one. */
@Service
class RatesService {
    private static final int PLACES = 3;
    private static final double SAME = 0.0005;

    private final OwnCases ownCases;
    private final Editions editions;
    private final OwnEntries entries;

    RatesService(OwnCases ownCases, Editions editions, OwnEntries entries) {
        this.ownCases = ownCases;
        this.editions = editions;
        this.entries = entries;
    }

    /** Those of which something is known: first those that the cases contradict, then those that most is known of. */
    RateList list() {
        OwnCases.Asked all = ownCases.all();
        return new RateList(all.restsOn(), rows(all));
    }

    private List<RateRow> rows(OwnCases.Asked all) {
        return OwnRates.of(all.cases()).stream()
                .filter(c -> c.known() > 0)
                .flatMap(c -> row(c).stream())
                .sorted(Comparator.comparing((RateRow r) -> !r.elsewhere())
                        .thenComparing(r -> -r.known())
                        .thenComparing(RateRow::complaintName)
                        .thenComparing(RateRow::setting)
                        .thenComparing(RateRow::conditionName))
                .toList();
    }

    private Optional<RateRow> row(OwnRates.Counted counted) {
        Catalogue now = editions.catalogue();
        Optional<Complaint> complaint = now.complaint(counted.complaint());
        Optional<Condition> condition = now.condition(counted.condition());
        if (complaint.isEmpty() || condition.isEmpty()) {
            return Optional.empty();
        }
        double inForce = complaint.get().startingRate(condition.get(), counted.setting());
        LearnedRate learned = LearnedRate.of(start(counted, inForce), counted.present(), counted.known());
        return Optional.of(new RateRow(
                counted.complaint(),
                complaint.get().name(),
                counted.setting(),
                counted.condition(),
                condition.get().name(),
                learned.start(),
                inForce,
                counted.cases(),
                counted.known(),
                counted.present(),
                FigureView.of(learned.rate(), learned.interval()),
                learned.isElsewhere(),
                Math.abs(rounded(learned.rate()) - inForce) < SAME));
    }

    /** What came with the program, or what the department gave a complaint of its own. */
    private double start(OwnRates.Counted counted, double inForce) {
        Catalogue shipped = editions.shipped().catalogue();
        return shipped.complaint(counted.complaint())
                .flatMap(k -> shipped.condition(counted.condition()).map(c -> k.startingRate(c, counted.setting())))
                .orElse(inForce);
    }

    /** From now on cases that are open, and new ones, start with what the own cases teach; closed ones keep what they had. */
    RateList take(RateTaken taken) {
        OwnCases.Asked all = ownCases.all();
        RateRow row = rows(all).stream()
                .filter(r -> r.complaint().equals(taken.complaint())
                        && r.setting() == taken.setting()
                        && r.condition().equals(taken.condition()))
                .findFirst()
                .orElseThrow(
                        () -> Refusal.field("condition", "nothing is known of it yet for this complaint and setting"));
        entries.change(
                PackEntry.Kind.COMPLAINT,
                taken.complaint(),
                fields -> {
                    var rates = fields.withObjectProperty("pretests").withObjectProperty(taken.condition());
                    for (Setting setting : Setting.values()) {
                        if (setting == taken.setting()) {
                            rates.put(setting.id(), rounded(row.rate().value()));
                        } else if (!rates.has(setting.id())) {
                            rates.put(setting.id(), inForce(taken, setting));
                        }
                    }
                },
                taken.why(),
                taken.sure());
        return list();
    }

    private double inForce(RateTaken taken, Setting setting) {
        Catalogue now = editions.catalogue();
        return now.complaint(taken.complaint())
                .orElseThrow()
                .startingRate(now.condition(taken.condition()).orElseThrow(), setting);
    }

    private static double rounded(double rate) {
        return BigDecimal.valueOf(rate).setScale(PLACES, RoundingMode.HALF_EVEN).doubleValue();
    }
}
