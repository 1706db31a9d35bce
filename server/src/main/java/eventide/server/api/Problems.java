package eventide.server.api;

import eventide.server.ground.NoRoomException;
import eventide.server.load.BusyException;
import eventide.shape.Fault;
import eventide.shape.InvalidException;
import eventide.shape.Word;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.io.ClassPathResource;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.TransientDataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.web.HttpMediaTypeNotAcceptableException;
import org.springframework.web.HttpMediaTypeNotSupportedException;
import org.springframework.web.HttpRequestMethodNotSupportedException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.multipart.support.MissingServletRequestPartException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import org.springframework.web.servlet.resource.NoResourceFoundException;
import org.springframework.web.util.DisconnectedClientHelper;
import tools.jackson.core.JacksonException;

/** Every error as a problem detail (RFC 9457) that a person can act on; whatever the caller said it would take. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    @ExceptionHandler
    ResponseEntity<ProblemDetail> invalid(InvalidException ex) {
        ProblemDetail problem =
                ProblemDetail.forStatusAndDetail(HttpStatus.UNPROCESSABLE_CONTENT, summary(ex.faults()));
        problem.setTitle("This cannot be used as it is");
        problem.setProperty("faults", ex.faults());
        return answer(problem);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> absent(NotFoundException ex) {
        return answer(problem(HttpStatus.NOT_FOUND, "Not here", ex.getMessage()));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> stale(StaleException ex) {
        ProblemDetail problem =
                problem(HttpStatus.PRECONDITION_FAILED, "Somebody else saved this first", ex.getMessage());
        problem.setProperty("current", ex.current());
        problem.setProperty("currentVersion", ex.currentVersion());
        return answer(problem);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> unconditional(VersionMissingException ex) {
        return answer(problem(HttpStatus.PRECONDITION_REQUIRED, "Say which version you changed", ex.getMessage()));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> inTheWay(InTheWayException ex) {
        return answer(problem(HttpStatus.CONFLICT, "Something else first", ex.getMessage()));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> noRoom(NoRoomException ex) {
        return answer(problem(HttpStatus.INSUFFICIENT_STORAGE, "No room to write", ex.getMessage()));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> busy(BusyException ex) {
        return later(ex.getMessage(), ex.retryAfterSeconds());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> noConnection(CannotCreateTransactionException ex) {
        LOG.warn("no connection to the database", ex);
        return later("Much is asked at once: nothing was done, ask again in a moment.", 1);
    }

    /** Two writes that met, or a file that let a write down: nothing of it was kept, and it can be sent again. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> database(DataAccessException ex) {
        if (ex instanceof TransientDataAccessException || ex instanceof ConcurrencyFailureException) {
            return later("Another write was in the way: nothing was saved, send it again.", 1);
        }
        LOG.error("the database refused", ex);
        return later("The salon's file could not be written or read just now. Nothing was saved; send it again.", 2);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> wrongKind(MethodArgumentTypeMismatchException ex) {
        String message = ex.getName() + " must be " + wanted(ex.getRequiredType()) + ", but was " + ex.getValue();
        return answer(problem(HttpStatus.BAD_REQUEST, "Not a word known here", message));
    }

    /** A form that is none: cut short, or without what parts it. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> form(MultipartException ex) {
        LOG.debug("a form could not be read", ex);
        return answer(problem(HttpStatus.BAD_REQUEST, "Unreadable", NO_FORM));
    }

    @Override
    protected ResponseEntity<Object> handleMissingServletRequestPart(
            MissingServletRequestPartException ex, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return handleExceptionInternal(
                ex, problem(HttpStatus.BAD_REQUEST, "No picture", NO_FORM), headers, HttpStatus.BAD_REQUEST, request);
    }

    private static final String NO_FORM =
            "No picture came with it: send it as the part \"image\" of a form, a JPEG or PNG.";

    private static String wanted(Class<?> type) {
        if (type == null) {
            return "of another kind";
        }
        if (type.isEnum()) {
            return "one of "
                    + Arrays.stream(type.getEnumConstants())
                            .map(constant -> constant instanceof Word word ? word.word() : ((Enum<?>) constant).name())
                            .collect(Collectors.joining(", "));
        }
        if (type == Instant.class) {
            return "a moment such as 2026-05-01T09:30:00Z";
        }
        if (type == Boolean.class || type == boolean.class) {
            return "true or false";
        }
        boolean fractional = type == Double.class || type == double.class;
        return fractional ? "a number" : "a whole number";
    }

    /** Our own fault: said as such, and kept in the log. A page that was left before its answer came is nobody's fault. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> ours(Exception ex) {
        if (DisconnectedClientHelper.isClientDisconnectedException(ex)) {
            return null;
        }
        LOG.error("a request failed", ex);
        return answer(problem(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "Our fault",
                "Something went wrong here, not with what you entered. It is kept on your screen; the log in the data folder"
                        + " says what it was."));
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException ex, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String why = ex.getCause() instanceof JacksonException read ? Unreadable.at(read) : "nothing could be read.";
        ProblemDetail problem = problem(HttpStatus.BAD_REQUEST, "Unreadable", "The body is not readable JSON: " + why);
        problem.setProperty("faults", List.of(new Fault("", why)));
        return handleExceptionInternal(ex, problem, headers, HttpStatus.BAD_REQUEST, request);
    }

    @Override
    protected ResponseEntity<Object> handleHttpMediaTypeNotSupported(
            HttpMediaTypeNotSupportedException ex, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String taken =
                ex.getSupportedMediaTypes().stream().map(MediaType::toString).collect(Collectors.joining(" or "));
        ProblemDetail problem =
                problem(HttpStatus.UNSUPPORTED_MEDIA_TYPE, "Not in this form", "This is sent as " + taken + ".");
        return handleExceptionInternal(ex, problem, headers, status, request);
    }

    @Override
    protected ResponseEntity<Object> handleNoResourceFoundException(
            NoResourceFoundException ex, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        if (isAPage(ex.getResourcePath(), request)) {
            return ResponseEntity.status(HttpStatus.NOT_FOUND)
                    .contentType(MediaType.TEXT_HTML)
                    .body(new ClassPathResource("static/index.html"));
        }
        ProblemDetail problem =
                problem(HttpStatus.NOT_FOUND, "Not here", "There is nothing at /" + ex.getResourcePath());
        return handleExceptionInternal(ex, problem, headers, HttpStatus.NOT_FOUND, request);
    }

    /** Somebody wants to look at it: the app itself says that nothing lies there. */
    private static boolean isAPage(String path, WebRequest request) {
        String wanted = request.getHeader(HttpHeaders.ACCEPT);
        boolean isFile = path.startsWith("api/") || path.startsWith("assets/") || path.matches(".*\\.[a-z]+");
        return wanted != null && wanted.contains(MediaType.TEXT_HTML_VALUE) && !isFile;
    }

    @Override
    protected ResponseEntity<Object> handleHttpRequestMethodNotSupported(
            HttpRequestMethodNotSupportedException ex, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        ProblemDetail problem = problem(
                HttpStatus.METHOD_NOT_ALLOWED,
                "Not in this way",
                "The method must be one of "
                        + String.join(", ", Objects.requireNonNullElse(ex.getSupportedMethods(), new String[0]))
                        + ", but was " + ex.getMethod());
        return handleExceptionInternal(ex, problem, headers, HttpStatus.METHOD_NOT_ALLOWED, request);
    }

    @Override
    protected ResponseEntity<Object> handleHttpMediaTypeNotAcceptable(
            HttpMediaTypeNotAcceptableException ex, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        ProblemDetail problem = problem(
                HttpStatus.NOT_ACCEPTABLE,
                "Not in that form",
                "Accept must allow "
                        + ex.getSupportedMediaTypes().stream()
                                .map(MediaType::toString)
                                .distinct()
                                .collect(Collectors.joining(", ")));
        return handleExceptionInternal(ex, problem, headers, HttpStatus.NOT_ACCEPTABLE, request);
    }

    @Override
    protected ResponseEntity<Object> handleMissingServletRequestParameter(
            MissingServletRequestParameterException ex,
            HttpHeaders headers,
            HttpStatusCode status,
            WebRequest request) {
        ProblemDetail problem =
                problem(HttpStatus.BAD_REQUEST, "Something is missing", ex.getParameterName() + " must be given");
        return handleExceptionInternal(ex, problem, headers, HttpStatus.BAD_REQUEST, request);
    }

    @Override
    protected ResponseEntity<Object> handleExceptionInternal(
            Exception ex, Object body, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        HttpHeaders own = new HttpHeaders();
        own.putAll(headers);
        own.setContentType(MediaType.APPLICATION_PROBLEM_JSON);
        return super.handleExceptionInternal(ex, body, own, status, request);
    }

    private static ResponseEntity<ProblemDetail> later(String message, int seconds) {
        return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE)
                .header(HttpHeaders.RETRY_AFTER, Integer.toString(seconds))
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(problem(HttpStatus.SERVICE_UNAVAILABLE, "Busy", message));
    }

    private static ProblemDetail problem(HttpStatus status, String title, String detail) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setTitle(title);
        return problem;
    }

    private static ResponseEntity<ProblemDetail> answer(ProblemDetail problem) {
        return ResponseEntity.status(problem.getStatus())
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(problem);
    }

    /** In words alone: where each fault is stands beside it in the list. */
    private static String summary(List<Fault> faults) {
        return faults.get(0).message() + (faults.size() == 1 ? "" : " (and " + (faults.size() - 1) + " more)");
    }
}
