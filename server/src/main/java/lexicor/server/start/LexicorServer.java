package lexicor.server.start;

import java.nio.file.Path;
import java.sql.SQLException;
import java.util.Optional;
import java.util.Set;
import lexicor.core.document.InvalidDocumentException;
import lexicor.server.catalogue.PacksAhead;
import lexicor.server.maintenance.DataLock;
import lexicor.server.maintenance.UnusableDataException;
import lexicor.server.signin.FirstLead;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.persistence.autoconfigure.EntityScan;
import org.springframework.boot.web.server.PortInUseException;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.data.jpa.repository.config.EnableJpaRepositories;
import org.springframework.scheduling.annotation.EnableScheduling;

/** The server. Settings: {@code lexicor.data}, {@code lexicor.port}, {@code lexicor.packs}, {@code lexicor.demo}. */
@SpringBootApplication(scanBasePackages = "lexicor.server")
@EnableScheduling
@EntityScan("lexicor.server")
@EnableJpaRepositories("lexicor.server")
public class LexicorServer {
    private static final int FAILED = 1;
    /** The database's own codes: file corrupted, wrong key or no such cipher, error of the file system. */
    private static final Set<Integer> CANNOT_BE_OPENED = Set.of(90030, 90049, 90031, 50000);

    public static void main(String[] args) {
        try {
            Optional.ofNullable(System.getProperty("lexicor.data"))
                    .map(Path::of)
                    .ifPresent(DataLock::probe);
            Optional.ofNullable(System.getProperty("lexicor.packs"))
                    .map(Path::of)
                    .ifPresent(PacksAhead::begin);
            ConfigurableApplicationContext context = SpringApplication.run(LexicorServer.class, args);
            String port = context.getEnvironment().getProperty("local.server.port");
            context.getBean(FirstLead.class)
                    .token()
                    .ifPresent(token -> System.out.println("Nobody has an account yet. Make the first lead, once, at "
                            + "http://localhost:" + port + "/first-lead#" + token));
            System.out.println("Lexicor is ready at http://localhost:" + port + "  (stop it with Ctrl+C)");
        } catch (RuntimeException e) {
            System.err.println("Lexicor did not start: " + reason(e));
            System.exit(FAILED);
        }
    }

    /** What went wrong and what to do about it, for whoever starts the program. */
    static String reason(Throwable thrown) {
        for (Throwable t = thrown; t != null; t = t.getCause()) {
            if (t instanceof PortInUseException port) {
                return "port " + port.getPort() + " is taken. Stop the other program, or choose a port with --port.";
            }
            if (t instanceof UnusableDataException unusable) {
                return unusable.getMessage();
            }
            if (t instanceof SQLException sql && CANNOT_BE_OPENED.contains(sql.getErrorCode())) {
                return "the records do not open: the file is damaged, or the key is another one."
                        + " If the key is right, bring a backup back: ./lexicor restore FILE --data NEWFOLDER."
                        + " Nightly ones are in the folder's own folder backups.";
            }
            if (t instanceof InvalidDocumentException invalid) {
                return "the packs cannot be used.\n" + invalid.getMessage();
            }
            String message = String.valueOf(t.getMessage());
            if (message.contains("Database may be already in use")) {
                return "the database is in use by another Lexicor. Stop that one, or choose another folder with --data.";
            }
            if (message.contains("Address already in use")) {
                return "the port is taken. Stop the other program, or choose a port with --port.";
            }
        }
        return thrown.getMessage();
    }
}
