package fluidframe.app.work;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestControllerAdvice;

/** Work that nobody waits for any more needs no answer. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class WorkProblemHandler {

    private static final Logger LOG = LoggerFactory.getLogger(WorkProblemHandler.class);

    @ExceptionHandler
    @ResponseStatus(HttpStatus.SERVICE_UNAVAILABLE)
    void gone(HungUpException e) {
        LOG.debug("Work was called off", e);
    }
}
