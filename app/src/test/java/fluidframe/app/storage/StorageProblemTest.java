package fluidframe.app.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import jakarta.persistence.OptimisticLockException;
import jakarta.persistence.PersistenceException;
import java.sql.SQLException;
import org.h2.api.ErrorCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.TransactionSystemException;

class StorageProblemTest {

    private final Database database = mock(Database.class);
    private final StorageProblemHandler handler = new StorageProblemHandler(database);

    @ParameterizedTest
    @CsvSource({"FULL, 507", "READ_ONLY, 503"})
    void whatCannotBeKeptIsRefusedWithTheReasonAndWhenToComeAgain(Access access, int status) {
        ResponseEntity<ProblemDetail> answer = handler.notWritable(new NotWritableException(access));
        assertThat(answer.getStatusCode().value()).isEqualTo(status);
        assertThat(answer.getBody().getDetail()).isEqualTo(access.sentence());
        assertThat(answer.getHeaders().getFirst("Retry-After")).isNotNull();
    }

    @Test
    void aFileThatFailedIsOpenedAnewAndTheRequestMayBeTriedAgain() {
        when(database.access()).thenReturn(Access.WRITABLE);
        ResponseEntity<ProblemDetail> answer = handler.failed(new TransactionSystemException(
                "commit", new SQLException("no space", "HY000", ErrorCode.IO_EXCEPTION_1)));
        assertThat(answer.getStatusCode().value()).isEqualTo(503);
        verify(database).mend();
    }

    @Test
    void twoWhoKeepTheSameAreNoMistakeOfTheProgram() {
        assertThat(handler.failed((PersistenceException) new OptimisticLockException("changed meanwhile"))
                        .getStatusCode()
                        .value())
                .isEqualTo(409);
    }
}
