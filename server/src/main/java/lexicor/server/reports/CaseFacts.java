package lexicor.server.reports;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Condition;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.catalogue.figures.BodyMap;
import lexicor.core.evidence.HighBias;
import lexicor.core.evidence.Judgements;
import lexicor.core.examination.Side;
import lexicor.core.examination.SpinalLevel;
import lexicor.core.examination.Wording;
import lexicor.core.planning.Restraint;
import lexicor.core.weighing.School;
import lexicor.core.weighing.Status;
import lexicor.core.weighing.Verdict;
import lexicor.server.casefiles.WholeCases.WholeCase;
import lexicor.server.cases.CaseViews.BlockedTest;
import lexicor.server.cases.CaseViews.LeftOut;
import lexicor.server.cases.CaseViews.PlanView;
import lexicor.server.cases.Intake;
import lexicor.server.measures.MeasureViews.ItemView;
import lexicor.server.measures.MeasureViews.MeasureView;
import lexicor.server.measures.MeasureViews.SideView;
import lexicor.server.reports.ReportViews.RailLine;
import lexicor.server.reports.ReportViews.Table;
import lexicor.server.standing.Percent;
import lexicor.server.standing.Standing.ConditionStanding;
import lexicor.server.standing.Standing.LeftView;
import lexicor.server.standing.Standing.NextTestView;
import lexicor.server.standing.Weighed.LedgerRowView;

/** What a report can say of a case, in words and tables; each report chooses among it. */
final class CaseFacts {
    private static final Map<School, String> SCHOOLS = Map.of(
            School.SOBER,
            "figures believed as far as another clinic would find them again, half way between each candidate by itself and all together",
            School.OVERLAP_AWARE,
            "overlap between tests counted",
            School.DIFFERENTIAL,
            "the candidates explaining each other's findings",
            School.INDEPENDENT,
            "each finding counted in full",
            School.STRONGEST_PER_FAMILY,
            "the strongest finding of each family counted",
            School.PUBLISHED_CLUSTERS,
            "decided clusters alone counted");
    private static final Map<HighBias, String> BIASES =
            Map.of(HighBias.CORRECTED, "corrected", HighBias.AS_PRINTED, "as printed", HighBias.LEFT_OUT, "left out");
    private static final Map<Status, String> STATUSES = Map.ofEntries(
            Map.entry(Status.COUNTED, "Counted"),
            Map.entry(Status.SET_ASIDE, "Set aside, the others have already said it"),
            Map.entry(Status.SHARED, "Clusters believed beside their members"),
            Map.entry(Status.SUPERSEDED, "A cluster speaks for them"),
            Map.entry(Status.SHARES_TESTS, "Share tests with a cluster that counts"),
            Map.entry(Status.SAME_TEST, "Their test already speaks through another criterion"),
            Map.entry(Status.LEFT_OUT, "Only studies at high risk of bias"),
            Map.entry(Status.UNCHECKED, "Figures not checked against their source"),
            Map.entry(Status.NO_DATA, "No figures for this condition"),
            Map.entry(Status.SENSITIVITY_ONLY, "Only a sensitivity is published"),
            Map.entry(Status.UNCLEAR, "Unclear"),
            Map.entry(Status.OTHER_SCHOOL, "Not counted by the chosen way to weigh"),
            Map.entry(Status.OPEN, "Clusters not decided yet"),
            Map.entry(Status.RULES_IN_ONLY, "Clusters that only rule in, and came out negative"));
    private static final int NEXT = 3;

    private final WholeCase given;

    CaseFacts(WholeCase given) {
        this.given = given;
    }

    Intake intake() {
        return given.view().intake();
    }

    String involved() {
        return intake().involvedSide().id();
    }

    List<ConditionStanding> conditions() {
        return given.weighed().standing().conditions();
    }

    /** What the bands cover, and what they do not. */
    String bands() {
        return given.weighed().standing().bands();
    }

    String complaint() {
        return given.view().complaintName() + ", " + involved() + " side";
    }

