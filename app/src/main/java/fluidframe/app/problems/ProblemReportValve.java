package fluidframe.app.problems;

import java.io.IOException;
import java.util.Optional;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;

/** Writes a problem where the server would write a page of its own. */
public final class ProblemReportValve extends ErrorReportValve {

    @Override
    protected void report(Request request, Response response, Throwable throwable) {
        int status = response.getStatus();
        if (status < HttpStatus.BAD_REQUEST.value()
                || response.getContentWritten() > 0
                || !response.setErrorReported()) {
            return;
        }
        String title = Optional.ofNullable(HttpStatus.resolve(status))
                .map(HttpStatus::getReasonPhrase)
                .orElse("Refused");
        byte[] problem = Problems.written(status, title, ServerRefusal.sentence(status));
        try {
            response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
            response.setContentLength(problem.length);
            response.getOutputStream().write(problem);
            response.finishResponse();
        } catch (IOException e) {
            container.getLogger().debug("Whoever asked has gone", e);
        }
    }
}
