package lexicor.core.weighing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Collectors;
import lexicor.core.weighfile.WeighFile;
import lexicor.core.weighing.input.CaseToWeigh;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** When a cluster is decided, what it speaks for, and which of several counts (method M3, M5). */
class ClustersTest {
    private static final String FIGURES = "[{\"condition\":\"c\",\"tp\":35,\"fn\":15,\"fp\":20,\"tn\":30}]";
    private static final String ACCURACY = "\"accuracy\":[{\"tp\":40,\"fn\":10,\"fp\":8,\"tn\":42}]";

    @ParameterizedTest(name = "{0} with at least {1} is {2}")
    @CsvSource({
        "++?, 2, positive",
        "+??, 2, open",
        "+-?, 2, open",
        "--?, 2, negative",
        "u-?, 2, open",
        "u--, 2, negative",
        "+++, 3, positive",
        "-??, 3, negative",
        "???, 1, open"
    })
    void aThresholdIsDecidedAsEarlyAsItCanBe(String members, int atLeast, String result) {
        LedgerRow row = cluster(members, "\"atLeast\":" + atLeast + "," + ACCURACY);
        assertThat(row.result()).isEqualTo(result);
        assertThat(row.status()).isEqualTo(result.equals("open") ? Status.OPEN : Status.COUNTED);
    }

    @ParameterizedTest(name = "{0} is {1}")
    @CsvSource({"++-, 2", "+++, 3", "---, 0", "++?, open", "+u-, open"})
    void strataWaitUntilEveryMemberIsDecided(String members, String result) {
        String strata = "\"strata\":[{\"positives\":0,\"lr\":0.2},{\"positives\":1,\"lr\":0.8},"
                + "{\"positives\":2,\"lr\":3},{\"positives\":3,\"lr\":12}]";
        LedgerRow row = cluster(members, strata);
        assertThat(row.result()).isEqualTo(result);
        if (!result.equals("open")) {
            double[] ratios = {0.2, 0.8, 3, 12};
            assertThat(row.lrAlone().orElseThrow()).isCloseTo(ratios[Integer.parseInt(result)], within(1e-9));
        }
    }

    @Test
    void withoutFiguresItShowsWhatTheRuleCameToAndLeavesItsMembersAlone() {
        String file = caseOf(
                finding("m0", "positive", "m0"),
                "{\"id\":\"k\",\"condition\":\"c\",\"members\":[\"m0\"],\"atLeast\":1}");
        assertThat(statuses(file)).containsExactly("m0 counted", "k no-data");
        assertThat(ledger(file).get(1).result()).isEqualTo("positive");
    }

    /** The most members first; then one that shares with a counted one stands aside, one that shares with that counts. */
    @Test
    void ofClustersThatShareMembersTheLargerCountsAndTheRestIsTakenGreedily() {
        String findings = String.join(
                ",",
                finding("a", "positive", "a"),
                finding("b", "positive", "b"),
                finding("d", "positive", "d"),
                finding("e", "positive", "e"),
                finding("f", "positive", "f"));
        String clusters = String.join(
                ",",
                clusterOf("last", "\"e\",\"f\"", 40),
                clusterOf("middle", "\"d\",\"e\"", 45),
                clusterOf("first", "\"a\",\"b\",\"d\"", 30));
        assertThat(statuses(caseOf(findings, clusters)))
                .containsExactly(
                        "a superseded",
                        "b superseded",
                        "d superseded",
                        "e superseded",
                        "f superseded",
                        "last counted",
                        "middle shares-tests",
                        "first counted");
    }

    @Test
    void equallyLargeClustersGoByTheirStudyAndThenByTheirName() {
        String findings = finding("a", "positive", "a") + "," + finding("b", "positive", "b");
        String bySize = clusterOf("small", "\"a\",\"b\"", 30) + "," + clusterOf("large", "\"a\",\"b\"", 45);
        assertThat(statuses(caseOf(findings, bySize))).contains("small shares-tests", "large counted");
        String byName = clusterOf("zeta", "\"a\",\"b\"", 40) + "," + clusterOf("alpha", "\"a\",\"b\"", 40);
        assertThat(statuses(caseOf(findings, byName))).contains("zeta shares-tests", "alpha counted");
    }

