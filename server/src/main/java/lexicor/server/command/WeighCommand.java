package lexicor.server.command;

import java.io.IOException;
import java.nio.charset.MalformedInputException;
import java.nio.file.Files;
import java.nio.file.Path;
import lexicor.core.document.InvalidDocumentException;
import lexicor.core.weighfile.WeighFile;

/** {@code lexicor weigh FILE}: prints the result of a self-contained case. Starts no server. */
public final class WeighCommand {
    private static final int UNUSABLE = 2;
    private static final long MAX_BYTES = 64L << 20;

    private WeighCommand() {}

    public static void main(String[] args) {
        if (args.length != 1) {
            System.err.println("usage: lexicor weigh FILE.json");
            System.exit(UNUSABLE);
        }
        Path file = Path.of(args[0]);
        try {
            if (Files.size(file) > MAX_BYTES) {
                System.err.println(file + ": larger than 64 MiB, which no case is");
                System.exit(UNUSABLE);
            }
            System.out.println(
                    WeighFile.answer(file.toString(), Files.readString(file)).toPrettyString());
        } catch (InvalidDocumentException e) {
            System.err.println(e.getMessage());
            System.exit(UNUSABLE);
        } catch (MalformedInputException e) {
            System.err.println(file + ": not text in UTF-8; expected a JSON object");
            System.exit(UNUSABLE);
        } catch (IOException e) {
            System.err.println(file + ": cannot be read; is the name right?");
            System.exit(UNUSABLE);
        }
    }
}
