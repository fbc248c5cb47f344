package lexicor.bench.server;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;

/** Somebody at a browser: keeps cookies and shows the page's token with every change. */
final class Browser {
    static final String PASSWORD = "seven gulls on a wet bollard";

    private final CookieManager cookies = new CookieManager();
    private final HttpClient client =
            HttpClient.newBuilder().cookieHandler(cookies).build();
    private final String url;

    Browser(String url) {
        this.url = url;
    }

    /** Signs in as the first lead, who is made where there is none yet. */
    static Browser lead(ServerProcess server) throws IOException, InterruptedException {
        Browser lead = new Browser(server.url());
        if (server.token().isEmpty()) {
            lead.signIn("heron");
        } else {
            lead.expect(
                    200,
                    "POST",
                    "/api/session/first-lead",
                    "{\"token\":\"%s\",\"name\":\"heron\",\"password\":\"%s\"}".formatted(server.token(), PASSWORD));
        }
        return lead;
    }

    void signIn(String name) throws IOException, InterruptedException {
        expect(200, "POST", "/api/session", "{\"name\":\"%s\",\"password\":\"%s\"}".formatted(name, PASSWORD));
    }

    String expect(int status, String method, String path, String body) throws IOException, InterruptedException {
        HttpResponse<String> answer = send(method, path, "application/json", body);
        if (answer.statusCode() != status) {
            throw new IOException(method + " " + path + ": " + answer.statusCode() + " " + answer.body());
        }
        return answer.body();
    }

    HttpResponse<String> send(String method, String path, String type, String body)
            throws IOException, InterruptedException {
        if (!method.equals("GET") && cookie("XSRF-TOKEN").isEmpty()) {
            send("GET", "/api/session", type, "");
        }
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(url + path))
                .timeout(Duration.ofSeconds(60))
                .header("content-type", type);
        String token = cookie("XSRF-TOKEN");
        if (!token.isEmpty()) {
            request.header("x-xsrf-token", token);
        }
        request.method(
                method,
                body.isEmpty() ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(body));
        return client.send(request.build(), HttpResponse.BodyHandlers.ofString());
    }

    HttpResponse<String> upload(String path, byte[] file) throws IOException, InterruptedException {
        return client.send(
                HttpRequest.newBuilder(URI.create(url + path))
                        .timeout(Duration.ofSeconds(60))
                        .header("content-type", "application/octet-stream")
                        .header("x-xsrf-token", cookie("XSRF-TOKEN"))
                        .POST(HttpRequest.BodyPublishers.ofByteArray(file))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    private String cookie(String name) {
        return cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals(name))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("");
    }
}
