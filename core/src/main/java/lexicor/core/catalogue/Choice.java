package lexicor.core.catalogue;

import java.util.List;
import java.util.Optional;

/** One of a list that somebody chooses from: what is recorded, and how it reads. */
public record Choice(String id, String label) {
    /** How one of them reads; empty where it is not among them. */
    public static Optional<String> label(List<Choice> choices, String id) {
        return choices.stream()
                .filter(c -> c.id().equals(id))
                .map(Choice::label)
                .findFirst();
    }
}