    @Test
    void aTestThatSpeaksThroughAClusterHasSpoken() {
        String findings = finding("arc/mid", "positive", "arc") + "," + finding("arc/top", "negative", "arc");
        String file = caseOf(findings, clusterOf("k", "\"arc/mid\"", 40));
        assertThat(statuses(file)).containsExactly("arc/mid superseded", "arc/top same-test", "k counted");
        assertThat(ledger(file).get(1).because()).isEqualTo("k");
    }

    @Test
    void theIndependentSchoolCountsWhatAClusterSupersedesAndTheClustersSchoolTheClusterAlone() {
        String findings = finding("a", "positive", "a") + "," + finding("b", "positive", "b");
        CaseToWeigh given = WeighFile.readCase("f", caseOf(findings, clusterOf("k", "\"a\",\"b\"", 40)));
        double odds = 0.3 / 0.7;
        double single = (35 / 50.0) / (20 / 50.0);
        double cluster = (40 / 50.0) / (10 / 50.0);
        WeighedCase weighed = Weighing.weigh(given);
        assertThat(odds(weighed, School.INDEPENDENT)).isCloseTo(odds * single * single, within(1e-9));
        assertThat(odds(weighed, School.PUBLISHED_CLUSTERS)).isCloseTo(odds * cluster, within(1e-9));
        assertThat(odds(weighed, School.STRONGEST_PER_FAMILY)).isCloseTo(odds * single, within(1e-9));
        assertThat(odds(weighed, School.OVERLAP_AWARE)).isCloseTo(odds * cluster, within(1e-6));
        assertThat(Weighing.weigh(given, School.INDEPENDENT).conditions().get(0).ledger())
                .extracting(LedgerRow::status)
                .containsExactly(Status.COUNTED, Status.COUNTED, Status.OTHER_SCHOOL);
    }

    @Test
    void aSpokenTestHasNothingLeftToGainAndAContraindicatedOneIsNotOffered() {
        String candidates = "\"candidates\":["
                + "{\"id\":\"a/weak\",\"test\":\"a\",\"family\":\"x\",\"accuracy\":" + FIGURES + "},"
                + "{\"id\":\"other\",\"family\":\"y\",\"minutes\":2,\"accuracy\":" + FIGURES + "},"
                + "{\"id\":\"forbidden\",\"family\":\"z\",\"contraindicated\":true,\"accuracy\":" + FIGURES + "}]";
        String file = "{\"conditions\":[{\"id\":\"c\",\"pretest\":0.3,\"ruleOutBelow\":0.05,\"actAbove\":0.8}],"
                + "\"findings\":[" + finding("a/pain", "positive", "a") + "]," + candidates + "}";
        List<NextTest> next = Weighing.weigh(WeighFile.readCase("f", file)).nextTests();
        assertThat(next).extracting(NextTest::id).containsExactly("other", "a/weak");
        assertThat(next.get(0).gainPerMinute()).hasValue(next.get(0).gain() / 2);
        assertThat(next.get(1).gain()).isZero();
        assertThat(next.get(1).gainPerMinute()).isEmpty();
    }

    /** What only rules in has nothing to say where it is negative, and its members speak for themselves (method M5). */
    @Test
    void theNegativeOfARuleThatOnlyRulesInIsNotWeighed() {
        for (String result : List.of("negative", "positive")) {
            String findings = finding("a", result, "a") + "," + finding("b", result, "b");
            String speaks =
                    clusterOf("k", "\"a\",\"b\"", 40).replace("\"atLeast\"", "\"speaks\":\"positive\",\"atLeast\"");
            List<String> statuses = statuses(caseOf(findings, speaks));
            if (result.equals("negative")) {
                assertThat(statuses).containsExactly("a counted", "b counted", "k rules-in-only");
            } else {
                assertThat(statuses).containsExactly("a superseded", "b superseded", "k counted");
            }
        }
    }

