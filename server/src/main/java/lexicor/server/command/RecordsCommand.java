package lexicor.server.command;

import java.io.IOException;
import java.net.ConnectException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import lexicor.server.maintenance.BackupFile;
import lexicor.server.maintenance.DatabaseFile;
import lexicor.server.maintenance.DatabaseKey;
import lexicor.server.maintenance.RunFile;
import lexicor.server.maintenance.UnusableDataException;
import tools.jackson.databind.json.JsonMapper;

/** {@code backup FILE DIR} and {@code restore FILE DIR}. A key file other than the usual one comes as {@code lexicor.key-file}. */
public final class RecordsCommand {
    private static final int NO_CONTENT = 204;
    private static final int FAILED = 1;

    private RecordsCommand() {}

    public static void main(String[] args) throws InterruptedException {
        Path file = Path.of(args[1]).toAbsolutePath().normalize();
        Path data = Path.of(args[2]).toAbsolutePath().normalize();
        try {
            if (args[0].equals("backup")) {
                backup(file, data);
                System.out.println("Wrote " + file + ". It opens with the key of these records and no other.");
            } else {
                long cases = BackupFile.restore(file, data, key(data));
                System.out.println("Restored " + cases + " cases into " + data + ".");
            }
        } catch (UnusableDataException e) {
            System.err.println("lexicor: " + e.getMessage());
            System.exit(FAILED);
        } catch (IOException e) {
            System.err.println("lexicor: " + file + " cannot be written; is the disk full or the folder read-only?");
            System.exit(FAILED);
        }
    }

    private static void backup(Path file, Path data) throws IOException, InterruptedException {
        if (!Files.exists(DatabaseFile.in(data))) {
            throw new UnusableDataException("there are no records in " + data + ".");
        }
        Optional<RunFile.Running> running = RunFile.in(data);
        if (running.isPresent() && asked(running.get(), file)) {
            return;
        }
        BackupFile.ofClosed(data, key(data), file);
    }

    /** Whether the program that says it runs made the backup; false if it is gone. */
    private static boolean asked(RunFile.Running running, Path file) throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(
                        URI.create("http://localhost:" + running.port() + "/api/maintenance/backup"))
                .header("authorization", "Bearer " + running.word())
                .header("content-type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(JsonMapper.shared()
                        .createObjectNode()
                        .put("file", file.toString())
                        .toString()))
                .build();
        try {
            HttpResponse<String> answer =
                    HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofString());
            if (answer.statusCode() != NO_CONTENT) {
                throw new UnusableDataException("the running Lexicor did not make it: " + answer.body());
            }
            return true;
        } catch (ConnectException e) {
            return false;
        }
    }

    private static String key(Path data) {
        return DatabaseKey.read(
                System.getenv(DatabaseKey.VARIABLE),
                DatabaseKey.file(System.getProperty("lexicor.key-file", ""), data),
                false);
    }
}
