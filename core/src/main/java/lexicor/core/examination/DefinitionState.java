package lexicor.core.examination;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Definition;
import lexicor.core.catalogue.DefinitionRule;

/**
 * A case definition held against one patient (method M18), three-valued: a part that is unclear or was not asked is open.
 *
 * @param met how many of its outermost parts are met
 * @param parts how many there are
 */
public record DefinitionState(Definition definition, State state, int met, int parts) {
    /** Whether the definition is met. */
    public enum State {
        MET,
        NOT_MET,
        OPEN;

        /** The name used in files and the API. */
        @JsonValue
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /** Every definition of a condition, in the catalogue's order. */
    public static List<DefinitionState> of(Catalogue catalogue, String condition, Findings findings) {
        Reader reader = new Reader(findings);
        return catalogue.definitions().stream()
                .filter(d -> d.condition().equals(condition))
                .map(reader::state)
                .toList();
    }

    private record Reader(Findings findings) {
        DefinitionState state(Definition d) {
            List<Truth> parts = parts(d.rule()).map(this::truth).toList();
            State state =
                    switch (truth(d.rule())) {
                        case HOLDS -> State.MET;
                        case FAILS -> State.NOT_MET;
                        case UNKNOWN -> State.OPEN;
                    };
            return new DefinitionState(
                    d, state, (int) parts.stream().filter(t -> t == Truth.HOLDS).count(), parts.size());
        }

        private static Stream<DefinitionRule> parts(DefinitionRule rule) {
            if (rule instanceof DefinitionRule.AllOf all) {
                return all.rules().stream();
            }
            if (rule instanceof DefinitionRule.AnyOf any) {
                return any.rules().stream();
            }
            return rule instanceof DefinitionRule.AtLeast count ? count.of().stream() : Stream.of(rule);
        }

        private Truth truth(DefinitionRule rule) {
            if (rule instanceof DefinitionRule.AllOf all) {
                return Truth.all(all.rules().stream().map(this::truth).toList());
            }
            if (rule instanceof DefinitionRule.AnyOf any) {
                return Truth.any(any.rules().stream().map(this::truth).toList());
            }
            if (rule instanceof DefinitionRule.AtLeast count) {
                return Truth.atLeast(
                        count.count(), count.of().stream().map(this::truth).toList());
            }
            return leaf(((DefinitionRule.Leaf) rule).finding());
        }

        private Truth leaf(String id) {
            Optional<Outcome> outcome = findings.of(id).map(Finding::outcome);
            if (outcome.isPresent()) {
                return outcome.get() == Outcome.POSITIVE
                        ? Truth.HOLDS
                        : outcome.get() == Outcome.NEGATIVE ? Truth.FAILS : Truth.UNKNOWN;
            }
            return findings.answerTo(id).map(Truth::of).orElse(Truth.UNKNOWN);
        }
    }
}
