package lexicor.bench.server;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.lang.management.ManagementFactory;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** The built server on a free port, as {@code ./lexicor start} runs it. */
final class ServerProcess implements AutoCloseable {
    private static final int LONGEST_CLOSING_MINUTES = 2;
    private static final String READY = "Lexicor is ready at ";
    private static final String FIRST_LEAD = "/first-lead#";

    private final Process process;
    private final String url;
    private final String token;

    private ServerProcess(Process process, String url, String token) {
        this.process = process;
        this.url = url;
        this.token = token;
    }

    /**
     * @param root the project's folder, where the server was built
     * @param properties further settings, {@code name=value}
     */
    static ServerProcess start(Path root, Path data, String... properties) throws IOException {
        Path target = root.resolve("server/target");
        Files.createDirectories(data);
        List<String> command = new ArrayList<>(List.of("java", "-XX:+UseSerialGC"));
        Path classes = target.resolve("classes.jsa");
        if (Files.exists(classes)) {
            command.addAll(List.of("-XX:SharedArchiveFile=" + classes, "-Xshare:auto", "-Xlog:cds=off"));
        }
        // As thoroughly compiled as whoever starts it: short runs are over before the thorough compiler pays.
        ManagementFactory.getRuntimeMXBean().getInputArguments().stream()
                .filter(a -> a.startsWith("-XX:TieredStopAtLevel"))
                .forEach(command::add);
        command.addAll(
                List.of("-Dlexicor.data=" + data, "-Dlexicor.port=0", "-Dlexicor.packs=" + root.resolve("packs")));
        for (String property : properties) {
            command.add("-D" + property);
        }
        command.addAll(List.of("-cp", target.resolve("lexicor.jar").toString(), "lexicor.server.start.LexicorServer"));
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        BufferedReader out = new BufferedReader(new InputStreamReader(process.getInputStream()));
        StringBuilder said = new StringBuilder();
        String token = "";
        for (String line = out.readLine(); line != null; line = out.readLine()) {
            said.append(line).append('\n');
            if (line.contains(FIRST_LEAD)) {
                token = line.substring(line.indexOf(FIRST_LEAD) + FIRST_LEAD.length());
            }
            if (line.startsWith(READY)) {
                String url = line.substring(READY.length()).split(" ")[0];
                drain(out);
                return new ServerProcess(process, url, token);
            }
        }
        throw new IOException("the server did not start: " + said);
    }

    private static void drain(BufferedReader out) {
        Thread reader = new Thread(
                () -> {
                    try {
                        for (String line = out.readLine(); line != null; line = out.readLine()) {
                            System.err.println("server: " + line);
                        }
                    } catch (IOException e) {
                        // The process has ended; there is nothing more to read.
                        return;
                    }
                },
                "server-output");
        reader.setDaemon(true);
        reader.start();
    }

    String url() {
        return url;
    }

    /** What makes the first lead; empty where there is one. */
    String token() {
        return token;
    }

    /** Memory that the process holds, in megabytes. */
    double residentMegabytes() {
        try {
            for (String line : Files.readAllLines(Path.of("/proc/" + process.pid() + "/status"))) {
                if (line.startsWith("VmRSS:")) {
                    return Double.parseDouble(line.replaceAll("[^0-9]", "")) / 1024;
                }
            }
            return Double.NaN;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Ends it as a power cut would. */
    void kill() throws InterruptedException {
        process.destroyForcibly().waitFor();
    }

    /** Ends it as somebody who stops it, and waits until it has let go of its records. */
    @Override
    public void close() {
        process.destroy();
        try {
            process.waitFor(LONGEST_CLOSING_MINUTES, TimeUnit.MINUTES);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
