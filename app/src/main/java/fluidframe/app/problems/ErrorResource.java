package fluidframe.app.problems;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the server itself refuses is answered in the same form as everything else. */
@RestController
@Hidden
class ErrorResource implements ErrorController {

    @RequestMapping("/error")
    ResponseEntity<ProblemDetail> answer(HttpServletRequest request) {
        HttpStatus status = Optional.ofNullable((Integer) request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE))
                .map(HttpStatus::resolve)
                .orElse(HttpStatus.NOT_FOUND);
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(Problems.of(status, status.getReasonPhrase(), ServerRefusal.sentence(status.value())));
    }
}
