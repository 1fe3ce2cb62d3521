package fluidframe.app.storage;

import fluidframe.app.problems.Problems;
import jakarta.persistence.PersistenceException;
import java.time.Duration;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.orm.jpa.EntityManagerFactoryUtils;
import org.springframework.transaction.TransactionException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;

/** What is answered when the database does not do what is asked of it. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class StorageProblemHandler {

    private static final Logger LOG = LoggerFactory.getLogger(StorageProblemHandler.class);
    private static final Duration SOON = Duration.ofSeconds(1);
    private static final Duration LATER = Duration.ofSeconds(30);

    private final Database database;

    StorageProblemHandler(Database database) {
        this.database = database;
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> notWritable(NotWritableException e) {
        HttpStatus status =
                e.access() == Access.FULL ? HttpStatus.INSUFFICIENT_STORAGE : HttpStatus.SERVICE_UNAVAILABLE;
        return Problems.later(status, StorageSentences.notSaved(), e.access().sentence(), LATER);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> failed(PersistenceException e) {
        DataAccessException known = EntityManagerFactoryUtils.convertJpaAccessExceptionIfPossible(e);
        return answer(known == null ? e : known);
    }

    @ExceptionHandler({DataAccessException.class, TransactionException.class})
    ResponseEntity<ProblemDetail> failed(RuntimeException e) {
        return answer(e);
    }

    private ResponseEntity<ProblemDetail> answer(RuntimeException e) {
        if (e instanceof OptimisticLockingFailureException || e instanceof DataIntegrityViolationException) {
            return Problems.later(
                    HttpStatus.CONFLICT,
                    StorageSentences.bothStored(),
                    StorageSentences.somebodyElseSavedThisAtThe(),
                    SOON);
        }
        if (Database.isBroken(e)) {
            database.broke(e);
            database.mend();
            return database.access() == Access.WRITABLE
                    ? Problems.later(
                            HttpStatus.SERVICE_UNAVAILABLE,
                            StorageSentences.notSaved(),
                            StorageSentences.theDataCouldNotBeReached(),
                            SOON)
                    : notWritable(new NotWritableException(database.access(), e));
        }
        LOG.error("The database refused a request", e);
        return ResponseEntity.internalServerError()
                .body(Problems.of(
                        HttpStatus.INTERNAL_SERVER_ERROR,
                        StorageSentences.ourMistake(),
                        StorageSentences.theProgramMadeAMistakeNothing()));
    }
}
