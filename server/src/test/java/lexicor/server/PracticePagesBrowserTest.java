package lexicor.server;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Every page of practice, for everybody: one's own home, and a student's patient as a lead looks on. */
class PracticePagesBrowserTest extends EveryPage {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "/practice",
                "/practice/hunches?of=dunlin",
                "/practice/stations",
                "/practice/results/1",
                "/practice/drills?kind=verdict",
                "/practice/patients/1",
                "/practice/patients/1/couch?test=neer&at=",
                "/practice/patients/1/debrief"
            })
    void isForEverybody(String path) {
        look(path);
    }
}
