package lexicor.server.problems;

import java.util.List;
import java.util.Map;
import lexicor.core.document.InvalidDocumentException;
import lexicor.core.document.Problem;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.transaction.TransactionException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;

/** Turns what can go wrong with a request into problem details. */
@RestControllerAdvice
class ProblemAdvice extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);

    private final ApplicationEventPublisher events;

    ProblemAdvice(ApplicationEventPublisher events) {
        this.events = events;
    }

    @ExceptionHandler(Refusal.class)
    ResponseEntity<ProblemDetail> refused(Refusal refusal) {
        ResponseEntity.BodyBuilder answer = ResponseEntity.status(refusal.status());
        if (refusal.retrySeconds() > 0) {
            answer.header(HttpHeaders.RETRY_AFTER, String.valueOf(refusal.retrySeconds()));
        }
        ProblemDetail body = problem(refusal.status(), refusal.getMessage(), refusal.problems());
        if (refusal.isQuestion()) {
            body.setProperty("question", true);
        }
        return answer.body(body);
    }

    @ExceptionHandler(InvalidDocumentException.class)
    ProblemDetail invalid(InvalidDocumentException invalid) {
        return problem(HttpStatus.UNPROCESSABLE_CONTENT, invalid.getMessage(), invalid.problems());
    }

    /** The disk is full or read-only, or the file was taken away: what was saved stays, and the sender may try again. */
    @ExceptionHandler({DataAccessException.class, TransactionException.class})
    ProblemDetail notStored(Exception e) {
        if (e instanceof DataIntegrityViolationException || e instanceof OptimisticLockingFailureException) {
            return problem(
                    HttpStatus.CONFLICT, "somebody else changed the same at the same moment; please repeat", List.of());
        }
        LOG.error("Nothing could be stored: {}", root(e));
        events.publishEvent(new StorageFailed());
        return problem(
                HttpStatus.INSUFFICIENT_STORAGE,
                "This could not be stored: the disk is full, read-only or away. What was saved is kept; free some space"
                        + " and try again.",
                List.of());
    }

    private static String root(Throwable e) {
        Throwable root = e;
        while (root.getCause() != null) {
            root = root.getCause();
        }
        return root.getClass().getSimpleName();
    }

    /** Whatever nobody thought of: said plainly, logged by its kind and place, and never with what was sent. */
    @ExceptionHandler(Exception.class)
    ProblemDetail unexpected(Exception e) {
        StackTraceElement[] trace = e.getStackTrace();
        LOG.error("Unexpected {} at {}", e.getClass().getName(), trace.length == 0 ? "?" : trace[0]);
        return problem(
                HttpStatus.INTERNAL_SERVER_ERROR, "Something went wrong in Lexicor. Nothing was changed.", List.of());
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
