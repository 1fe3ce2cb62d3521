package fluidframe.app.drawings;

import fluidframe.app.drawings.FigurePaths.FigurePathDocument;
import fluidframe.app.figures.FigureDocument;
import fluidframe.app.figures.FigureReading;
import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.routines.RoutineDocument;
import fluidframe.app.routines.RoutineReader;
import fluidframe.app.routines.Scores;
import fluidframe.app.work.Work;
import fluidframe.core.drawing.FloorPlan;
import fluidframe.core.drawing.StepDrawing;
import fluidframe.core.figure.Figure;
import fluidframe.core.time.CountException;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Drawings true to scale, as SVG, and what small ones are made of. */
@RestController
@RequestMapping("/api")
@Tag(name = "drawings")
class DrawingResource {

    private static final String SVG = "image/svg+xml";

    private final FigureReading figures;
    private final RoutineReader reader;
    private final Scores scores;
    private final FigurePaths paths;
    private final Work work;

    DrawingResource(FigureReading figures, RoutineReader reader, Scores scores, FigurePaths paths, Work work) {
        this.figures = figures;
        this.paths = paths;
        this.scores = scores;
        this.reader = reader;
        this.work = work;
    }

    /** A routine's way over its floor, 1 : 50. */
    @PostMapping(path = "/floor-plans", produces = SVG)
    ResponseEntity<byte[]> floorPlan(@Valid @RequestBody RoutineDocument document) {
        return file(
                document.id() + "-floor.svg",
                work.about(() -> reader.read(document), routine -> FloorPlan.of(scores.of(routine))));
    }

    /** A figure's steps, 1 : 10. */
    @PostMapping(path = "/step-drawings", produces = SVG)
    ResponseEntity<byte[]> stepDrawing(@Valid @RequestBody FigureDocument document) {
        Figure figure = figures.complete(document);
        try {
            return file(figure.id() + "-steps.svg", work.quickly(() -> StepDrawing.of(figure)));
        } catch (CountException e) {
            throw new RefusedException(
                    DrawingsSentences.theStepsCannotBeDrawn(e.getMessage()),
                    List.of(Fault.of("", DrawingsSentences.theCount(), e.getMessage())));
        }
    }

    /** The ways through the figures of a dance, for small pictures of them; of an unknown dance none. */
    @GetMapping("/figure-paths")
    List<FigurePathDocument> paths(@RequestParam String dance) {
        return work.quickly(() -> paths.ofDance(dance));
    }

    private static ResponseEntity<byte[]> file(String name, String svg) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(SVG))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(svg.getBytes(StandardCharsets.UTF_8));
    }
}
