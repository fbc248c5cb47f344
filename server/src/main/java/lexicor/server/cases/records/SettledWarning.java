package lexicor.server.cases.records;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import java.time.Instant;
import java.util.Arrays;
import java.util.Collection;
import java.util.Set;
import java.util.stream.Collectors;

/** What somebody said of a warning sign: that it is so, or that it was seen and excluded, and why. */
@Embeddable
public class SettledWarning {
    public static final String CONFIRMED = "confirmed";
    public static final String EXCLUDED = "excluded";

    public String state;

    @Column(length = 2000)
    public String why;

    /** What had raised it by then; what raises it later counts. */
    @Column(length = 4000)
    public String raisedBy;

    public String madeBy;
    public Instant madeAt;

    /**
     * @param raisedBy what has raised it by now
     */
    public static SettledWarning of(
            String state, String why, Collection<String> raisedBy, String madeBy, Instant madeAt) {
        SettledWarning said = new SettledWarning();
        said.state = state;
        said.why = why;
        said.raisedBy = raisedBy.stream().sorted().collect(Collectors.joining(" "));
        said.madeBy = madeBy;
        said.madeAt = madeAt;
        return said;
    }

    public boolean isExcluded() {
        return EXCLUDED.equals(state);
    }

    /** Whether the other says the same of the same, whoever said it and when. */
    public boolean saysTheSame(SettledWarning other) {
        return state.equals(other.state) && why.equals(other.why) && raisedBy.equals(other.raisedBy);
    }

    public Set<String> reasons() {
        return Arrays.stream(raisedBy.split(" ")).filter(r -> !r.isEmpty()).collect(Collectors.toSet());
    }
}
