package fluidframe.app.doors;

import fluidframe.app.problems.Fault;
import fluidframe.app.problems.Problems;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Lets in only requests that are meant for this program and come from its own pages, or from no page at all. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class DoorFilter extends OncePerRequestFilter {

    private final Doors doors;

    DoorFilter(Doors doors) {
        this.doors = doors;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String host = Optional.ofNullable(request.getHeader(HttpHeaders.HOST)).orElseGet(request::getServerName);
        String origin = request.getHeader(HttpHeaders.ORIGIN);
        if (!doors.admits(host)) {
            refuse(response, Fault.of(HttpHeaders.HOST, host, DoorsSentences.localhostOrANameThatAllowed()));
        } else if (origin != null && !doors.admits(origin, host)) {
            refuse(response, Fault.of(HttpHeaders.ORIGIN, origin, DoorsSentences.aPageOfThisProgram()));
        } else {
            chain.doFilter(request, response);
        }
    }

    private static void refuse(HttpServletResponse response, Fault fault) throws IOException {
        response.setStatus(HttpStatus.FORBIDDEN.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.getOutputStream()
                .write(Problems.written(
                        HttpStatus.FORBIDDEN.value(), DoorsSentences.notLetIn(), fault.sentence() + ".", fault));
    }
}
