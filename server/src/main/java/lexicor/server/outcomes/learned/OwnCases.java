package lexicor.server.outcomes.learned;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import lexicor.core.outcomes.followed.FollowedCase;
import lexicor.core.outcomes.followed.Read;
import lexicor.core.outcomes.followed.Slice;
import lexicor.server.outcomes.learned.LearnedViews.RestsOn;
import lexicor.server.people.Person;
import lexicor.server.people.SignedIn;
import org.springframework.stereotype.Component;

/** The cases that a page counts, and who may be looked at by themselves. */
@Component
class OwnCases {
    private final Followed followed;
    private final SignedIn signedIn;

    OwnCases(Followed followed, SignedIn signedIn) {
        this.followed = followed;
        this.signedIn = signedIn;
    }

    record Asked(Followed.Snapshot snapshot, Slice slice, List<String> examiners) {
        Collection<FollowedCase> cases() {
            return snapshot.cases();
        }

        RestsOn restsOn() {
            List<FollowedCase> counted = cases().stream().filter(slice::takes).toList();
            return new RestsOn(
                    counted.size(),
                    (int) counted.stream().filter(c -> !c.known().isEmpty()).count(),
                    snapshot.simulated(),
                    snapshot.behind());
        }
    }

    Asked asked(SliceAsked asked) {
        Person person = signedIn.person();
        Slice slice = asked.slice(person);
        Followed.Snapshot now = followed.now();
        return new Asked(now, slice, person.isLead() ? examiners(now.cases()) : List.of(person.name()));
    }

    Asked all() {
        return new Asked(followed.now(), Slice.ALL, List.of());
    }

    private static List<String> examiners(Collection<FollowedCase> cases) {
        Set<String> names = new TreeSet<>();
        for (FollowedCase c : cases) {
            names.add(c.examiner());
            for (Read r : c.reads()) {
                names.add(r.examiner());
            }
        }
        names.remove("");
        return List.copyOf(names);
    }
}
