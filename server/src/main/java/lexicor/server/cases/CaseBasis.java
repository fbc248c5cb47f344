package lexicor.server.cases;

import lexicor.server.catalogue.Editions;
import lexicor.server.settings.DepartmentSettings;
import lexicor.server.settings.SettingsService;
import lexicor.server.standing.Basis;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** What a case is weighed with: an open one with what is in force, a closed one with what it was closed with. */
@Component
class CaseBasis {
    private final Editions editions;
    private final SettingsService settings;
    private final JsonMapper json;

    CaseBasis(Editions editions, SettingsService settings, JsonMapper json) {
        this.editions = editions;
        this.settings = settings;
        this.json = json;
    }

    Basis of(CaseRecord stored) {
        return stored.isClosed()
                ? new Basis(
                        editions.kept(stored.edition),
                        json.readValue(stored.closedWith, DepartmentSettings.class),
                        stored.ownHighBias())
                : today(stored);
    }

    /** What is in force, also for a closed case. */
    Basis today(CaseRecord stored) {
        return new Basis(editions.current(), settings.current(), stored.ownHighBias());
    }

    /** Keeps what is in force for the case. */
    void keep(CaseRecord stored) {
        stored.edition = editions.keepCurrent();
        stored.closedWith = json.writeValueAsString(settings.current());
    }
}
