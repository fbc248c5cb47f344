package lexicor.core.catalogue.packs;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.published.SignOff;
import lexicor.core.document.InvalidDocumentException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PacksTest {
    @TempDir
    Path folder;

    @Test
    void theShippedPacksLoadWhole() {
        Catalogue c = Shipped.CATALOGUE;
        assertThat(c.tests()).hasSize(207);
        assertThat(c.tests().stream().map(ClinicalTest::region).distinct())
                .containsExactlyInAnyOrder("neck", "shoulder", "elbow", "wrist", "hand");
        assertThat(c.tests().stream().mapToInt(t -> t.criteria().size()).sum()).isEqualTo(492);
        assertThat(c.conditions()).hasSize(88);
        assertThat(c.complaints()).hasSize(22);
        assertThat(c.clusters()).hasSize(15);
        assertThat(c.accuracy()).hasSize(311).allMatch(r -> c.signOff(r) == SignOff.NOT_YET_CHECKED);
        assertThat(c.complaint("thumb-side-tingling").orElseThrow().name())
                .isEqualTo("Tingling in thumb, index, middle finger");
        assertThat(c.warnings()).hasSize(37);
        assertThat(c.ladders()).hasSize(8).allMatch(l -> !l.startsFrom().isEmpty());
        assertThat(c.definitions()).isNotEmpty();
        assertThat(c.provokes().byFamily()).isNotEmpty();
        assertThat(c.test("druj-ballottement").orElseThrow().places())
                .containsExactly("neutral", "pronation", "supination");
    }

    @ParameterizedTest(name = "{4}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            catalogue/shoulder.yaml | family: capsule-pain | family: capsule-pain\\n  colour: red | tests.coracoid-pressure.colour | unknown key
            catalogue/shoulder.yaml | readings: [arc, pain] | readings: [pain] | tests.painful-arc.criteria.painful-arc/mid-arc.positiveWhen.all[0].reading | not among the test's readings
            catalogue/shoulder.yaml | reading: lagDegrees, atLeast: 5 | reading: lagDegree, atLeast: 5 | positiveWhen.any[0].reading | there is no reading lagDegree
            catalogue/shoulder.yaml | after: [active-compression] | after: [passive-compress] | tests.active-compression-relief.after | there is no test passive-compress
            catalogue/shoulder.yaml | id: speed/groove-pain | id: yergason-x/groove-pain | tests.speed.criteria.yergason-x/groove-pain.id | expected speed/
            catalogue/elbow.yaml | provocation: 1 | provocation: 7 | tests.elbow-bone-tenderness.provocation | from 0 to 3
            catalogue/history.yaml | {posterior-instability: 2}, | {posterior-instabilty: 2}, | items.history/pushing-pain.notches | there is no condition posterior-instabilty
            evidence/conditions.yaml | community: 0.55 | community: 1.0 | conditions.subacromial-pain.pretest.community | strictly between 0 and 1
            evidence/conditions.yaml | fovea: {test: ulnar-fovea | fovea: {test: ulnar-foveal | ladders.painful-passive-pronation.rungs.fovea.test | there is no test ulnar-foveal
            evidence/conditions.yaml | negative: compartment | negative: compartmint | ladders.thumb-side-wrist.rungs.grind.outcomes | there is no rung compartmint
            evidence/clusters.yaml | members: [neer/pain, | members: [neer/pian, | clusters.subacromial-five.members | there is no criterion or question neer/pian
            evidence/clusters.yaml | {positives: 1, lr: 0.90}, | '' | clusters.subacromial-three.strata | the count 1 is missing
            evidence/clusters.yaml | sensitivity: 0.75, | sensitivity: 7.5, | clusters.subacromial-five.accuracy.sensitivity | from 0 to 1
            evidence/accuracy.csv | neer/pain,subacromial-pain,study,0.81 | neer/pain,subacromial-pain,study,1.81 | line 2 (neer/pain, subacromial-pain).sensitivity | expected a number from 0
            evidence/accuracy.csv | neer/pain,subacromial-pain,study,0.81 | neer/pane,subacromial-pain,study,0.81 | neer/pane, subacromial-pain, Michener et al., Arch Phys Med Rehabil 2009.criterion | there is no criterion or question neer/pane
            evidence/accuracy.csv | shoulder pain,low,high,, | shoulder pain,low,high,,twelve | line 2 (neer/pain, subacromial-pain).people | expected how many people
            evidence/judged.yaml | with: half, without: sometimes, because: loading the cuff | with: halfish, without: sometimes, because: loading the cuff | judged.full-can/pain/subacromial-pain.with | expected one of
            evidence/judged.yaml | with: half, without: sometimes, because: loading the cuff | with: half, without: half, because: loading the cuff | judged.full-can/pain/subacromial-pain.without | a sign that tells nothing
            evidence/judged.yaml | criterion: full-can/pain | criterion: full-cup/pain | judged.full-cup/pain/subacromial-pain.criterion | there is no criterion or question full-cup/pain
            evidence/relations.yaml | biceps-tendon-disorder: [slap-tear] | biceps-tendon-disorder: [slop-tear] | kin.biceps-tendon-disorder | there is no condition slop-tear
            evidence/relations.yaml | acromioclavicular-pain: [clavicle-fracture] | acromioclavicular-pain: [acromioclavicular-pain] | settleFirst.acromioclavicular-pain | not settled before itself
            evidence/ages.yaml | 18-29: 0.7 | 18-29: 0 | ages.subacromial-pain.18-29 | expected a number from
            evidence/accuracy.csv | posterolateral-pivot/apprehension-or-clunk,posterolateral-elbow-instability,sensitivity-only,0.375,, | posterolateral-pivot/apprehension-or-clunk,posterolateral-elbow-instability,sensitivity-only,0.375,0.5, | specificity | expected none
            """)
    void aFaultNamesFileEntryAndField(String file, String original, String fault, String path, String message)
            throws IOException {
        copyPacks();
        Path broken = folder.resolve(file);
        String text = Files.readString(broken);
        assertThat(text).contains(original);
        int at = text.indexOf(original);
        String replaced = text.substring(0, at) + fault.replace("\\n", "\n") + text.substring(at + original.length());
        Files.writeString(broken, replaced);
        InvalidDocumentException refused =
                catchThrowableOfType(InvalidDocumentException.class, () -> Packs.read(folder));
        assertThat(refused.problems()).anySatisfy(p -> {
            assertThat(file).startsWith(p.file());
            assertThat(p.path()).endsWith(path);
            assertThat(p.message()).contains(message);
        });
    }

    @Test
    void allFaultsAreReportedAtOnce() throws IOException {
        copyPacks();
        for (String file : new String[] {"catalogue/neck.yaml", "catalogue/hand.yaml"}) {
            Path path = folder.resolve(file);
            Files.writeString(path, Files.readString(path).replaceFirst("bothSides: true", "bothSides: perhaps"));
        }
        InvalidDocumentException refused =
                catchThrowableOfType(InvalidDocumentException.class, () -> Packs.read(folder));
        assertThat(refused.problems()).extracting(p -> p.file()).contains("catalogue/neck.yaml", "catalogue/hand.yaml");
    }

    private void copyPacks() throws IOException {
        try (Stream<Path> all = Files.walk(Shipped.PACKS)) {
            for (Path source : all.toList()) {
                Path target = folder.resolve(Shipped.PACKS.relativize(source).toString());
                if (Files.isDirectory(source)) {
                    Files.createDirectories(target);
                } else {
                    Files.copy(source, target);
                }
            }
        }
    }
}
