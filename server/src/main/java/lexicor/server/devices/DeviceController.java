package lexicor.server.devices;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.servlet.http.HttpServletRequest;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import lexicor.server.devices.DeviceEvents.Devices;
import lexicor.server.problems.Refusal;
import lexicor.server.signin.OpenSessions;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import tools.jackson.databind.json.JsonMapper;

/** Devices over HTTP: lines in, events out. */
@RestController
@RequestMapping("/api/devices")
class DeviceController {
    private static final String JSON_LINES = "application/x-ndjson";
    private static final String ID = "[a-z0-9][a-z0-9-]{0,39}";

    private final DeviceHub hub;
    private final Simulations simulations;
    private final OpenSessions sessions;
    private final JsonMapper json;

    DeviceController(DeviceHub hub, Simulations simulations, OpenSessions sessions, JsonMapper json) {
        this.sessions = sessions;
        this.hub = hub;
        this.simulations = simulations;
        this.json = json;
    }

    @GetMapping
    Devices devices() {
        return hub.known();
    }

    /** Server-sent events: devices, sample, trial. */
    @GetMapping(path = "/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter events(HttpServletRequest request) {
        return hub.watch(sessions.stillIn(request));
    }

    /** Takes lines as they come; a request may carry one or go on for as long as the device measures. */
    @PostMapping(path = "/{id}/lines", consumes = JSON_LINES)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(summary = "JSON lines of a device, each hello, sample or bye")
    void lines(@PathVariable String id, InputStream body) throws IOException {
        if (!id.matches(ID)) {
            throw Refusal.field("id", "expected up to 40 small letters, digits and hyphens");
        }
        BufferedReader reader = new BufferedReader(new InputStreamReader(body, StandardCharsets.UTF_8));
        StringBuilder line = new StringBuilder();
        int number = 1;
        for (int c = reader.read(); c >= 0; c = reader.read()) {
            if (c != '\n') {
                line.append((char) c);
            }
            if (c == '\n' || line.length() > DeviceLine.LONGEST) {
                take(id, number++, line);
            }
        }
        take(id, number, line);
    }

    private void take(String id, int number, StringBuilder line) {
        String text = line.toString().strip();
        line.setLength(0);
        if (!text.isEmpty()) {
            hub.take(id, DeviceLine.read(json, number, text));
        }
    }

    /** Starts a stand-in that measures as asked and leaves. */
    @PostMapping("/simulated")
    @ResponseStatus(HttpStatus.ACCEPTED)
    void simulate(@RequestBody Simulations.Request request) {
        simulations.start(request);
    }
}
