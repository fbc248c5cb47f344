package lexicor.server.doors;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.web.csrf.CsrfException;
import tools.jackson.databind.json.JsonMapper;

/** Problem details for what is refused before it reaches a feature. */
final class Problems {
    private static final JsonMapper JSON = JsonMapper.shared();

    private Problems() {}

    static void write(HttpServletResponse response, HttpStatus status, String detail) throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding(StandardCharsets.UTF_8);
        response.getWriter()
                .write(JSON.writeValueAsString(JSON.createObjectNode()
                        .put("title", status.getReasonPhrase())
                        .put("status", status.value())
                        .put("detail", detail)));
    }

    static String forbidden(AccessDeniedException refused) {
        return refused instanceof CsrfException
                ? "The request does not come from a page of Lexicor that is open; load the page again."
                : "Your role does not allow this. Ask a lead.";
    }
}
