package fluidframe.app.problems;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;
import tools.jackson.core.exc.StreamReadException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

import java.util.List;
import java.util.stream.Collectors;

/** Answers every error as a problem detail that says where, what was found and what was expected. */
@RestControllerAdvice
class ProblemHandler extends ResponseEntityExceptionHandler {

    private static final Logger LOG = LoggerFactory.getLogger(ProblemHandler.class);

    @ExceptionHandler
    ProblemDetail refused(RefusedException e) {
        return withFaults(HttpStatus.UNPROCESSABLE_CONTENT, "Not stored", e.getMessage(), e.faults());
    }

    @ExceptionHandler
    ProblemDetail unknown(UnknownException e) {
        return problem(HttpStatus.NOT_FOUND, "Unknown", e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail conflict(ConflictException e) {
        ProblemDetail problem = problem(HttpStatus.CONFLICT, "Both kept", e.getMessage());
        e.stored().ifPresent(stored -> problem.setProperty("stored", stored));
        return problem;
    }

    @ExceptionHandler({ObjectOptimisticLockingFailureException.class, DataIntegrityViolationException.class})
    ProblemDetail lostRace(Exception e) {
        return problem(HttpStatus.CONFLICT, "Both kept", "Somebody else saved this at the same moment; load it again and compare.");
    }

    /** What passes the book's schema may still not fit the values the program reckons with. */
    @ExceptionHandler
    ProblemDetail misfit(JacksonException e) {
        return unreadable(e);
    }

    @ExceptionHandler
    ProblemDetail failed(Exception e) {
        LOG.error("A request failed", e);
        return problem(HttpStatus.INTERNAL_SERVER_ERROR, "Our mistake", "The program made a mistake; nothing was changed. The log says more.");
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(HttpMessageNotReadableException e, HttpHeaders headers,
                                                                  HttpStatusCode status, WebRequest request) {
        ProblemDetail problem = e.getCause() instanceof JacksonException json ? unreadable(json)
                : problem(HttpStatus.BAD_REQUEST, "Not readable", "Expected a JSON document.");
        return ResponseEntity.status(problem.getStatus()).body(problem);
    }

    @Override
    protected ResponseEntity<Object> handleMethodArgumentNotValid(MethodArgumentNotValidException e, HttpHeaders headers,
                                                                  HttpStatusCode status, WebRequest request) {
        List<Fault> faults = e.getBindingResult().getFieldErrors().stream()
                .map(error -> Fault.of(pointer(error.getField()), error.getRejectedValue() == null ? "" : error.getRejectedValue().toString(),
                        error.getDefaultMessage()))
                .toList();
        return ResponseEntity.unprocessableContent()
                .body(withFaults(HttpStatus.UNPROCESSABLE_CONTENT, "Not stored", "Something is missing or of the wrong kind.", faults));
    }

    /** What is wrong with a JSON text: cut short, not JSON, an unknown field, or a value of the wrong kind. */
    static ProblemDetail unreadable(JacksonException e) {
        if (e.getCause() instanceof BodyLimit.BodyTooLargeException tooLarge) {
            return problem(HttpStatus.CONTENT_TOO_LARGE, "Too large", tooLarge.getMessage());
        }
        String place = e instanceof DatabindException databind ? pointer(databind) : "";
        String where = e.getLocation() == null ? "" : " (line " + e.getLocation().getLineNr() + ", column " + e.getLocation().getColumnNr() + ")";
        if (e instanceof UnrecognizedPropertyException unknown) {
            List<String> known = unknown.getKnownPropertyIds().stream().map(Object::toString).sorted().toList();
            return withFaults(HttpStatus.BAD_REQUEST, "Not readable", "There is no field \"" + unknown.getPropertyName() + "\" here" + where + ".",
                    List.of(Fault.of(place, unknown.getPropertyName(), "one of " + String.join(", ", known))));
        }
        if (e instanceof StreamReadException) {
            return problem(HttpStatus.BAD_REQUEST, "Not readable", "This is not a complete JSON document" + where + ": " + e.getOriginalMessage());
        }
        return withFaults(HttpStatus.BAD_REQUEST, "Not readable", "A value is of the wrong kind" + where + ".",
                List.of(Fault.of(place, "a value of another kind", "what the format says stands here")));
    }

    private static String pointer(DatabindException e) {
        return e.getPath().stream()
                .map(step -> "/" + (step.getPropertyName() != null ? step.getPropertyName() : String.valueOf(step.getIndex())))
                .collect(Collectors.joining());
    }

    private static String pointer(String field) {
        return "/" + field.replace(".", "/").replace("[", "/").replace("]", "");
    }

    private static ProblemDetail problem(HttpStatus status, String title, String detail) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setTitle(title);
        return problem;
    }

    private static ProblemDetail withFaults(HttpStatus status, String title, String detail, List<Fault> faults) {
        ProblemDetail problem = problem(status, title, detail);
        problem.setProperty("faults", faults);
        return problem;
    }
}
