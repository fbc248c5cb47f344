package lexicor.server;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Every page of a case, for everybody. */
class CasePagesBrowserTest extends EveryPage {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "ask",
                "couch?test=drop-arm",
                "couch?stage=feel",
                "couch?stage=move",
                "measures",
                "weigh",
                "report",
                "print",
                "order",
                "history",
                "nowhere"
            })
    void isForEverybody(String page) {
        look("/cases/HB-001/" + page);
    }
}
