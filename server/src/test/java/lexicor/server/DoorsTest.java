package lexicor.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.BiPredicate;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** Every endpoint of the API's own description, asked by every role and by nobody. */
@Tag("slow")
class DoorsTest {
    @RegisterExtension
    static final Running LEXICOR = Running.empty();

    private static final Set<String> EVERYBODY = Set.of("lead", "clinician", "student", "auditor");
    private static final Set<String> KEEPS_CASES = Set.of("lead", "clinician");
    private static final Map<String, Caller> CALLERS = new LinkedHashMap<>();
    private static Caller locked;

    /** Who may call what, in words of its own; the first that fits counts. */
    private record Rule(BiPredicate<String, String> fits, Set<String> roles, boolean alsoNobody) {}

    private static final List<Rule> RULES = List.of(
            rule((m, p) -> p.matches("/api/session/(pin|password|everywhere|alive|second-factor.*)"), EVERYBODY),
            new Rule((m, p) -> p.startsWith("/api/session"), EVERYBODY, true),
            rule((m, p) -> p.startsWith("/api/maintenance") || p.endsWith("/lines"), Set.of()),
            rule(
                    (m, p) -> m.equals("GET")
                            && Set.of("/api/catalogue", "/api/figures", "/api/settings", "/api/settings/since")
                                    .contains(p),
                    EVERYBODY),
            rule((m, p) -> p.matches("/api/(settings|people|deleted-cases).*"), Set.of("lead")),
            rule((m, p) -> m.equals("GET") && p.startsWith("/api/evidence"), EVERYBODY),
            rule((m, p) -> p.matches("/api/evidence/(design|figures/preview)"), KEEPS_CASES),
            rule((m, p) -> p.startsWith("/api/evidence"), Set.of("lead")),
            rule(
                    (m, p) -> m.equals("GET") && (p.startsWith("/api/history") || p.endsWith("/history")),
                    Set.of("lead", "clinician", "auditor")),
            rule(
                    (m, p) -> p.startsWith("/api/practice/students")
                            || !m.equals("GET") && p.matches("/api/practice/(stations(/[^/]+)?|rounds.*)"),
                    Set.of("lead")),
            rule(
                    (m, p) -> m.equals("POST") && p.startsWith("/api/outcomes") || p.equals("/api/outcomes/review"),
                    Set.of("lead")),
            rule((m, p) -> p.startsWith("/api/practice"), Set.of("lead", "clinician", "student")),
            rule((m, p) -> p.startsWith("/api/"), KEEPS_CASES));

    private static Rule rule(BiPredicate<String, String> fits, Set<String> roles) {
        return new Rule(fits, roles, false);
    }

    @BeforeAll
    static void peopleOfEveryRole() {
        CALLERS.put("lead", LEXICOR.caller());
        for (String role : List.of("clinician", "student", "auditor")) {
            CALLERS.put(role, Accounts.in(LEXICOR, "a-" + role, role));
        }
    }

    @BeforeEach
    void lockAScreen() {
        locked = LEXICOR.anotherCaller();
        locked.signIn("heron", Running.PASSWORD);
        assertThat(locked.post("/api/session/lock", "{}").status()).isEqualTo(200);
    }

    @Test
    void everyEndpointLetsInExactlyWhoMayCallIt() {
        List<String> wrong = new ArrayList<>();
        int asked = 0;
        for (Map.Entry<String, JsonNode> path :
                LEXICOR.get("/v3/api-docs").body().get("paths").properties()) {
            for (Map.Entry<String, JsonNode> operation : path.getValue().properties()) {
                String method = operation.getKey().toUpperCase(Locale.ROOT);
                // These two end or hold open what the others are asked with; both are asked below and elsewhere.
                if (path.getKey().endsWith("/events")
                        || Set.of(
                                        "DELETE /api/session",
                                        "POST /api/session/everywhere",
                                        "POST /api/session/lock",
                                        "POST /api/session/unlock")
                                .contains(method + " " + path.getKey())) {
                    continue;
                }
                asked++;
                Rule rule = RULES.stream()
                        .filter(r -> r.fits().test(method, path.getKey()))
                        .findFirst()
                        .orElseThrow(() -> new AssertionError("no rule for " + path.getKey()));
                wrong.addAll(misjudged(method, path.getKey(), rule));
            }
        }
        assertThat(wrong).isEmpty();
        assertThat(asked).isGreaterThan(40);
    }

