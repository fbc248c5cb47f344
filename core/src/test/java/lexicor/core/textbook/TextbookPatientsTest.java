package lexicor.core.textbook;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.util.stream.Stream;
import lexicor.core.catalogue.packs.Packs;
import lexicor.core.catalogue.packs.Shipped;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.evidence.HighBias;
import lexicor.core.weighing.School;
import lexicor.core.weighing.input.WeighingSettings;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Patients as a textbook has them are read as a textbook reads them. */
class TextbookPatientsTest {
    private static final EvidenceBase EVIDENCE = EvidenceBase.of(Shipped.CATALOGUE, HighBias.CORRECTED);

    static Stream<TextbookPatient> shipped() throws Exception {
        return TextbookReader.read(
                Packs.PATIENTS, Files.readString(Shipped.PACKS.resolve(Packs.PATIENTS)), Shipped.CATALOGUE)
                .stream();
    }

    private static TextbookReading read(TextbookPatient patient, School school) {
        return TextbookReading.of(patient, Shipped.CATALOGUE, EVIDENCE, WeighingSettings.DEFAULT, school);
    }

    @ParameterizedTest
    @MethodSource("shipped")
    void isReadAsExpected(TextbookPatient patient) {
        assertThat(read(patient, School.SOBER).failures()).as(patient.id()).isEmpty();
    }

    /** What fails is said by the condition and its place. */
    @Test
    void saysWhatIsReadOtherwise() {
        String one =
                """
                patients:
                  - {id: shell, complaint: shoulder-pain, setting: sports, age: 46-64, marks: {neer/pain: "+"}, first: frozen-shoulder, raised: [subacromial-pain], lowered: [subacromial-pain]}
                """;
        TextbookPatient patient =
                TextbookReader.read("shell.yaml", one, Shipped.CATALOGUE).get(0);
        assertThat(read(patient, School.SOBER).failures())
                .hasSize(2)
                .anySatisfy(f -> assertThat(f).contains("frozen-shoulder is expected first"))
                .anySatisfy(f -> assertThat(f).contains("subacromial-pain is expected below where it began"));
    }
}
