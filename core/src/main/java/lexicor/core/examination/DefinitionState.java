package lexicor.core.examination;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Definition;
import lexicor.core.catalogue.published.Truth;

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
            List<Truth> parts = d.rule().parts().map(r -> r.truth(this::leaf)).toList();
            State state =
                    switch (d.rule().truth(this::leaf)) {
                        case HOLDS -> State.MET;
                        case FAILS -> State.NOT_MET;
                        case UNKNOWN -> State.OPEN;
                    };
            return new DefinitionState(
                    d, state, (int) parts.stream().filter(t -> t == Truth.HOLDS).count(), parts.size());
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
