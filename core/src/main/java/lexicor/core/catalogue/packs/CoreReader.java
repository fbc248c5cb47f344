package lexicor.core.catalogue.packs;

import java.util.List;
import java.util.Set;
import lexicor.core.catalogue.Content;
import lexicor.core.catalogue.StageRule;
import lexicor.core.catalogue.TestSet;
import lexicor.core.catalogue.VisitCore;
import lexicor.core.document.Entry;
import lexicor.core.document.Problems;

/** Reads what no visit leaves out, and the sets of tests that are done as one. */
final class CoreReader {
    private static final Set<String> STAGES = Set.of("look", "feel", "move", "measure", "provoke");

    private CoreReader() {}

    static void read(Entry file, Content content, Problems problems) {
        file.children("core").forEach(e -> problems.collect(() -> content.cores.add(core(e))));
        file.children("stages").forEach(e -> problems.collect(() -> content.stageRules.add(rule(e))));
        file.children("sets").forEach(e -> problems.collect(() -> content.sets.add(set(e))));
        problems.collect(file::done);
    }

    private static VisitCore core(Entry listed) {
        String complaint = listed.text("complaint");
        Entry entry = listed.named("core." + complaint);
        entry.has("complaint");
        VisitCore core = new VisitCore(
                complaint,
                entry.texts("tests"),
                entry.optionalTexts("places"),
                entry.optionalText("first"),
                entry.optionalText("because").orElse(""),
                entry.optionalTexts("before"));
        entry.done();
        if (core.first().filter(f -> !core.tests().contains(f)).isPresent()) {
            throw entry.problem("first", "expected one of its tests");
        }
        for (String place : core.places()) {
            if (!core.tests().contains(place.split("/")[0])) {
                throw entry.problem("places", place + " is no place of one of its tests");
            }
        }
        return core;
    }

    private static StageRule rule(Entry listed) {
        String id = listed.text("id");
        Entry entry = listed.named("stages." + id);
        entry.has("id");
        StageRule rule = new StageRule(
                id,
                entry.optionalTexts("complaints"),
                entry.texts("never"),
                entry.optionalText("because").orElse(""));
        entry.done();
        for (String stage : rule.never()) {
            if (!STAGES.contains(stage)) {
                throw entry.problem("never", "expected look, feel, move, measure or provoke, found " + stage);
            }
        }
        return rule;
    }

    private static TestSet set(Entry listed) {
        String id = listed.text("id");
        Entry entry = listed.named("sets." + id);
        entry.has("id");
        TestSet set = new TestSet(
                id,
                entry.text("name"),
                entry.optionalTexts("complaints"),
                entry.texts("tests"),
                entry.has("groups") ? entry.each("groups", CoreReader::group) : List.of(),
                entry.optionalTexts("before"),
                entry.optionalText("stop").orElse(""),
                entry.optionalText("note").orElse(""));
        entry.done();
        set.groups().stream()
                .filter(g -> !set.tests().containsAll(g.tests()))
                .findFirst()
                .ifPresent(g -> {
                    throw entry.problem("groups", g.label() + " has a test that the set has not");
                });
        return set;
    }

    private static TestSet.Group group(Entry entry) {
        TestSet.Group group = new TestSet.Group(entry.text("label"), entry.texts("tests"));
        entry.done();
        return group;
    }
}
