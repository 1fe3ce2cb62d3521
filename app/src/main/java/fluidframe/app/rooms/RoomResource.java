package fluidframe.app.rooms;

import fluidframe.app.routines.RoutineDocument;
import fluidframe.app.routines.RoutineReader;
import fluidframe.app.routines.Scores;
import fluidframe.app.work.Work;
import fluidframe.core.room.RoomReport;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Routines held against rooms. */
@RestController
@RequestMapping("/api")
@Tag(name = "rooms")
class RoomResource {

    private final RoutineReader reader;
    private final Scores scores;
    private final Work work;

    RoomResource(RoutineReader reader, Scores scores, Work work) {
        this.scores = scores;
        this.reader = reader;
        this.work = work;
    }

    /** What a routine, kept or not, makes of the floor it names; nothing is stored. */
    @PostMapping("/room-reports")
    RoomReportDocument report(@Valid @RequestBody RoutineDocument document) {
        return work.about(
                () -> reader.read(document), routine -> RoomReportDocument.of(RoomReport.of(scores.of(routine))));
    }
}