    String background() {
        List<String> parts = new ArrayList<>();
        if (intake().age() != null) {
            parts.add("age " + intake().age());
        } else {
            Optional.ofNullable(intake().ageBand())
                    .ifPresent(a -> parts.add("age " + a.label().toLowerCase(Locale.ROOT)));
        }
        Optional.ofNullable(intake().sex()).ifPresent(s -> parts.add(s.id()));
        parts.add(
                intake().dominantSide() == null
                        ? "dominant side not noted"
                        : "the " + intake().dominantSide().id() + " side is the dominant one");
        parts.add("setting: " + intake().setting().id() + " clinic");
        if (Boolean.TRUE.equals(intake().bothSides())) {
            parts.add("both sides troubled, so the other side is no baseline");
        }
        String mechanism = Words.sentence(intake().mechanism());
        String told = ToldWords.of(intake().told());
        String hurts = hurts();
        return Words.sentence(Words.capital(String.join(", ", parts)))
                + (mechanism.isEmpty() ? "" : " " + mechanism)
                + (told.isEmpty() ? "" : " " + told)
                + (hurts.isEmpty() ? "" : " " + hurts);
    }

    /** Where it hurts as it was tapped; null where nobody did. */
    List<String> hurtAreas() {
        return intake().hurts();
    }

    /** Where it hurts, side by side, the affected one first. */
    private String hurts() {
        List<String> tapped = Optional.ofNullable(intake().hurts()).orElse(List.of());
        Side involved = intake().involvedSide();
        List<String> sides = Stream.of(involved, involved.other())
                .map(side -> {
                    String areas = given.catalogue().figures().body().stream()
                            .flatMap(m -> m.areas().stream())
                            .filter(a -> tapped.contains(side.id() + "." + a.id()))
                            .map(BodyMap.Area::name)
                            .collect(Collectors.joining(", "));
                    return areas.isEmpty() ? "" : "on the " + side.id() + ", " + areas;
                })
                .filter(words -> !words.isEmpty())
                .toList();
        return sides.isEmpty() ? "" : "It hurts " + String.join("; ", sides) + ".";
    }

    /** What is recorded and not known to the content in force. */
    List<String> unknown() {
        return given.view().examination().unknown();
    }

    List<String> warnings() {
        return given.view().examination().warnings().stream()
                .filter(w -> !w.discreet())
                .map(w -> w.excluded()
                        ? w.name() + ": seen and excluded (" + w.because() + "). "
                                + Words.sentence(w.settled().why())
                        : Words.sentence(w.message()) + " (" + w.because() + ")")
                .toList();
    }

    /** Every measure taken, involved side and other, and how they compare. */
    Table measures() {
        List<List<String>> rows = new ArrayList<>();
        for (MeasureView m : given.measures().measures()) {
            for (ItemView item : m.items()) {
                String own = value(m.involved(), item);
                String other = value(m.other(), item);
                if (!own.isEmpty() || !other.isEmpty()) {
                    String name = m.items().size() > 1 ? m.name() + ", " + item.label() : m.name();
                    rows.add(List.of(name, own, other, difference(m, item)));
                }
            }
        }
        return new Table(
                List.of("Measure", Words.capital(involved()) + ", affected side", "Other side", "Difference"), rows);
    }

    private static String value(SideView side, ItemView item) {
        return Optional.ofNullable(side.values().get(item.item()))
                .map(v -> item.item().equals(ReadingLeaf.SPINAL_LEVEL.leafName())
                        ? SpinalLevel.name(v.mean())
                        : number(v.mean()) + " " + item.unit())
                .orElse("");
    }

    private static String difference(MeasureView m, ItemView item) {
        var own = m.involved().values().get(item.item());
        var other = m.other().values().get(item.item());
        if (own == null || other == null) {
            return "";
        }
        if (m.indexPercent() != null) {
            String index = String.format(Locale.ROOT, "%.0f %% of the other side", m.indexPercent());
            return Boolean.TRUE.equals(m.deficit()) ? index + ", weaker" : index;
        }
        if (item.item().equals(ReadingLeaf.SPINAL_LEVEL.leafName())) {
            return SpinalLevel.difference(own.mean(), other.mean());
        }
        double by = own.mean() - other.mean();
        return (by > 0 ? "+" : "") + number(by) + " " + item.unit();
    }

    private static String number(double value) {
        return value == Math.rint(value)
                ? String.format(Locale.ROOT, "%.0f", value)
                : String.format(Locale.ROOT, "%.1f", value);
    }

    /** What was seen and felt. */
    RecordedFacts recorded() {
        return new RecordedFacts(given);
    }

    List<ConditionStanding> ranked() {
        return conditions().stream()
                .filter(c -> c.weighed() || c.last() != null)
                .toList();
    }

