package lexicor.server.settings;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import lexicor.core.weighing.School;
import org.junit.jupiter.api.Test;

/** Settings as departments stored them before there was more to set. */
class SettingsJsonTest {
    private static final String EARLIER =
            "{\"school\":\"strongest-per-family\",\"familyOverlap\":0.8,\"generalOverlap\":0.7,\"lockMinutes\":5}";

    @Test
    void whatWasChosenStaysAndWhatIsNewIsAsItBegins() {
        DepartmentSettings read = SettingsJson.read(EARLIER, 4);
        assertThat(read.school()).isEqualTo(School.STRONGEST_PER_FAMILY);
        assertThat(read.schoolSeen()).isFalse();
        assertThat(read.lockMinutes()).isEqualTo(5);
        assertThat(read.crossActivation()).isEqualTo(0.1);
        assertThat(read.clusterShare()).isEqualTo(0.5);
        assertThat(SettingsJson.read(SettingsJson.write(read))).isEqualTo(read);
    }

    @Test
    void anOverlapThatMayNoLongerBeIsTheMostThatMay() {
        DepartmentSettings read = SettingsJson.read(EARLIER, 4);
        assertThat(read.generalOverlap()).isEqualTo(0.5);
        assertThat(read.weighing(Optional.empty()).familyOverlap()).isEqualTo(0.8);
        assertThat(read.weighing(Optional.empty()).generalOverlap()).isEqualTo(0.5);
    }
}
