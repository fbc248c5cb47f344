package lexicor.server;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import java.util.function.Consumer;
import lexicor.server.Caller.Answer;
import lexicor.server.maintenance.DatabaseKey;
import lexicor.server.signin.FirstLead;
import lexicor.server.start.LexicorServer;
import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.util.FileSystemUtils;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * The real application on a free port with a database of its own, for the tests of one class, or shared by those that
 * only look.
 */
public final class Running implements BeforeAllCallback, AfterAllCallback {
    private static final Path ROOT = Path.of(System.getProperty("lexicor.packs", "../packs"))
            .toAbsolutePath()
            .normalize()
            .getParent();

    private static final String LEAD = "heron";
    private static final String MADE_UP = "demo-year";
    static final String PASSWORD = "seven gulls on a wet bollard";

    private static final FirstRecords DEMO = new FirstRecords();
    private static final FirstRecords EMPTY = new FirstRecords();
    private static final FirstRecords YEAR = new FirstRecords();
    private static final Running SHARED = demo();

    private final Caller caller = new Caller(this::url);
    private final boolean demo;
    private final String stored;
    private final Map<String, String> settings = new LinkedHashMap<>();
    private ConfigurableApplicationContext context;
    private Path folder;
    private Path data;

    private Running(boolean demo, String stored) {
        this.demo = demo;
        this.stored = stored;
    }

    /** On an empty database. */
    public static Running empty() {
        return new Running(false, "");
    }

    /** With a setting of its own. */
    Running with(String setting, String value) {
        settings.put(setting, value);
        return this;
    }

    /** With the demo clinic's cases. */
    public static Running demo() {
        return new Running(true, "");
    }

    /** With the demo clinic's cases, and so many of its year before. */
    static Running demoYear(int cases) {
        return demo().with(MADE_UP, Integer.toString(cases));
    }

    /** With the demo clinic's cases, for tests that change nothing: started once for all of them. */
    static Running shared() {
        return SHARED;
    }

    /** On an empty database in a folder that is there already. */
    static Running at(Path data) {
        Running running = new Running(false, "");
        running.data = data;
        return running;
    }

    /** On a copy of a database file that an earlier version wrote, from the test's resources. */
    static Running on(String stored) {
        return new Running(false, stored);
    }

    @Override
    public void beforeAll(ExtensionContext test) throws IOException {
        if (this == SHARED) {
            ExtensionContext.Store kept = test.getRoot().getStore(ExtensionContext.Namespace.GLOBAL);
            if (kept.get(Running.class) == null) {
                open();
                AutoCloseable closing = this::close;
                kept.put(Running.class, closing);
            }
        } else {
            open();
        }
    }

    private void open() throws IOException {
        folder = Files.createTempDirectory("lexicor-test");
        boolean isNew = data == null && stored.isEmpty();
        data = data == null ? folder.resolve("data") : data;
        Files.createDirectories(data);
        if (isNew) {
            first().copyInto(data);
        }
        if (!stored.isEmpty()) {
            try (InputStream file = Running.class.getResourceAsStream(stored)) {
                Files.copy(file, data.resolve("lexicor.mv.db"));
            }
            copyKey(stored.replace(".mv.db", ".key"));
        }
        start();
        awaitYear();
        if (isNew) {
            first().keep(context.getBean(JdbcTemplate.class), data);
        }
        signIn();
    }

    private FirstRecords first() {
        return isYear() ? YEAR : demo ? DEMO : EMPTY;
    }

    private boolean isYear() {
        return !"0".equals(settings.getOrDefault(MADE_UP, "0"));
    }

    /** The year before is made beside whoever looks around; a test wants all of it. */
    private void awaitYear() {
        long wanted = Long.parseLong(settings.get(MADE_UP));
        while (demo && count("select count(*) from examination_case where simulated and second_of is null") < wanted) {
            LockSupport.parkNanos(TimeUnit.MILLISECONDS.toNanos(100));
        }
    }

    /** Files from before there was encryption have none. */
    private void copyKey(String stored) throws IOException {
        try (InputStream key = Running.class.getResourceAsStream(stored)) {
            if (key != null) {
                Path file = DatabaseKey.file("", data);
                Files.copy(key, file);
                Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-------"));
            }
        }
    }

    @Override
    public void afterAll(ExtensionContext test) throws IOException {
        if (this != SHARED) {
            close();
        }
    }

    private void close() throws IOException {
        context.close();
        FileSystemUtils.deleteRecursively(folder);
    }

    private void start() {
        settings.put("data", data.toString());
        settings.put("port", "0");
        settings.put("packs", ROOT.resolve("packs").toString());
        settings.put("demo", demo ? ROOT.resolve("demo").toString() : "");
        settings.putIfAbsent(MADE_UP, "0");
        settings.putIfAbsent("requests-per-second", "10000");
        settings.putIfAbsent("hash-memory-kb", "1024");
        context = SpringApplication.run(
                LexicorServer.class,
                settings.entrySet().stream()
                        .map(s -> "--lexicor." + s.getKey() + "=" + s.getValue())
                        .toArray(String[]::new));
    }

    /** As the lead of the department, who may do everything but read another's case. */
    private void signIn() {
        context.getBean(FirstLead.class).token().ifPresentOrElse(this::createLead, () -> {
            if (demo) {
                caller.signInToDemo(LEAD);
            } else {
                caller.signIn(LEAD, PASSWORD);
            }
        });
    }

    private void createLead(String token) {
        caller.post(
                "/api/session/first-lead",
                "{\"token\":\"%s\",\"name\":\"%s\",\"password\":\"%s\"}".formatted(token, LEAD, PASSWORD));
    }

    /** Stops it; what was stored stays until the test ends. */
    void stop() {
        context.close();
    }

    /** Stops and starts again on the same data. */
    public void restart() {
        context.close();
        start();
        signIn();
    }

    Path data() {
        return data;
    }

    public String url(String path) {
        return "http://localhost:" + context.getEnvironment().getProperty("local.server.port") + path;
    }

    static Path root() {
        return ROOT;
    }

    /** Somebody else at another browser, not signed in yet. */
    Caller anotherCaller() {
        return new Caller(this::url);
    }

    /** The one who is signed in from the start. */
    Caller caller() {
        return caller;
    }

    /** Posts as a command of this machine does, by the word it found beside the records. */
    int postAs(String word, String path, String body) {
        return caller.postAs(word, path, body);
    }

    /** A part of the program, for what no request can bring about. */
    public <T> T part(Class<T> type) {
        return context.getBean(type);
    }

    public long count(String query) {
        return context.getBean(JdbcTemplate.class).queryForObject(query, Long.class);
    }

    public Answer get(String path) {
        return caller.get(path);
    }

    public Answer post(String path, String body) {
        return caller.post(path, body);
    }

    public Answer put(String path, String body) {
        return caller.put(path, body);
    }

    /** Stores a case's intake with something in it changed. */
    public Answer intake(String at, Consumer<ObjectNode> change) {
        JsonNode view = get(at).body();
        ObjectNode intake = view.get("intake").deepCopy().asObject();
        change.accept(intake);
        ObjectNode body = JsonMapper.shared().createObjectNode();
        body.set("version", view.get("version"));
        body.set("intake", intake);
        return put(at + "/intake", body.toString());
    }

    public Answer delete(String path) {
        return caller.delete(path);
    }
}
