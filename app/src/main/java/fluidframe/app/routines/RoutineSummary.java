package fluidframe.app.routines;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.time.Instant;

/** One line of the list of routines. */
public record RoutineSummary(
        String id,
        long revision,
        String title,
        String dance,
        int tempo,
        int placements,
        boolean archived,
        @JsonInclude(JsonInclude.Include.NON_NULL) Instant kept) {}
