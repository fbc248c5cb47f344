package lexicor.server;

import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The pages of what came out, with something on them, for everybody. */
class OutcomePagesBrowserTest extends EveryPage {
    @RegisterExtension
    static final Running YEAR = Running.demoYear(40);

    @Override
    Running lexicor() {
        return YEAR;
    }

    @ParameterizedTest
    @ValueSource(strings = {"/outcomes", "/cases/SIM-001/outcome"})
    void isForEverybody(String path) {
        look(path);
    }
}
