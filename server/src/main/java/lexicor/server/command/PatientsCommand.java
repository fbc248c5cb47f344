package lexicor.server.command;

import java.io.IOException;
import java.nio.charset.MalformedInputException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.packs.Packs;
import lexicor.core.document.InvalidDocumentException;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.textbook.TextbookPatient;
import lexicor.core.textbook.TextbookReader;
import lexicor.core.textbook.TextbookReading;
import lexicor.core.weighing.School;
import lexicor.core.weighing.input.WeighingSettings;

/**
 * {@code lexicor patients FILE}: weighs textbook patients on the packs as the program comes, prints the first of each list, and ends with
 * 1 and a line for each expectation that fails. Starts no server.
 */
public final class PatientsCommand {
    private static final int UNUSABLE = 2;
    private static final int NOT_AS_EXPECTED = 1;
    private static final int SHOWN = 5;

    private PatientsCommand() {}

    public static void main(String[] args) {
        if (args.length != 2) {
            System.err.println("usage: lexicor patients FILE.yaml");
            System.exit(UNUSABLE);
        }
        Path file = Path.of(args[0]);
        try {
            Catalogue catalogue = Packs.read(Path.of(args[1]));
            System.exit(run(TextbookReader.read(file.toString(), Files.readString(file), catalogue), catalogue));
        } catch (InvalidDocumentException e) {
            System.err.println(e.getMessage());
            System.exit(UNUSABLE);
        } catch (MalformedInputException e) {
            System.err.println(file + ": not text in UTF-8; expected textbook patients in YAML");
            System.exit(UNUSABLE);
        } catch (IOException e) {
            System.err.println(file + ": cannot be read; is the name right?");
            System.exit(UNUSABLE);
        }
    }

    private static int run(List<TextbookPatient> patients, Catalogue catalogue) {
        WeighingSettings settings = WeighingSettings.DEFAULT;
        EvidenceBase evidence = EvidenceBase.of(catalogue, settings.highBias());
        int otherwise = 0;
        for (TextbookPatient patient : patients) {
            TextbookReading reading = TextbookReading.of(patient, catalogue, evidence, settings, School.DEFAULT);
            System.out.println(patient.id());
            reading.lines().stream().limit(SHOWN).forEach(l -> System.out.println(line(l)));
            reading.failures().forEach(f -> System.out.println("  NOT AS EXPECTED: " + f));
            otherwise += reading.failures().isEmpty() ? 0 : 1;
        }
        System.out.println(patients.size() + " patients, " + otherwise + " read otherwise than expected");
        return otherwise == 0 ? 0 : NOT_AS_EXPECTED;
    }

    private static String line(TextbookReading.Line l) {
        return String.format(
                Locale.ROOT,
                "  %-34s began at %5.1f %%, stands at %5.1f %%  %s",
                l.condition(),
                100 * l.pretest(),
                100 * l.posttest(),
                l.verdict().words());
    }
}
