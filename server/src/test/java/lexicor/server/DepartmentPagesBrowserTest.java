package lexicor.server;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Every page of the department, for everybody. */
class DepartmentPagesBrowserTest extends EveryPage {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "/cases",
                "/history",
                "/people",
                "/evidence",
                "/evidence/pair?criterion=neer/pain&condition=subacromial-pain",
                "/exchange",
                "/honesty",
                "/help",
                "/help/method",
                "/settings"
            })
    void isForEverybody(String path) {
        look(path);
    }
}
