package lexicor.server.people;

import java.util.List;
import java.util.Map;
import lexicor.server.history.HistorySource;
import lexicor.server.history.Revised;
import lexicor.server.history.Revisions;
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
    public List<Revised> changes() {
        return revisions.of(
                PersonRecord.class,
                "",
                "",
                p -> p.name,
                p -> Map.of(
                        p.name + ", role",
                        p.role.id(),
                        p.name + ", account",
                        p.active ? "open" : "closed",
                        p.name + ", second factor",
                        p.secondFactor ? "on" : "off",
                        p.name + ", sessions ended",
                        String.valueOf(p.signOuts)));
    }
}
