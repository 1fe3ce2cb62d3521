package fluidframe.app.problems;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import tools.jackson.databind.json.JsonMapper;

/** The one form in which everything that went wrong is answered. */
public final class Problems {

    /** Nobody reads more of them; the rest is said once these are mended. */
    public static final int MOST_FAULTS = 50;

    private Problems() {}

    public static ProblemDetail of(HttpStatus status, String title, String detail) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setTitle(title);
        return problem;
    }

    static ProblemDetail of(HttpStatus status, String title, String detail, List<Fault> faults) {
        ProblemDetail problem = of(status, title, detail);
        problem.setProperty("faults", faults.size() > MOST_FAULTS ? faults.subList(0, MOST_FAULTS) : faults);
        return problem;
    }

    /** For now; it may go well later. */
    public static ResponseEntity<ProblemDetail> later(
            HttpStatus status, String title, String detail, Duration retryAfter) {
        return ResponseEntity.status(status)
                .header(HttpHeaders.RETRY_AFTER, String.valueOf(Math.max(1, retryAfter.toSeconds())))
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(of(status, title, detail));
    }

    /** The same as bytes, for where nothing of the framework is at hand. */
    public static byte[] written(int status, String title, String detail, Fault... faults) {
        Map<String, Object> problem = new LinkedHashMap<>();
        problem.put("title", title);
        problem.put("status", status);
        problem.put("detail", detail);
        if (faults.length > 0) {
            problem.put("faults", List.of(faults));
        }
        return JsonMapper.shared().writeValueAsString(problem).getBytes(StandardCharsets.UTF_8);
    }
}