    /** Two criteria of one test for one movement of the hand are one test shared (method M5). */
    @Test
    void clustersShareTestsNotCriteriaAlone() {
        String findings = String.join(
                ",",
                finding("arc/mid", "positive", "arc"),
                finding("arc/top", "positive", "arc"),
                finding("b", "positive", "b"),
                finding("d", "positive", "d"));
        String clusters =
                clusterOf("large", "\"arc/mid\",\"b\"", 45) + "," + clusterOf("small", "\"arc/top\",\"d\"", 30);
        assertThat(statuses(caseOf(findings, clusters))).contains("large counted", "small shares-tests");
    }

    /** The same figures far below the first line: put aside, unless it is one that must not be missed (method M11). */
    @Test
    void whatMustNotBeMissedIsKeptInMind() {
        String negatives = finding("a", "negative", "a") + "," + finding("b", "negative", "b");
        String file = caseOf(negatives, "").replace("\"pretest\":0.3", "\"pretest\":0.06");
        String kept = file.replace("\"id\":\"c\",", "\"id\":\"c\",\"mustNotMiss\":true,");
        WeighedCondition aside =
                Weighing.weigh(WeighFile.readCase("f", file)).conditions().get(0);
        WeighedCondition inMind =
                Weighing.weigh(WeighFile.readCase("f", kept)).conditions().get(0);
        assertThat(aside.verdict()).isEqualTo(Verdict.PUT_ASIDE);
        assertThat(inMind.verdict()).isEqualTo(Verdict.KEEP_IN_MIND);
        assertThat(inMind.posttest()).isEqualTo(aside.posttest());
    }

    private static double odds(WeighedCase weighed, School school) {
        double p = weighed.schools().get(school).get("c");
        return p / (1 - p);
    }

    private static LedgerRow cluster(String members, String rule) {
        StringBuilder findings = new StringBuilder();
        for (int i = 0; i < members.length(); i++) {
            char c = members.charAt(i);
            if (c != '?') {
                String result = c == '+' ? "positive" : c == '-' ? "negative" : "unclear";
                findings.append(findings.isEmpty() ? "" : ",").append(finding("m" + i, result, "m" + i));
            }
        }
        String cluster = "{\"id\":\"k\",\"condition\":\"c\",\"members\":[\"m0\",\"m1\",\"m2\"]," + rule + "}";
        List<LedgerRow> rows = ledger(caseOf(findings.toString(), cluster));
        return rows.get(rows.size() - 1);
    }

    private static String clusterOf(String id, String members, int tp) {
        return "{\"id\":\"%s\",\"condition\":\"c\",\"members\":[%s],\"atLeast\":1,\"accuracy\":[{\"tp\":%d,\"fn\":10,\"fp\":10,\"tn\":40}]}"
                .formatted(id, members, tp);
    }

    private static String finding(String id, String result, String test) {
        return "{\"id\":\"%s\",\"test\":\"%s\",\"family\":\"x\",\"result\":\"%s\",\"accuracy\":%s}"
                .formatted(id, test, result, FIGURES);
    }

    private static String caseOf(String findings, String clusters) {
        return "{\"conditions\":[{\"id\":\"c\",\"pretest\":0.3,\"ruleOutBelow\":0.05,\"actAbove\":0.8}],\"findings\":["
                + findings + "],\"clusters\":[" + clusters + "]}";
    }

    private static List<LedgerRow> ledger(String file) {
        return Weighing.weigh(WeighFile.readCase("f", file)).conditions().get(0).ledger();
    }

    private static List<String> statuses(String file) {
        return ledger(file).stream().map(r -> r.id() + " " + r.status().id()).collect(Collectors.toList());
    }
}
