package fluidframe.app.problems;

import fluidframe.app.json.TooManyException;
import fluidframe.core.work.TooMuchException;
import java.util.List;
import java.util.stream.Collectors;
import org.apache.catalina.connector.ClientAbortException;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;
import tools.jackson.core.exc.StreamConstraintsException;
import tools.jackson.core.exc.StreamReadException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Answers every error as a problem detail that says where, what was found and what was expected. */
@RestControllerAdvice
class ProblemHandler extends ResponseEntityExceptionHandler {

    private static final Logger LOG = LoggerFactory.getLogger(ProblemHandler.class);

    @ExceptionHandler
    ProblemDetail refused(RefusedException e) {
        return Problems.of(HttpStatus.UNPROCESSABLE_CONTENT, ProblemsSentences.notStored(), e.getMessage(), e.faults());
    }

    @ExceptionHandler
    ProblemDetail unknown(UnknownException e) {
        return Problems.of(HttpStatus.NOT_FOUND, "Unknown", e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail conflict(ConflictException e) {
        ProblemDetail problem = Problems.of(HttpStatus.CONFLICT, ProblemsSentences.bothStored(), e.getMessage());
        e.stored().ifPresent(stored -> problem.setProperty("stored", stored));
        return problem;
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> busy(BusyException e) {
        return Problems.later(HttpStatus.SERVICE_UNAVAILABLE, "Busy", e.getMessage(), e.retryAfter());
    }

    @ExceptionHandler
    ProblemDetail tooMuch(TooMuchException e) {
        return Problems.of(
                HttpStatus.UNPROCESSABLE_CONTENT,
                ProblemsSentences.tooMuch(),
                ProblemsSentences.thatIsMoreThanTheProgram(e.getMessage()),
                List.of(Fault.of("", e.found(), e.expected())));
    }

    @ExceptionHandler
    ProblemDetail unreadableParameter(InvalidParameterException e) {
        return Problems.of(
                HttpStatus.BAD_REQUEST,
                ProblemsSentences.notReadable(),
                ProblemsSentences.theAddressOrAHeaderCannot(e.getMessage()));
    }

    /** Nobody is left to answer to. */
    @ExceptionHandler
    void gone(ClientAbortException e) {
        LOG.debug("Whoever asked has gone", e);
    }

    /** What passes the book's schema may still not fit the values the program reckons with. */
    @ExceptionHandler
    ProblemDetail misfit(JacksonException e) {
        return unreadable(e);
    }

    @ExceptionHandler
    ProblemDetail failed(Exception e) {
        LastWords.heed(e);
        LOG.error("A request failed", e);
        return Problems.of(
                HttpStatus.INTERNAL_SERVER_ERROR,
                ProblemsSentences.ourMistake(),
                ProblemsSentences.theProgramMadeAMistakeNothing());
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        ProblemDetail problem = e.getCause() instanceof JacksonException json
                ? unreadable(json)
                : Problems.of(
                        HttpStatus.BAD_REQUEST,
                        ProblemsSentences.notReadable(),
                        ProblemsSentences.expectedAJsonDocument());
        return ResponseEntity.status(problem.getStatus()).body(problem);
    }

    @Override
    protected ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        List<Fault> faults = e.getBindingResult().getFieldErrors().stream()
                .limit(Problems.MOST_FAULTS)
                .map(error -> Fault.of(
                        pointer(error.getField()),
                        error.getRejectedValue() == null
                                ? ""
                                : error.getRejectedValue().toString(),
                        error.getDefaultMessage()))
                .toList();
        return ResponseEntity.unprocessableContent()
                .body(Problems.of(
                        HttpStatus.UNPROCESSABLE_CONTENT,
                        ProblemsSentences.notStored(),
                        ProblemsSentences.somethingIsMissingOrOfThe(),
                        faults));
    }

    /** What is wrong with a JSON text: cut short, not JSON, an unknown field, or a value of the wrong kind. */
    static ProblemDetail unreadable(JacksonException e) {
        String place = e instanceof DatabindException databind ? pointer(databind) : "";
        String where = e.getLocation() == null
                ? ""
                : ProblemsSentences.lineColumn(
                        e.getLocation().getLineNr(), e.getLocation().getColumnNr());
        if (e.getCause() instanceof TooManyException tooMany) {
            Fault fault = Fault.of(place, ProblemsSentences.moreThan(tooMany.most()), tooMany.expected());
            return Problems.of(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    ProblemsSentences.notStored(),
                    fault.sentence() + ".",
                    List.of(fault));
        }
        if (e instanceof StreamConstraintsException) {
            return Problems.of(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    ProblemsSentences.notStored(),
                    ProblemsSentences.somethingInItIsDeeperOr(where));
        }
        if (e instanceof UnrecognizedPropertyException unknown) {
            List<String> known = unknown.getKnownPropertyIds().stream()
                    .map(Object::toString)
                    .sorted()
                    .toList();
            return Problems.of(
                    HttpStatus.BAD_REQUEST,
                    ProblemsSentences.notReadable(),
                    ProblemsSentences.thereIsNoFieldHere(unknown.getPropertyName(), where),
                    List.of(Fault.of(
                            place, unknown.getPropertyName(), ProblemsSentences.oneOf(String.join(", ", known)))));
        }
        if (e instanceof StreamReadException) {
            return Problems.of(
                    HttpStatus.BAD_REQUEST,
                    ProblemsSentences.notReadable(),
                    ProblemsSentences.thisIsNotACompleteJson(where, e.getOriginalMessage()));
        }
        return Problems.of(
                HttpStatus.BAD_REQUEST,
                ProblemsSentences.notReadable(),
                ProblemsSentences.aValueIsOfTheWrong(where),
                List.of(Fault.of(
                        place,
                        ProblemsSentences.aValueOfAnotherKind(),
                        ProblemsSentences.whatTheFormatSaysStandsHere())));
    }

    private static String pointer(DatabindException e) {
        return e.getPath().stream()
                .map(step -> "/"
                        + (step.getPropertyName() != null ? step.getPropertyName() : String.valueOf(step.getIndex())))
                .collect(Collectors.joining());
    }

    private static String pointer(String field) {
        return "/" + field.replace(".", "/").replace("[", "/").replace("]", "");
    }
}
