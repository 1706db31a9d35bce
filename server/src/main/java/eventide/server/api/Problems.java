package eventide.server.api;

import eventide.shape.Fault;
import eventide.shape.InvalidException;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/** Every error as a problem detail (RFC 9457) that a person can act on. Only our own exception types are mapped. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {
    @ExceptionHandler
    ProblemDetail invalid(InvalidException ex) {
        ProblemDetail problem =
                ProblemDetail.forStatusAndDetail(HttpStatus.UNPROCESSABLE_CONTENT, summary(ex.faults()));
        problem.setTitle("This cannot be used as it is");
        problem.setProperty("faults", ex.faults());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail absent(NotFoundException ex) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(HttpStatus.NOT_FOUND, ex.getMessage());
        problem.setTitle("Not here");
        return problem;
    }

    @ExceptionHandler
    ProblemDetail stale(StaleException ex) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(HttpStatus.PRECONDITION_FAILED, ex.getMessage());
        problem.setTitle("Somebody else saved this first");
        problem.setProperty("current", ex.current());
        problem.setProperty("currentVersion", ex.currentVersion());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail unconditional(VersionMissingException ex) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(HttpStatus.PRECONDITION_REQUIRED, ex.getMessage());
        problem.setTitle("Say which version you changed");
        return problem;
    }

    @ExceptionHandler
    ProblemDetail wrongKind(MethodArgumentTypeMismatchException ex) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(
                HttpStatus.BAD_REQUEST, ex.getName() + " must be a number, but was " + ex.getValue());
        problem.setTitle("That is no number");
        return problem;
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException ex, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String why = ex.getMessage() == null
                ? "it could not be read"
                : ex.getMessage().lines().findFirst().orElse("it could not be read");
        ProblemDetail problem =
                ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, "The body is not readable JSON: " + why);
        problem.setTitle("Unreadable");
        problem.setProperty("faults", List.of(new Fault("", why)));
        return handleExceptionInternal(ex, problem, headers, HttpStatus.BAD_REQUEST, request);
    }

    private static String summary(List<Fault> faults) {
        Fault first = faults.get(0);
        String where = first.pointer().isEmpty() ? "" : first.pointer() + ": ";
        return where + first.message() + (faults.size() == 1 ? "" : " (and " + (faults.size() - 1) + " more)");
    }
}
