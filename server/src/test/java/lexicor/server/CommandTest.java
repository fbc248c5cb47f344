package lexicor.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import lexicor.server.command.WeighCommand;
import lexicor.server.start.LexicorServer;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The programs as a shell sees them: what they print where, and how they end. */
@Tag("slow")
class CommandTest {
    @TempDir
    Path folder;

    /** How a program ended and what it said. */
    record Ended(int status, String out, String err) {}

    @Test
    void weighPrintsTheResultAndNothingElse() throws Exception {
        Ended ended = weigh("{\"pool\":[{\"tp\":18,\"fn\":7,\"fp\":0,\"tn\":31}]}".getBytes(StandardCharsets.UTF_8));
        assertThat(ended.status).isZero();
        assertThat(ended.out).startsWith("{").contains("\"method\" : \"study\"");
        assertThat(ended.err).isEmpty();
    }

    @Test
    void whatCannotBeWeighedSaysWhyOnStandardErrorAlone() throws Exception {
        byte[] noise = new byte[10 << 20];
        new Random(4).nextBytes(noise);
        byte[] unknown =
                "{\"pool\":[{\"tp\":1,\"fn\":1,\"fp\":1,\"tn\":1,\"sex\":\"f\"}]}".getBytes(StandardCharsets.UTF_8);
        for (byte[] content : List.of(new byte[0], noise, unknown)) {
            Ended ended = weigh(content);
            assertThat(ended.status).isEqualTo(2);
            assertThat(ended.out).isEmpty();
            assertThat(ended.err).contains("case.json").doesNotContain("\tat ");
        }
        assertThat(weigh(unknown).err).contains("pool[0].sex: unknown key");
        assertThat(run(
                                WeighCommand.class,
                                List.of(),
                                folder.resolve("missing.json").toString())
                        .err)
                .contains("cannot be read");
    }

    @Test
    void aDatabaseInUseAndPacksWithAFaultAreSaidInAFewWords() throws Exception {
        Path packs = folder.resolve("empty");
        Files.createDirectories(packs);
        Ended noPacks = run(
                LexicorServer.class,
                List.of(
                        "-Dlexicor.data=" + folder.resolve("a"),
                        "-Dlexicor.port=0",
                        "-Dlexicor.packs=" + folder.resolve("none")));
        assertThat(noPacks.status).isEqualTo(1);
        assertThat(noPacks.err)
                .contains("Lexicor did not start: the packs cannot be used")
                .doesNotContain("\tat ");

        Running running = Running.empty();
        running.beforeAll(null);
        try {
            Ended inUse = run(
                    LexicorServer.class,
                    List.of(
                            "-Dlexicor.data=" + running.data(),
                            "-Dlexicor.port=0",
                            "-Dlexicor.packs=" + Running.root().resolve("packs")));
            assertThat(inUse.status).isEqualTo(1);
            assertThat(inUse.err.strip())
                    .isEqualTo("Lexicor did not start: the folder " + running.data()
                            + " is in use by another Lexicor. Stop that one, or choose another folder with --data.");
            assertThat(inUse.out).as("said before").isEmpty();
        } finally {
            running.afterAll(null);
        }
    }

    private Ended weigh(byte[] content) throws Exception {
        Path file = folder.resolve("case.json");
        Files.write(file, content);
        return run(WeighCommand.class, List.of(), file.toString());
    }

    /** Starts the server on records that it cannot use. */
    static String startAndFail(Path folder, Path data) throws Exception {
        return run(
                        folder,
                        LexicorServer.class,
                        List.of(
                                "-Dlexicor.data=" + data,
                                "-Dlexicor.port=0",
                                "-Dlexicor.packs=" + Running.root().resolve("packs")))
                .err;
    }

    private Ended run(Class<?> program, List<String> properties, String... arguments) throws Exception {
        return run(folder, program, properties, arguments);
    }

    /** Runs a program of its own to its end. */
    static Ended run(Path folder, Class<?> program, List<String> properties, String... arguments) throws Exception {
        Path out = Files.createTempFile(folder, "out", "");
        Path err = Files.createTempFile(folder, "err", "");
        List<String> command = new ArrayList<>();
        command.add(ProcessHandle.current().info().command().orElse("java"));
        command.addAll(List.of("-XX:TieredStopAtLevel=1", "-XX:+UseSerialGC"));
        command.addAll(properties);
        command.addAll(List.of("-cp", System.getProperty("java.class.path"), program.getName()));
        command.addAll(List.of(arguments));
        Process process = new ProcessBuilder(command)
                .redirectOutput(out.toFile())
                .redirectError(err.toFile())
                .start();
        if (!process.waitFor(120, TimeUnit.SECONDS)) {
            process.destroyForcibly();
            throw new IOException("did not end: " + command);
        }
        return new Ended(process.exitValue(), Files.readString(out), Files.readString(err));
    }
}
