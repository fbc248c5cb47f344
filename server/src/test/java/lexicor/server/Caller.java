package lexicor.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.function.UnaryOperator;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Somebody at a browser: keeps cookies, and shows the token of the page with every change. */
public final class Caller {
    /** An answer: its status and its JSON. */
    public record Answer(int status, JsonNode body) {}

    private final CookieManager cookies = new CookieManager();
    private final HttpClient client =
            HttpClient.newBuilder().cookieHandler(cookies).build();
    private final JsonMapper json = new JsonMapper();
    private final UnaryOperator<String> url;

    Caller(UnaryOperator<String> url) {
        this.url = url;
    }

    Answer signIn(String name, String password) {
        return post("/api/session", "{\"name\":\"%s\",\"password\":\"%s\"}".formatted(name, password));
    }

    Answer signInToDemo(String name) {
        return post("/api/session/demo", "{\"name\":\"%s\"}".formatted(name));
    }

    Answer get(String path) {
        return send(HttpRequest.newBuilder(URI.create(url.apply(path))).GET());
    }

    Answer post(String path, String body) {
        return send(path, "POST", body);
    }

    Answer put(String path, String body) {
        return send(path, "PUT", body);
    }

    Answer delete(String path) {
        return send(path, "DELETE", "");
    }

    Answer send(String path, String method, String body) {
        if (cookie("XSRF-TOKEN").isEmpty()) {
            get("/api/session");
        }
        return send(HttpRequest.newBuilder(URI.create(url.apply(path)))
                .header("content-type", "application/json")
                .header("x-xsrf-token", cookie("XSRF-TOKEN"))
                .method(method, HttpRequest.BodyPublishers.ofString(body)));
    }

    /** The same of a case that is named by its id besides, as pages do. */
    Answer meaning(String caseId, String path, String body) {
        return send(HttpRequest.newBuilder(URI.create(url.apply(path)))
                .header("content-type", "application/json")
                .header("x-xsrf-token", cookie("XSRF-TOKEN"))
                .header("x-case", caseId)
                .POST(HttpRequest.BodyPublishers.ofString(body)));
    }

    /** A file as it is. */
    Answer upload(String path, byte[] file) {
        return send(HttpRequest.newBuilder(URI.create(url.apply(path)))
                .header("content-type", "application/octet-stream")
                .header("x-xsrf-token", cookie("XSRF-TOKEN"))
                .POST(HttpRequest.BodyPublishers.ofByteArray(file)));
    }

    byte[] download(String path) {
        try {
            return client.send(
                            HttpRequest.newBuilder(URI.create(url.apply(path))).build(),
                            HttpResponse.BodyHandlers.ofByteArray())
                    .body();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    int postAs(String word, String path, String body) {
        return send(HttpRequest.newBuilder(URI.create(url.apply(path)))
                        .header("content-type", "application/json")
                        .header("authorization", "Bearer " + word)
                        .POST(HttpRequest.BodyPublishers.ofString(body)))
                .status();
    }

    /** The value of a cookie; empty if there is none. */
    String cookie(String name) {
        return cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals(name))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("");
    }

    /** Its cookies, as a header. */
    String cookieHeader() {
        return "LEXICOR=" + cookie("LEXICOR");
    }

    private Answer send(HttpRequest.Builder request) {
        try {
            HttpResponse<String> response = client.send(request.build(), HttpResponse.BodyHandlers.ofString());
            String type = response.headers().firstValue("content-type").orElse("");
            return new Answer(response.statusCode(), type.contains("json") ? json.readTree(response.body()) : null);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }
}
