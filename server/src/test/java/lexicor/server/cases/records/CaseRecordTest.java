package lexicor.server.cases.records;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.Field;
import java.lang.reflect.Modifier;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;

class CaseRecordTest {
    /** Whatever a case comes to hold, it holds as of an earlier visit as well. */
    @Test
    void asOfAVisitNothingIsLeftOutAndThatVisitIsOpen() throws IllegalAccessException {
        CaseRecord stored = new CaseRecord();
        for (Field field : CaseRecord.class.getDeclaredFields()) {
            if (field.getType() == String.class) {
                field.set(stored, field.getName());
            } else if (field.getType() == Instant.class) {
                field.set(stored, Instant.ofEpochSecond(field.getName().hashCode()));
            } else if (field.getType() == Long.class || field.getType() == long.class) {
                field.set(stored, (long) field.getName().hashCode());
            }
        }
        stored.visits.addAll(List.of(Instant.EPOCH, Instant.EPOCH.plusSeconds(1), Instant.EPOCH.plusSeconds(2)));
        CaseRecord then = stored.asOf(2);
        assertThat(then.visit()).isEqualTo(2);
        for (Field field : CaseRecord.class.getDeclaredFields()) {
            if (!Modifier.isStatic(field.getModifiers())
                    && !field.isSynthetic()
                    && !field.getName().equals("openVisit")) {
                assertThat(field.get(then)).as(field.getName()).isEqualTo(field.get(stored));
            }
        }
    }
}
