package lexicor.server.build;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Properties;

/** Which Lexicor this is. */
public final class Build {
    private static final String VERSION = read();

    private Build() {}

    /** As the build says, for example 1.0.0. */
    public static String version() {
        return VERSION;
    }

    private static String read() {
        try (InputStream file = Build.class.getResourceAsStream("/build.properties")) {
            Properties build = new Properties();
            build.load(file);
            return build.getProperty("version");
        } catch (IOException e) {
            throw new UncheckedIOException("build.properties is missing from the program", e);
        }
    }
}
