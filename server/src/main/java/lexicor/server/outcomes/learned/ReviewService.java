package lexicor.server.outcomes.learned;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.published.AccuracyRow;
import lexicor.core.catalogue.published.SignOff;
import lexicor.core.outcomes.followed.FollowedCase;
import lexicor.core.outcomes.review.TestUse;
import lexicor.server.cases.records.TapStore;
import lexicor.server.catalogue.Editions;
import lexicor.server.layer.Gained;
import lexicor.server.outcomes.learned.ReviewViews.GainedStudy;
import lexicor.server.outcomes.learned.ReviewViews.NamedTest;
import lexicor.server.outcomes.learned.ReviewViews.SilentTest;
import lexicor.server.outcomes.learned.ReviewViews.UncheckedPair;
import lexicor.server.outcomes.learned.ReviewViews.YearlyReview;
import lexicor.server.settings.DepartmentSettings;
import lexicor.server.settings.SettingsService;
import lexicor.server.time.Moments;
import org.springframework.stereotype.Service;

/** Puts together what a lead looks through once a year. */
@Service
class ReviewService {
    private record Pair(String criterion, String condition) {}

    private final OwnCases own;
    private final TapStore taps;
    private final Gained gained;
    private final Editions editions;
    private final SettingsService settings;
    private final Moments moments;

    ReviewService(
            OwnCases own, TapStore taps, Gained gained, Editions editions, SettingsService settings, Moments moments) {
        this.own = own;
        this.taps = taps;
        this.gained = gained;
        this.editions = editions;
        this.settings = settings;
        this.moments = moments;
    }

    /** @param asked the first day; null for a year ago */
    YearlyReview since(LocalDate asked) {
        DepartmentSettings department = settings.current();
        ZoneId zone = department.zone();
        LocalDate to = moments.today(zone);
        LocalDate from = asked == null ? to.minusYears(1) : asked;
        Catalogue catalogue = editions.catalogue();
        Followed.Snapshot snapshot = own.all().snapshot();
        List<FollowedCase> cases =
                snapshot.cases().stream().filter(c -> !c.day().isBefore(from)).toList();
        List<TestUse> uses = TestUse.of(
                cases,
                catalogue,
                editions.current().evidence(department.highBias(), department.checkedOnly(), department.judgements()));
        Set<String> done = new HashSet<>(taps.testsSince(from.atStartOfDay(zone).toInstant()));
        uses.forEach(u -> done.add(u.test()));
        return new YearlyReview(
                from,
                to,
                cases.size(),
                snapshot.simulated(),
                snapshot.behind(),
                catalogue.accuracy().size(),
                (int) catalogue.accuracy().stream()
                        .filter(r -> catalogue.signOff(r).isChecked())
                        .count(),
                unchecked(catalogue, cases),
                gained.since(from.atStartOfDay(zone).toInstant()).stream()
                        .map(g -> gained(catalogue, g))
                        .toList(),
                catalogue.tests().stream()
                        .filter(t -> !done.contains(t.id()))
                        .map(t -> new NamedTest(t.id(), t.name(), t.region()))
                        .toList(),
                uses.stream()
                        .filter(TestUse::isOftenSilent)
                        .map(u -> new SilentTest(
                                u.test(),
                                catalogue.test(u.test()).map(ClinicalTest::name).orElse(u.test()),
                                u.cases(),
                                u.silent()))
                        .toList());
    }

    private static List<UncheckedPair> unchecked(Catalogue catalogue, Collection<FollowedCase> cases) {
        Map<Pair, Integer> used = new HashMap<>();
        cases.forEach(c -> c.reads().forEach(r -> c.candidates()
                .forEach(condition -> used.merge(new Pair(r.of(), condition), 1, Integer::sum))));
        Map<Pair, int[]> counts = new LinkedHashMap<>();
        for (AccuracyRow row : catalogue.accuracy()) {
            int[] count = counts.computeIfAbsent(new Pair(row.criterion(), row.condition()), p -> new int[3]);
            SignOff.State state = catalogue.signOff(row).state();
            count[0]++;
            count[1] += state == SignOff.State.NOT_YET_CHECKED ? 1 : 0;
            count[2] += state == SignOff.State.DISPUTED ? 1 : 0;
        }
        return counts.entrySet().stream()
                .filter(e -> e.getValue()[1] > 0)
                .map(e -> new UncheckedPair(
                        e.getKey().criterion(),
                        catalogue.findingName(e.getKey().criterion()),
                        e.getKey().condition(),
                        catalogue.conditionName(e.getKey().condition()),
                        e.getValue()[0],
                        e.getValue()[1],
                        e.getValue()[2],
                        used.getOrDefault(e.getKey(), 0)))
                .sorted(Comparator.comparing((UncheckedPair p) -> -p.used()))
                .toList();
    }

    private static GainedStudy gained(Catalogue catalogue, Gained.Row row) {
        return new GainedStudy(
                row.criterion(),
                catalogue.findingName(row.criterion()),
                row.condition(),
                catalogue.conditionName(row.condition()),
                row.source(),
                row.year(),
                row.whence());
    }
}
