package lexicor.server.problems;

import java.util.List;
import java.util.Map;
import lexicor.core.document.InvalidDocumentException;
import lexicor.core.document.Problem;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;

/** Turns what can go wrong with a request into problem details. */
@RestControllerAdvice
class ProblemAdvice extends ResponseEntityExceptionHandler {
    @ExceptionHandler(Refusal.class)
    ProblemDetail refused(Refusal refusal) {
        return problem(refusal.status(), refusal.getMessage(), refusal.problems());
    }

    @ExceptionHandler(InvalidDocumentException.class)
    ProblemDetail invalid(InvalidDocumentException invalid) {
        return problem(HttpStatus.UNPROCESSABLE_CONTENT, invalid.getMessage(), invalid.problems());
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String detail = "The request is not valid JSON";
        String field = "";
        if (e.getCause() instanceof DatabindException bind) {
            field = bind.getPath().stream()
                    .map(r -> r.getPropertyName() == null ? "[" + r.getIndex() + "]" : r.getPropertyName())
                    .reduce((a, b) -> b.startsWith("[") ? a + b : a + "." + b)
                    .orElse("");
            detail = "unknown, or not of the expected type";
        } else if (e.getCause() instanceof JacksonException json && json.getLocation() != null) {
            detail += " at line " + json.getLocation().getLineNr() + ", column "
                    + json.getLocation().getColumnNr();
        }
        List<Problem> problems = field.isEmpty() ? List.of() : List.of(new Problem("", field, detail));
        String message = field.isEmpty() ? detail : field + ": " + detail;
        return ResponseEntity.badRequest().body(problem(HttpStatus.BAD_REQUEST, message, problems));
    }

    private static ProblemDetail problem(HttpStatus status, String detail, List<Problem> problems) {
        ProblemDetail body = ProblemDetail.forStatusAndDetail(status, detail);
        if (!problems.isEmpty()) {
            body.setProperty(
                    "errors",
                    problems.stream()
                            .map(p -> Map.of("field", p.path(), "message", p.message()))
                            .toList());
        }
        return body;
    }
}
