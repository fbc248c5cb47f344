package lexicor.core.outcomes.followed;

import java.time.LocalDate;
import java.util.Optional;
import lexicor.core.catalogue.Setting;

/**
 * Which cases and readings are counted; what is empty does not narrow it.
 *
 * @param from the first day, by the case's first visit
 * @param to the last day
 * @param examiner whose readings, and whose cases where predictions are judged
 * @param reference what has to have spoken; whoever was looked at by another alone counts as not verified
 */
public record Slice(
        Optional<LocalDate> from,
        Optional<LocalDate> to,
        Optional<String> examiner,
        Optional<Setting> setting,
        Optional<Reference> reference,
        Optional<String> complaint) {
    /** Everything. */
    public static final Slice ALL = new Slice(
            Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    /** Whether the case is one of those, whoever examined. */
    public boolean takes(FollowedCase c) {
        return from.filter(d -> c.day().isBefore(d)).isEmpty()
                && to.filter(d -> c.day().isAfter(d)).isEmpty()
                && setting.filter(s -> s != c.setting()).isEmpty()
                && complaint.filter(k -> !k.equals(c.complaint())).isEmpty();
    }

    public boolean takes(Read read) {
        return examiner.filter(e -> !e.equals(read.examiner())).isEmpty();
    }

    public boolean takes(Known known) {
        return reference.filter(r -> r != known.reference()).isEmpty();
    }

    /** The same for one examiner. */
    public Slice by(String one) {
        return new Slice(from, to, Optional.of(one), setting, reference, complaint);
    }
}
