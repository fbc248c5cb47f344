package lexicor.server.start;

import lexicor.core.document.InvalidDocumentException;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.persistence.autoconfigure.EntityScan;
import org.springframework.boot.web.server.PortInUseException;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.data.jpa.repository.config.EnableJpaRepositories;

/** The server. Settings: {@code lexicor.data}, {@code lexicor.port}, {@code lexicor.packs}, {@code lexicor.demo}. */
@SpringBootApplication(scanBasePackages = "lexicor.server")
@EntityScan("lexicor.server")
@EnableJpaRepositories("lexicor.server")
public class LexicorServer {
    private static final int FAILED = 1;

    public static void main(String[] args) {
        try {
            ConfigurableApplicationContext context = SpringApplication.run(LexicorServer.class, args);
            String port = context.getEnvironment().getProperty("local.server.port");
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
