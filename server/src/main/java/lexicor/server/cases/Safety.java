package lexicor.server.cases;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.examination.Findings;
import lexicor.core.planning.Precaution;
import lexicor.core.planning.RaisedWarnings;
import lexicor.server.cases.CaseViews.BlockedTest;
import lexicor.server.cases.CaseViews.RaisedWarning;
import lexicor.server.catalogue.Editions;
import lexicor.server.problems.Refusal;
import org.springframework.stereotype.Component;

/** What a case's precautions block, the written reasons for going ahead, and the warning signs above everything. */
@Component
class Safety {
    static final int SHORTEST_REASON = 10;
    static final int LONGEST_REASON = 400;

    private final Editions editions;
    private final OverrideStore overrides;

    Safety(Editions editions, OverrideStore overrides) {
        this.editions = editions;
        this.overrides = overrides;
    }

    /** Refuses a recording on a test that is blocked and has no written reason. */
    void allow(CaseRecord stored, String test) {
        blocked(stored).stream()
                .filter(b -> b.test().equals(test) && b.reason() == null)
                .findFirst()
                .ifPresent(b -> {
                    throw Refusal.conflict("test: " + name(test) + " is blocked by " + String.join(", ", b.because())
                            + "; going ahead takes a written reason");
                });
    }

    /** Keeps the reason for going ahead with a blocked test. */
    OverrideRecord goAhead(CaseRecord stored, String test, String reason) {
        String text = checkReason(reason);
        if (blocked(stored).stream().noneMatch(b -> b.test().equals(test))) {
            throw Refusal.field("test", test + " is not blocked in this case");
        }
        OverrideRecord override = new OverrideRecord();
        override.caseId = stored.id;
        override.visit = stored.visit();
        override.test = test;
        override.reason = text;
        return override;
    }

    /** The reason without blanks around it, if it is one. */
    static String checkReason(String reason) {
        String text = Optional.ofNullable(reason).map(String::strip).orElse("");
        if (text.length() < SHORTEST_REASON || text.length() > LONGEST_REASON) {
            throw Refusal.field(
                    "reason", "expected " + SHORTEST_REASON + " to " + LONGEST_REASON + " characters that say why");
        }
        return text;
    }

    /** Every test that a precaution of the case blocks, with the reason for going ahead where there is one. */
    List<BlockedTest> blocked(CaseRecord stored) {
        List<Precaution> set = precautions(stored);
        if (set.isEmpty()) {
            return List.of();
        }
        Map<String, String> reasons = new LinkedHashMap<>();
        overrides.findByCaseIdAndVisitOrderById(stored.id, stored.visit()).forEach(o -> reasons.put(o.test, o.reason));
        return editions.catalogue().tests().stream()
                .filter(t -> !Precaution.blocking(t, set).isEmpty())
                .map(t -> new BlockedTest(
                        t.id(),
                        Precaution.blocking(t, set).stream()
                                .map(Precaution::label)
                                .toList(),
                        reasons.get(t.id())))
                .toList();
    }

    List<RaisedWarning> warnings(CaseRecord stored, Findings findings) {
        boolean injured = RaisedWarnings.injured(editions.catalogue(), stored.answers);
        return RaisedWarnings.of(editions.catalogue(), stored.warnings, findings, injured).stream()
                .map(r -> new RaisedWarning(r.sign().id(), r.sign().message(), r.because()))
                .toList();
    }

    static List<Precaution> precautions(CaseRecord stored) {
        return stored.precautions.stream()
                .map(id -> Precaution.withId(id).orElseThrow())
                .sorted()
                .toList();
    }

    private String name(String test) {
        return editions.catalogue().test(test).map(ClinicalTest::name).orElse(test);
    }
}
