package lexicor.server.maintenance;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/**
 * Held by the one program that uses a data folder, for as long as it lives: a second one is told before it does anything else.
 * However the first ends, the system lets the lock go with it.
 */
public final class DataLock implements AutoCloseable {
    private static final String NAME = "lexicor.lock";

    private final FileChannel channel;

    private DataLock(FileChannel channel) {
        this.channel = channel;
    }

    /**
     * Looks before anything else is begun.
     *
     * @throws UnusableDataException as taking it would
     */
    public static void probe(Path data) {
        take(data).close();
    }

    /** @throws UnusableDataException if another holds it, or the folder cannot be used */
    public static DataLock take(Path data) {
        try {
            Files.createDirectories(data);
            FileChannel channel =
                    FileChannel.open(data.resolve(NAME), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            FileLock lock = tried(channel);
            if (lock == null) {
                channel.close();
                throw new UnusableDataException("the folder " + data
                        + " is in use by another Lexicor. Stop that one, or" + " choose another folder with --data.");
            }
            return new DataLock(channel);
        } catch (IOException e) {
            throw new UnusableDataException("the folder " + data + " cannot be read or written.");
        }
    }

    private static FileLock tried(FileChannel channel) throws IOException {
        try {
            return channel.tryLock();
        } catch (OverlappingFileLockException e) {
            return null;
        }
    }

    @Override
    public void close() {
        try {
            channel.close();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
