package lexicor.server.problems;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lexicor.core.document.InvalidDocumentException;
import lexicor.core.document.Problem;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.security.web.firewall.RequestRejectedException;
import org.springframework.transaction.TransactionException;
import org.springframework.validation.FieldError;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import org.springframework.web.servlet.resource.NoResourceFoundException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.json.JsonMapper;

/** Turns what can go wrong with a request into problem details. */
@RestControllerAdvice
class ProblemAdvice extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);

    private static final Resource PAGE = new ClassPathResource("static/index.html");

    private static final JsonMapper JSON = JsonMapper.shared();

    private final Storage storage;

    ProblemAdvice(Storage storage) {
        this.storage = storage;
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
        if (refusal.isForCode()) {
            body.setProperty("secondFactor", true);
        }
        return answer.body(body);
    }

    @ExceptionHandler(InvalidDocumentException.class)
    ProblemDetail invalid(InvalidDocumentException invalid) {
        return problem(HttpStatus.UNPROCESSABLE_CONTENT, invalid.getMessage(), invalid.problems());
    }

    /** A parameter is looked at when it is first asked for, which may be as late as here. */
    @ExceptionHandler(RequestRejectedException.class)
    ProblemDetail rejected(RequestRejectedException rejected) {
        return problem(HttpStatus.BAD_REQUEST, CleanText.REJECTED, List.of());
    }

    /** Whoever typed an address that is none gets the page, which says so with a way back. */
    @Override
    protected ResponseEntity<Object> handleNoResourceFoundException(
            NoResourceFoundException none, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String accept = request.getHeader(HttpHeaders.ACCEPT);
        boolean atBrowser = accept != null && accept.contains(MediaType.TEXT_HTML_VALUE);
        return atBrowser && PAGE.exists()
                ? ResponseEntity.status(status).contentType(MediaType.TEXT_HTML).body(PAGE)
                : super.handleNoResourceFoundException(none, headers, status, request);
    }

    /** It could not be stored now; what was saved stays, and the sender may try again. */
    @ExceptionHandler({DataAccessException.class, TransactionException.class})
    ResponseEntity<ProblemDetail> notStored(Exception e) {
        Storage.Failure failure = storage.failure(e);
        ResponseEntity.BodyBuilder answer = ResponseEntity.status(failure.status());
        if (failure.retrySeconds() > 0) {
            answer.header(HttpHeaders.RETRY_AFTER, String.valueOf(failure.retrySeconds()));
        }
        return answer.body(problem(failure.status(), failure.detail(), List.of()));
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
            if (bind.getCause() instanceof Refusal said) {
                return new ResponseEntity<>(
                        problem(
                                HttpStatus.UNPROCESSABLE_CONTENT,
                                field + ": " + said.getMessage(),
                                List.of(new Problem("", field, said.getMessage()))),
                        HttpStatus.UNPROCESSABLE_CONTENT);
            }
            if (bind instanceof InvalidFormatException wrong
                    && wrong.getTargetType().isEnum()) {
                return new ResponseEntity<>(
                        problem(
                                HttpStatus.UNPROCESSABLE_CONTENT,
                                field + ": " + oneOf(wrong),
                                List.of(new Problem("", field, oneOf(wrong)))),
                        HttpStatus.UNPROCESSABLE_CONTENT);
            }
        } else if (e.getCause() instanceof JacksonException json && json.getLocation() != null) {
            detail += " at line " + json.getLocation().getLineNr() + ", column "
                    + json.getLocation().getColumnNr();
        }
        List<Problem> problems = field.isEmpty() ? List.of() : List.of(new Problem("", field, detail));
        String message = field.isEmpty() ? detail : field + ": " + detail;
        return ResponseEntity.badRequest().body(problem(HttpStatus.BAD_REQUEST, message, problems));
    }

    /** A parameter of the address that is not of its kind, by its name. */
    @Override
    protected ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        List<Problem> problems = e.getBindingResult().getFieldErrors().stream()
                .map(f -> new Problem("", f.getField(), kind(f) + ", found " + f.getRejectedValue()))
                .toList();
        String message =
                problems.stream().map(p -> p.path() + ": " + p.message()).collect(Collectors.joining("; "));
        return new ResponseEntity<>(
                problem(HttpStatus.UNPROCESSABLE_CONTENT, message, problems), HttpStatus.UNPROCESSABLE_CONTENT);
    }

    private static String kind(FieldError field) {
        List<String> codes = Arrays.asList(Optional.ofNullable(field.getCodes()).orElse(new String[0]));
        return codes.contains("typeMismatch." + LocalDate.class.getName())
                ? "expected a day, as in 2026-01-31"
                : "not of the expected type";
    }

    /** Names what a closed set has. */
    private static String oneOf(InvalidFormatException wrong) {
        List<String> names = Stream.of(wrong.getTargetType().getEnumConstants())
                .map(JSON::valueToTree)
                .map(name -> ((JsonNode) name).asString())
                .toList();
        return "expected " + String.join(", ", names.subList(0, names.size() - 1)) + " or "
                + names.get(names.size() - 1) + ", found " + wrong.getValue();
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
