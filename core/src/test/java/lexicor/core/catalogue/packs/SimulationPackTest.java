package lexicor.core.catalogue.packs;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import lexicor.core.catalogue.simulated.Simulation;
import lexicor.core.document.InvalidDocumentException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What simulated patients are made of is content that a clinician can mend, so a slip names its place. */
class SimulationPackTest {
    private static final String PRACTICE = "catalogue/practice.yaml";

    @TempDir
    Path folder;

    private void copy() throws IOException {
        try (Stream<Path> files = Files.walk(Shipped.PACKS)) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                Path to = folder.resolve(Shipped.PACKS.relativize(file).toString());
                Files.createDirectories(to.getParent());
                Files.copy(file, to);
            }
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "aimed: 0.6 | aimed: 6 | chances.aimed | from 0 to 1",
                "forceN: [60, 120] | forceN: [120, 60] | usual.forceN | the lower first",
                "forceN: [60, 120] | force: [60, 120] | usual.force | no reading of that name",
                "shoulder-stiff: [\"It has been seizing | shoulder-stuck: [\"It has been seizing | onsets | no complaint shoulder-stuck",
                "history/night-pain: [ | history/nightmares: [ | told | no history item history/nightmares",
                "with: [multidirectional-instability | with: [no-such-thing | with, readings | no condition no-such-thing",
                "palpate-shoulder/acromion-tender: | palpate-shoulder/nose-tender: | readings | no criterion palpate-shoulder/nose-tender",
                "permission: [\"Go ahead. | permissions: [\"Go ahead. | permission | at least one sentence",
                "under-18: 0.18 | under-8: 0.18 | lives | nobody is under-8",
            })
    void aSlipNamesTheFileTheFieldAndTheFix(String right, String wrong, String path, String message)
            throws IOException {
        copy();
        Path practice = folder.resolve(PRACTICE);
        String text = Files.readString(practice);
        assertThat(text).contains(right);
        Files.writeString(practice, text.replace(right, wrong));
        InvalidDocumentException refused =
                catchThrowableOfType(InvalidDocumentException.class, () -> Packs.read(folder));
        assertThat(refused).as("refused").isNotNull();
        assertThat(refused.problems()).anySatisfy(p -> {
            assertThat(p.file()).isEqualTo(PRACTICE);
            assertThat(p.path()).isEqualTo(path);
            assertThat(p.message()).contains(message);
        });
    }

    @Test
    void packsWithoutItHaveNoSimulatedPatientsAndReadAsEver() throws IOException {
        copy();
        Files.delete(folder.resolve(PRACTICE));
        assertThat(Packs.read(folder).simulation()).isEqualTo(Simulation.NONE);
    }
}