    /** Other ways to write the address, which a careless filter and a careful router might take for different things. */
    private static List<String> otherwise(String address) {
        int last = address.lastIndexOf('/');
        String encoded = "/%" + Integer.toHexString(address.charAt(1)) + address.substring(2);
        String end = address.substring(0, last) + "/%" + Integer.toHexString(address.charAt(last + 1))
                + address.substring(last + 2);
        return List.of(
                encoded,
                end,
                "/" + address,
                address.substring(0, last) + "/" + address.substring(last),
                "/." + address,
                "/x/.." + address,
                "/%2e" + address,
                address.replaceFirst("/api", "/api;x=1"),
                address + ";x=1",
                address + "/",
                address.toUpperCase(Locale.ROOT),
                address.replaceFirst("/api", "/Api"));
    }

    private static List<String> letThrough(String method, String address, String who, Caller caller) {
        return otherwise(address).stream()
                .map(a -> a + " " + caller.send(a, method, "").status())
                .filter(a -> !a.matches(".* (400|401|403)"))
                .map(a -> method + " " + a + " by " + who)
                .toList();
    }

    private static List<String> misjudged(String method, String path, Rule rule) {
        List<String> wrong = new ArrayList<>();
        // Nothing that is there and nothing that would be taken: a wrong one is refused behind the door, not at it.
        String address = path.replaceAll("\\{[a-z]+}", "0");
        // Whoever may do most, and those who may do nothing: nobody between them comes further.
        wrong.addAll(letThrough(method, address, "lead", LEXICOR.caller()));
        wrong.addAll(letThrough(method, address, "a locked screen", locked));
        int whileLocked = locked.send(address, method, "").status();
        boolean open = rule.alsoNobody() || rule.roles().isEmpty();
        if (!open && whileLocked != 423) {
            wrong.add(method + " " + path + " by a locked screen: " + whileLocked);
        }
        Caller nobody = LEXICOR.anotherCaller();
        wrong.addAll(letThrough(method, address, "nobody", nobody));
        int status = nobody.send(address, method, "").status();
        boolean ownProof = rule.roles().isEmpty();
        if (!rule.alsoNobody() && status != 401) {
            wrong.add(method + " " + path + " by nobody: " + status);
        }
        CALLERS.forEach((role, caller) -> {
            int answered = caller.send(address, method, "").status();
            boolean in = answered != 401 && answered != 403;
            boolean sessionWithoutPassword = path.equals("/api/session") && method.equals("POST");
            if (in != rule.roles().contains(role) && !sessionWithoutPassword && !(ownProof && answered == 403)) {
                wrong.add(method + " " + path + " by " + role + ": " + answered);
            }
        });
        return wrong;
    }

    @Test
    void aCaseIsThereForItsExaminerAndThoseItIsSharedWithAlone() {
        Caller examiner = Accounts.in(LEXICOR, "examiner", "clinician");
        Caller other = Accounts.in(LEXICOR, "other", "clinician");
        JsonNode made = examiner.post("/api/cases", "{\"complaint\":\"shoulder-pain\",\"involvedSide\":\"left\"}")
                .body();
        String code = "/api/cases/" + made.get("code").asString();
        List<String> reads = List.of("", "/taps", "/weighed", "/weigh-file", "/measures", "/visits", "/history");
        for (Caller stranger : List.of(other, LEXICOR.caller())) {
            for (String path : reads) {
                assertThat(stranger.get(code + path).status()).as(path).isEqualTo(404);
            }
            assertThat(stranger.get("/api/cases").body().toString())
                    .doesNotContain(made.get("code").asString());
            assertThat(stranger.put(code + "/sharing", sharing(made, "other", ""))
                            .status())
                    .isEqualTo(404);
        }
        assertThat(CALLERS.get("auditor").get(code + "/history").status()).isEqualTo(200);

        JsonNode shared = examiner.put(code + "/sharing", sharing(made, "examiner", "\"other\""))
                .body();
        assertThat(other.get(code).status()).isEqualTo(200);
        assertThat(other.put(code + "/sharing", sharing(shared, "other", "")).status())
                .isEqualTo(403);

        JsonNode settings = LEXICOR.get("/api/settings").body();
        LEXICOR.put("/api/settings", settings.toString().replace("\"shareAll\":false", "\"shareAll\":true"));
        assertThat(LEXICOR.get(code).status()).isEqualTo(200);
        settings = LEXICOR.get("/api/settings").body();
        LEXICOR.put("/api/settings", settings.toString().replace("\"shareAll\":true", "\"shareAll\":false"));
        assertThat(LEXICOR.get(code).status()).isEqualTo(404);
    }