    /** Those that stand apart, each with what its tests came to. */
    List<String> notWeighable() {
        List<ConditionStanding> apart = conditions().stream()
                .filter(c -> !c.weighed() && c.last() == null)
                .toList();
        List<String> lines = new ArrayList<>();
        apart.stream()
                .filter(CaseFacts::isExamined)
                .forEach(c -> lines.add(c.rank() + ". " + c.name() + (c.marked() == null ? "" : ", " + c.marked())
                        + ": " + c.aimed().words() + " Nothing has moved its start of " + Percent.of(c.pretest())
                        + "."));
        List<String> open = apart.stream()
                .filter(c -> !isExamined(c))
                .map(c -> midSentence(c) + " (number " + c.rank() + ", " + Percent.of(c.pretest()) + ")")
                .toList();
        if (!open.isEmpty()) {
            lines.add("Not examined yet, with the base rate as a starting assumption: " + Words.list(open) + ".");
        }
        return lines;
    }

    private static boolean isExamined(ConditionStanding c) {
        return c.aimed().tests() > 0;
    }

    List<RailLine> rails(int most) {
        return ranked().stream()
                .limit(most)
                .map(c -> new RailLine(
                        c.rank(),
                        c.name(),
                        c.pretest(),
                        c.posttest(),
                        c.low(),
                        c.high(),
                        c.lowNewClinic(),
                        c.highNewClinic(),
                        c.ruleOut(),
                        c.act(),
                        verdict(c)))
                .toList();
    }

    /** The verdict as one would say it, and on which side of which line it hardly is (method M11). */
    static String verdict(ConditionStanding c) {
        if (c.last() != null) {
            return c.last().words();
        }
        String words =
                switch (c.verdict()) {
                    case ACT -> "treat as likely";
                    case SETTLE_FIRST -> Wording.midSentence(c.settle().words()).replaceAll("\\.$", "");
                    case PUT_ASIDE -> "ruled out for now";
                    case KEEP_IN_MIND, UNDECIDED -> c.verdict().words();
                };
        if (!c.borderline()) {
            return words;
        }
        if (c.low() < c.act() && c.act() < c.high()) {
            return words + (c.posttest() > c.act() ? ", just over the action line" : ", close below the action line");
        }
        return words
                + (c.posttest() < c.ruleOut()
                        ? ", just under the line for ruling out"
                        : ", close above the line for ruling out");
    }

    String weighing() {
        var method = given.weighed().method();
        String together = method.school().isTogether()
                ? String.format(
                        Locale.ROOT,
                        "; cross-activation %.2f, clusters believed by %s beside their members",
                        method.crossActivation(),
                        Percent.of(method.clusterShare()))
                : "";
        return String.format(
                Locale.ROOT,
                "Weighed with %s; overlap within a family %.2f, between any two findings %.2f%s; studies at high risk of bias %s; judgements in words %s.",
                SCHOOLS.get(method.school()),
                method.familyOverlap(),
                method.generalOverlap(),
                together,
                BIASES.get(method.highBias()),
                method.judgements() == Judgements.WEIGH ? "weighed where there is no study" : "not weighed");
    }

    /** How much of what moved the first candidates rests on figures that nobody has checked. */
    String unchecked() {
        List<String> shares = conditions().stream()
                .filter(c -> c.counted() > 0)
                .limit(NEXT)
                .map(c -> Percent.of(given.weighed().reasons().get(c.id()).uncheckedShare()) + " for " + midSentence(c))
                .toList();
        return shares.isEmpty()
                ? "No accuracy figure counts yet."
                : "Of the weight, this much rests on figures not checked against their source: " + Words.list(shares)
                        + ".";
    }

    /** What counted for the condition, with its likelihood ratio alone and given the rest; then what did not, by its reason. */
    List<String> ledger(ConditionStanding c) {
        Map<Status, List<String>> byStatus = new EnumMap<>(Status.class);
        for (LedgerRowView row : given.weighed().ledgers().getOrDefault(c.id(), List.of())) {
            String ratios = row.lrAdded() == null
                    ? ""
                    : String.format(Locale.ROOT, " (alone %.2f, added %.2f)", row.lrAlone(), row.lrAdded());
            byStatus.computeIfAbsent(row.status(), s -> new ArrayList<>())
                    .add(row.name() + " " + row.result() + ratios);
        }
        return byStatus.entrySet().stream()
                .map(e -> Words.sentence(STATUSES.get(e.getKey()) + ": " + String.join("; ", e.getValue())))
                .toList();
    }

