package lexicor.server.cases;

import java.util.Optional;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.catalogue.Editions;
import lexicor.server.settings.SettingsJson;
import lexicor.server.settings.SettingsService;
import lexicor.server.standing.Basis;
import org.springframework.stereotype.Component;

/** What a case is weighed with: an open one with what is in force, a closed one with what it was closed with. */
@Component
public class CaseBasis {
    private final Editions editions;
    private final SettingsService settings;

    CaseBasis(Editions editions, SettingsService settings) {
        this.editions = editions;
        this.settings = settings;
    }

    public Basis of(CaseRecord stored) {
        return stored.isClosed()
                ? new Basis(editions.kept(stored.edition), SettingsJson.read(stored.closedWith), stored.ownHighBias())
                : today(stored);
    }

    /** What is in force, also for a closed case. */
    Basis today(CaseRecord stored) {
        return new Basis(editions.current(), settings.current(), stored.ownHighBias());
    }

    /** What is in force for a case that is not there yet. */
    public Basis today() {
        return new Basis(editions.current(), settings.current(), Optional.empty());
    }

    /** Keeps what is in force for the case. */
    public void keep(CaseRecord stored) {
        stored.edition = editions.keepCurrent();
        stored.closedWith = SettingsJson.write(settings.current());
    }
}
