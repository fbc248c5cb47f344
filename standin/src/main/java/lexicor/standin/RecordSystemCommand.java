package lexicor.standin;

import java.io.IOException;

/** {@code record-system PORT}: a stand-in for a clinic's record system, until it is stopped. */
public final class RecordSystemCommand {
    private RecordSystemCommand() {}

    public static void main(String[] args) throws InterruptedException {
        try (RecordSystem system = RecordSystem.start(Integer.parseInt(args[0]))) {
            System.out.println("The stand-in for a record system takes documents at " + system.address());
            System.out.println("It behaves as told by POST /mode/ok, /mode/slow, /mode/full or /mode/down.");
            Thread.currentThread().join();
        } catch (IOException e) {
            System.err.println("Port " + args[0] + " cannot be used: " + e.getMessage());
            System.exit(1);
        }
    }
}
