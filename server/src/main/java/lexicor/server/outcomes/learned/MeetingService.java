package lexicor.server.outcomes.learned;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Complaint;
import lexicor.core.examination.Wording;
import lexicor.core.outcomes.accuracy.OwnAccuracy;
import lexicor.core.outcomes.followed.FollowedCase;
import lexicor.core.outcomes.followed.Known;
import lexicor.core.outcomes.followed.Slice;
import lexicor.core.outcomes.foresight.Foresight;
import lexicor.core.outcomes.foresight.Judged;
import lexicor.core.outcomes.meeting.ThingsToChange;
import lexicor.core.outcomes.rates.OwnRates;
import lexicor.server.cases.CaseBasis;
import lexicor.server.outcomes.OutcomeDays;
import lexicor.server.outcomes.WaitingCases;
import lexicor.server.outcomes.learned.LearnedViews.CameOutCount;
import lexicor.server.outcomes.learned.LearnedViews.CountOf;
import lexicor.server.outcomes.learned.LearnedViews.MeetingView;
import lexicor.server.outcomes.records.ReferralRecord;
import lexicor.server.outcomes.records.ReferralStore;
import lexicor.server.reports.PrintedPage;
import lexicor.server.reports.PrintedPage.Part;
import org.springframework.stereotype.Service;

/** A page that a department's meeting can look at for ten minutes. */
@Service
class MeetingService {
    private final OwnCases ownCases;
    private final CaseBasis basis;
    private final WaitingCases waiting;
    private final ReferralStore referrals;
    private final OutcomeDays days;

    MeetingService(
            OwnCases ownCases, CaseBasis basis, WaitingCases waiting, ReferralStore referrals, OutcomeDays days) {
        this.ownCases = ownCases;
        this.basis = basis;
        this.waiting = waiting;
        this.referrals = referrals;
        this.days = days;
    }

    /** The last year, unless another time is asked for. */
    MeetingView of(SliceAsked asked) {
        LocalDate to = Optional.ofNullable(asked.to()).orElseGet(days::today);
        LocalDate from = Optional.ofNullable(asked.from()).orElseGet(() -> to.minusYears(1));
        OwnCases.Asked all =
                ownCases.asked(new SliceAsked(from, to, null, asked.setting(), null, null, asked.complaint()));
        Slice slice = all.slice();
        List<FollowedCase> cases = all.cases().stream().filter(slice::takes).toList();
        Catalogue catalogue = basis.today().catalogue();
        Foresight foresight = Foresight.of(cases, slice);
        List<ReferralRecord> referred = referrals.findAll().stream()
                .filter(r -> !r.on.isBefore(from) && !r.on.isAfter(to))
                .toList();
        int late = waiting.late();
        return new MeetingView(
                from,
                to,
                all.restsOn(),
                counts(cases.stream()
                        .map(c -> catalogue
                                .complaint(c.complaint())
                                .map(Complaint::name)
                                .orElse(c.complaint()))
                        .toList()),
                counts(referred.stream().map(r -> r.by().words()).toList()),
                (int) referred.stream().filter(ReferralRecord::isWaiting).count(),
                late,
                cameOut(cases, foresight, catalogue),
                ThingsToChange.of(
                        catalogue,
                        basis.today().evidence(),
                        OwnAccuracy.of(cases, slice),
                        OwnRates.of(cases),
                        foresight,
                        late));
    }

    private static List<CountOf> counts(List<String> names) {
        return names.stream()
                .collect(Collectors.groupingBy(n -> n, TreeMap::new, Collectors.summingInt(n -> 1)))
                .entrySet()
                .stream()
                .map(e -> new CountOf(e.getKey(), e.getValue()))
                .sorted(Comparator.comparingInt(c -> -c.people()))
                .toList();
    }

    private static List<CameOutCount> cameOut(List<FollowedCase> cases, Foresight foresight, Catalogue catalogue) {
        Map<String, int[]> counts = new TreeMap<>();
        for (FollowedCase c : cases) {
            for (Known k : c.known()) {
                counts.computeIfAbsent(k.condition(), id -> new int[2])[k.present() ? 0 : 1]++;
            }
        }
        Map<String, Double> said = new HashMap<>();
        foresight.program().map(Judged::conditions).orElse(List.of()).forEach(c -> said.put(c.condition(), c.said()));
        return counts.entrySet().stream()
                .map(e -> new CameOutCount(
                        e.getKey(),
                        catalogue.conditionName(e.getKey()),
                        e.getValue()[0],
                        e.getValue()[1],
                        said.get(e.getKey())))
                .sorted(Comparator.comparingInt((CameOutCount c) -> -(c.present() + c.absent()))
                        .thenComparing(CameOutCount::name))
                .toList();
    }

    /** The same on paper, without anything about fewer than five people. */
    byte[] pdf(SliceAsked asked) {
        MeetingView m = of(asked);
        List<Part> parts = new ArrayList<>();
        parts.add(new Part(
                "What we see",
                "Examined were " + SmallNumbers.count(m.restsOn().cases()) + " people; of "
                        + SmallNumbers.count(m.restsOn().withOutcome()) + " something came out."
                        + (m.restsOn().simulated() > 0 ? " Simulated cases are among them." : ""),
                List.of("Complaint", "People"),
                rows(m.seen())));
        parts.add(new Part(
                "What we refer",
                "Still waited for: " + SmallNumbers.count(m.waiting()) + "; longer than eight weeks: "
                        + SmallNumbers.count(m.late()) + ".",
                List.of("For", "People"),
                rows(m.referred())));
        List<CameOutCount> told = m.cameOut().stream()
                .filter(c -> SmallNumbers.mayLeave(c.present(), c.absent()))
                .toList();
        int rest = m.cameOut().size() - told.size();
        parts.add(new Part(
                "How it came out",
                "Of those who were looked into; who was not is not counted."
                        + (rest == 0
                                ? ""
                                : " Of " + rest + " more conditions there were fewer than five with it, or without."),
                List.of("Condition", "Present", "Absent", "The program had said, on average"),
                told.stream().map(MeetingService::row).toList()));
        parts.add(new Part(
                "Three things to change",
                m.things().isEmpty()
                        ? "Nothing stands out that chance would not explain."
                        : m.things().stream().map(t -> t.words()).collect(Collectors.joining("\n")),
                List.of(),
                List.of()));
        return PrintedPage.pdf("Our own cases", m.from() + " to " + m.to(), parts);
    }

    private static List<List<String>> rows(List<CountOf> counts) {
        return counts.stream()
                .map(c -> List.of(Wording.capital(c.of()), SmallNumbers.count(c.people())))
                .toList();
    }

    private static List<String> row(CameOutCount c) {
        return List.of(
                c.name(),
                Integer.toString(c.present()),
                Integer.toString(c.absent()),
                c.said() == null ? "" : Math.round(100 * c.said()) + " %");
    }
}