    /** What of the running order was left, and why: precautions, decided clusters, tests that would only hurt, no reason given. */
    List<String> notTested() {
        PlanView plan = given.view().plan();
        List<String> core = plan.core() == null ? List.of() : plan.core().tests();
        Set<String> open = new LinkedHashSet<>(plan.tests());
        open.addAll(core);
        given.view().examination().findings().forEach(f -> open.remove(f.test()));
        List<String> lines = new ArrayList<>();
        for (BlockedTest b : given.view().examination().blocked()) {
            List<String> because =
                    b.because().stream().map(Wording::midSentence).toList();
            boolean planned = open.remove(b.test());
            if (b.reason() != null) {
                lines.add(testName(b.test()) + ": done in spite of " + Words.list(because) + ". "
                        + Words.sentence(b.reason()));
            } else if (planned) {
                lines.add(testName(b.test())
                        + (core.contains(b.test()) ? ", of the core of this visit" : "")
                        + ": not done because of "
                        + Words.list(because) + ".");
            }
        }
        List<String> forNothing = new ArrayList<>();
        for (LeftView left : given.weighed().standing().left()) {
            if (open.remove(left.test())) {
                if (left.kind() == Restraint.Kind.DECIDED) {
                    lines.add(testName(left.test()) + ": " + Words.sentence(left.words()));
                } else {
                    forNothing.add(testName(left.test()));
                }
            }
        }
        if (!forNothing.isEmpty()) {
            lines.add("Can hurt and would tell next to nothing of these candidates: " + Words.list(forNothing) + ".");
        }
        notDone(lines, "Of the core of this visit and not done: ", open, core);
        notDone(
                lines,
                "Left out for want of time: ",
                open,
                plan.leftOut().stream().map(LeftOut::test).toList());
        notDone(lines, "In the running order and not done: ", open, plan.tests());
        return lines;
    }

    /** Names those of the tests that are still open, in one line. */
    private void notDone(List<String> lines, String before, Set<String> open, List<String> tests) {
        List<String> names =
                tests.stream().filter(open::remove).map(this::testName).toList();
        if (!names.isEmpty()) {
            lines.add(before + Words.list(names) + ".");
        }
    }

    /** The tests that would tell most, or that none is left. */
    List<String> wouldSettle() {
        if (given.weighed().standing().settled()) {
            return List.of("No test left can carry an undecided candidate over one of its lines.");
        }
        return given.weighed().standing().next().stream()
                .limit(NEXT)
                .map(this::next)
                .toList();
    }

    private String next(NextTestView n) {
        String effects = Words.list(n.effects().stream()
                .limit(2)
                .map(e -> midSentence(e.condition(), e.name()) + " from " + Percent.of(e.now()) + " to "
                        + Percent.of(e.ifPositive()) + " if positive and " + Percent.of(e.ifNegative())
                        + " if negative")
                .toList());
        return n.testName() + " would take " + effects + ".";
    }

    /** The onward step of every candidate over its line to act (method M11). */
    List<String> onward() {
        return conditions().stream()
                .filter(c -> c.verdict() == Verdict.ACT || c.verdict() == Verdict.SETTLE_FIRST)
                .map(this::onward)
                .toList();
    }

    private String onward(ConditionStanding c) {
        String step = condition(c).map(Condition::onward).orElse("");
        return c.verdict() == Verdict.ACT
                ? Words.sentence(c.name() + ": " + step)
                : c.name() + ": "
                        + Words.sentence(Wording.midSentence(c.settle().words())) + " Then " + Words.sentence(step);
    }

    String midSentence(ConditionStanding c) {
        return midSentence(c.id(), c.name());
    }

    /** A condition within a sentence; by the name that it goes by where the content no longer knows it. */
    String midSentence(String condition, String name) {
        return given.catalogue()
                .condition(condition)
                .map(Condition::midSentence)
                .orElse(name);
    }

    private Optional<Condition> condition(ConditionStanding c) {
        return given.catalogue().condition(c.id());
    }

    private String testName(String id) {
        return given.catalogue().test(id).map(ClinicalTest::name).orElse(id);
    }

    WholeCase given() {
        return given;
    }
}