    private static String sharing(JsonNode view, String owner, String shares) {
        return "{\"version\":%s,\"owner\":\"%s\",\"shares\":[%s]}".formatted(view.get("version"), owner, shares);
    }

    @Test
    void aChangeThatDoesNotComeFromThePageIsRefused() throws IOException, InterruptedException {
        HttpResponse<String> answer = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(LEXICOR.url("/api/cases")))
                                .header("content-type", "application/json")
                                .header("cookie", LEXICOR.caller().cookieHeader())
                                .POST(HttpRequest.BodyPublishers.ofString(
                                        "{\"complaint\":\"shoulder-pain\",\"involvedSide\":\"left\"}"))
                                .build(),
                        HttpResponse.BodyHandlers.ofString());
        assertThat(answer.statusCode()).isEqualTo(403);
        assertThat(answer.body()).contains("does not come from a page of Lexicor");
    }

    @Test
    void everyAnswerCarriesTheHeadersAndTheCookieIsCloseKept() throws IOException, InterruptedException {
        HttpResponse<String> page = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(LEXICOR.url("/api/session")))
                                .POST(HttpRequest.BodyPublishers.noBody())
                                .build(),
                        HttpResponse.BodyHandlers.ofString());
        assertThat(page.headers().firstValue("content-security-policy").orElse(""))
                .contains("default-src 'none'", "script-src 'self';", "frame-ancestors 'none'");
        assertThat(page.headers().firstValue("x-content-type-options")).contains("nosniff");
        assertThat(page.headers().firstValue("referrer-policy")).contains("no-referrer");
        assertThat(page.headers().firstValue("cache-control").orElse("")).contains("no-store");
        Caller caller = LEXICOR.anotherCaller();
        caller.get("/api/session");
        HttpResponse<String> signedIn = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(LEXICOR.url("/api/session")))
                                .header("content-type", "application/json")
                                .header("cookie", "XSRF-TOKEN=" + caller.cookie("XSRF-TOKEN"))
                                .header("x-xsrf-token", caller.cookie("XSRF-TOKEN"))
                                .POST(HttpRequest.BodyPublishers.ofString(
                                        "{\"name\":\"heron\",\"password\":\"" + Running.PASSWORD + "\"}"))
                                .build(),
                        HttpResponse.BodyHandlers.ofString());
        assertThat(signedIn.headers().allValues("set-cookie"))
                .anySatisfy(c -> assertThat(c).startsWith("LEXICOR=").contains("HttpOnly", "SameSite=Strict"));
    }

    @Test
    void whatIsNotListedIsClosedToEverybodyAndThePageIsOpen() {
        for (String open : List.of("/", "/index.html", "/cases/HB-001/couch", "/evidence/pair", "/actuator/health")) {
            assertThat(LEXICOR.anotherCaller().get(open).status()).as(open).isEqualTo(200);
        }
        for (String closed :
                List.of("/v3/api-docs", "/actuator/metrics", "/error", "/api", "/anything", "/.git/config")) {
            assertThat(LEXICOR.anotherCaller().get(closed).status()).as(closed).isEqualTo(401);
            assertThat(locked.get(closed).status()).as(closed).isIn(403, 423);
        }
        assertThat(LEXICOR.get("/anything").status()).isEqualTo(403);
    }

    @Test
    void aParameterWithAControlCharacterIsRefusedPlainly() {
        assertThat(LEXICOR.get("/api/cases?search=%07").status()).isEqualTo(400);
        assertThat(LEXICOR.get("/api/evidence/pair?criterion=neer/pain&condition=a%00b")
                        .status())
                .isEqualTo(400);
        assertThat(LEXICOR.get("/api/cases?search=H%C3%A4fen").status()).isEqualTo(200);
    }

    @Test
    void aRequestThatIsTooLargeIsRefusedWhateverItSaysOfItself() {
        assertThat(LEXICOR.post("/api/cases", "{\"complaint\":\"" + "x".repeat(2 << 20) + "\"}")
                        .status())
                .isEqualTo(413);
    }
}
