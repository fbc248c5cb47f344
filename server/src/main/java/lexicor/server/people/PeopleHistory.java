package lexicor.server.people;

import java.util.List;
import java.util.Map;
import lexicor.server.history.Change;
import lexicor.server.history.HistorySource;
import lexicor.server.history.Revisions;
import lexicor.server.history.Revisions.Things;
import org.springframework.stereotype.Component;

/** Changes of accounts; never of what a password is. */
@Component
class PeopleHistory implements HistorySource {
    private final Revisions revisions;

    PeopleHistory(Revisions revisions) {
        this.revisions = revisions;
    }

    @Override
    public String subject() {
        return "People";
    }

    @Override
    public boolean isForOverseers() {
        return true;
    }

    @Override
    public List<Change> latest(int most) {
        return revisions
                .latest(
                        Things.of(
                                PersonRecord.class,
                                "id",
                                p -> p.id,
                                p -> Map.of(
                                        "role",
                                        p.role.id(),
                                        "account",
                                        p.active ? "open" : "closed",
                                        "second factor",
                                        p.secondFactor ? "on" : "off",
                                        "sessions ended",
                                        String.valueOf(p.signOuts))),
                        most)
                .stream()
                .map(f -> Change.of(f.revised(), "Account of " + f.entity().name, Map.of(), ""))
                .toList();
    }
}
