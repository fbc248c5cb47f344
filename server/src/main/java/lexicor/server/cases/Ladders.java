package lexicor.server.cases;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Ladder;
import lexicor.core.planning.LadderStart;
import lexicor.core.planning.LadderWalk;
import lexicor.core.weighing.BedsideCase;
import lexicor.core.weighing.Candidate;
import lexicor.server.cases.CaseViews.LadderStep;
import lexicor.server.cases.CaseViews.LadderView;
import lexicor.server.catalogue.Editions;
import lexicor.server.problems.Refusal;
import org.springframework.stereotype.Component;

/** The ladders that fit a case and how far they were walked. */
@Component
class Ladders {
    private final Editions editions;

    Ladders(Editions editions) {
        this.editions = editions;
    }

    void check(String id, String answer) {
        Ladder ladder = editions.catalogue().ladders().stream()
                .filter(l -> l.id().equals(id))
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("There is no ladder " + id + "."));
        if (answer != null && !ladder.answers().containsKey(answer)) {
            throw Refusal.field("answer", "expected one of " + ladder.answers().keySet() + ", found " + answer);
        }
    }

    /** Those that point at a candidate, or whose question the findings answer, or that were started. */
    List<LadderView> views(CaseRecord stored, BedsideCase bedside) {
        Set<String> candidates =
                bedside.conditions().stream().map(Candidate::id).collect(Collectors.toSet());
        return editions.catalogue().ladders().stream()
                .filter(l -> stored.ladders.containsKey(l.id())
                        || LadderStart.answer(l, bedside.findings()).isPresent()
                        || l.suspects().stream().anyMatch(candidates::contains))
                .map(l -> view(l, stored.ladders.get(l.id()), bedside))
                .toList();
    }

    private LadderView view(Ladder ladder, String answer, BedsideCase bedside) {
        Optional<LadderWalk> walk = Optional.ofNullable(answer)
                .map(a -> LadderWalk.of(editions.catalogue(), ladder, a, bedside.findings()));
        Optional<LadderWalk.Current> current = walk.flatMap(LadderWalk::current);
        Optional<Ladder.Step.End> end = walk.flatMap(LadderWalk::end);
        return new LadderView(
                ladder.id(),
                ladder.name(),
                ladder.question(),
                List.copyOf(ladder.answers().keySet()),
                LadderStart.answer(ladder, bedside.findings()).orElse(null),
                answer,
                walk.map(LadderWalk::taken).orElse(List.of()).stream()
                        .map(s -> new LadderStep(s.test(), s.outcome().id()))
                        .toList(),
                current.map(LadderWalk.Current::test).orElse(null),
                current.map(LadderWalk.Current::unclear).orElse(false),
                end.isPresent(),
                end.map(Ladder.Step.End::suspect).orElse(List.of()),
                end.map(Ladder.Step.End::reading).orElse(""));
    }
}
