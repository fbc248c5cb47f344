package lexicor.core.document;

import java.util.List;
import java.util.stream.Collectors;

/** A document that cannot be used as it is, with everything that was found wrong in it. */
public final class InvalidDocumentException extends RuntimeException {
    private final transient List<Problem> problems;

    public InvalidDocumentException(List<Problem> problems) {
        super(problems.stream().map(Problem::toString).collect(Collectors.joining("\n")));
        this.problems = List.copyOf(problems);
    }

    public InvalidDocumentException(Problem problem) {
        this(List.of(problem));
    }

    public List<Problem> problems() {
        return problems;
    }
}
