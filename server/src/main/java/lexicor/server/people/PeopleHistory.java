package lexicor.server.people;

import java.util.List;
import java.util.Map;
import lexicor.server.history.HistorySource;
import lexicor.server.history.Revised;
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
    public List<Revised> latest(int most) {
        return revisions.latest(
                Things.of(
                        PersonRecord.class,
                        "id",
                        p -> p.id,
                        p -> Map.of(
                                p.name + ", role",
                                p.role.id(),
                                p.name + ", account",
                                p.active ? "open" : "closed",
                                p.name + ", second factor",
                                p.secondFactor ? "on" : "off",
                                p.name + ", sessions ended",
                                String.valueOf(p.signOuts))),
                most);
    }
}
