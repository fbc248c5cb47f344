package lexicor.server.maintenance;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Beside the records while the program runs: where it listens, and a word that lets commands of this machine in. Only the
 * owner of the folder can read it.
 */
@Component
public class RunFile {
    private static final String NAME = "lexicor.run";
    private static final int BYTES = 24;

    private final Path file;
    private final String word;

    RunFile(@Value("${lexicor.data}") Path data) {
        this.file = data.resolve(NAME);
        byte[] random = new byte[BYTES];
        new SecureRandom().nextBytes(random);
        this.word = Base64.getUrlEncoder().withoutPadding().encodeToString(random);
    }

    /** A program that runs. */
    public record Running(int port, String word) {}

    public String word() {
        return word;
    }

    @EventListener
    void begin(ApplicationReadyEvent ready) throws IOException {
        String port = ready.getApplicationContext().getEnvironment().getProperty("local.server.port");
        Files.deleteIfExists(file);
        Files.createFile(file, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
        Files.writeString(file, port + " " + word + "\n");
    }

    @EventListener
    void end(ContextClosedEvent closed) throws IOException {
        Files.deleteIfExists(file);
    }

    /** The program that uses the folder; empty if none says so. One that was killed may have left its file. */
    public static Optional<Running> in(Path data) {
        try {
            String[] parts = Files.readString(data.resolve(NAME)).strip().split(" ");
            return Optional.of(new Running(Integer.parseInt(parts[0]), parts[1]));
        } catch (IOException | RuntimeException e) {
            return Optional.empty();
        }
    }
}
