package lexicor.server.command;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import lexicor.server.devices.SimulatedDevice;
import lexicor.server.maintenance.RunFile;

/** Runs a simulated device as a program of its own beside a running server: {@code device KIND DIR}. */
public final class DeviceCommand {
    private static final int TRIALS = 3;
    private static final double TARGET = 80;
    private static final double REAL_TIME = 1;
    private static final int FAILED = 1;

    private DeviceCommand() {}

    public static void main(String[] args) throws InterruptedException {
        Optional<RunFile.Running> running = RunFile.in(Path.of(args[1]));
        if (running.isEmpty()) {
            System.err.println(
                    "lexicor: no Lexicor is running on " + args[1] + ". Start it, or name its folder with --data.");
            System.exit(FAILED);
        }
        String server = "http://localhost:" + running.get().port();
        try {
            new SimulatedDevice(
                            server, "simulated-" + args[0] + "-2", running.get().word())
                    .run(args[0], TRIALS, TARGET, REAL_TIME, false, System.nanoTime());
        } catch (IOException e) {
            System.err.println("lexicor: the server at " + server + " did not take it: " + e.getMessage());
            System.exit(FAILED);
        }
    }
}
