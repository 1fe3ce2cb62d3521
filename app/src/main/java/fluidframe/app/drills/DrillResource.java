package fluidframe.app.drills;

import fluidframe.app.drills.DrillDocuments.DrillDocument;
import fluidframe.app.drills.DrillDocuments.DrillFigureDocument;
import fluidframe.app.drills.DrillDocuments.DrillSheetDocument;
import fluidframe.app.figures.FigureStore;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.problems.UnknownException;
import fluidframe.app.routines.RoutineDocument;
import fluidframe.app.routines.RoutineDocument.PlacementDocument;
import fluidframe.app.work.Work;
import fluidframe.core.couple.Part;
import fluidframe.core.dance.Dance;
import fluidframe.core.drill.Drill;
import fluidframe.core.drill.Drills;
import fluidframe.core.drill.TempoLadder;
import fluidframe.core.figure.Figure;
import fluidframe.core.link.Dancing;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Exercises over HTTP. Nothing is kept. */
@RestController
@RequestMapping("/api")
@Tag(name = "drills")
class DrillResource {

    private final FigureStore figures;
    private final Work work;

    DrillResource(FigureStore figures, Work work) {
        this.figures = figures;
        this.work = work;
    }

    /** The exercises that a figure's charts suggest, the most particular first. */
    @GetMapping("/figures/{id}/drills")
    List<DrillSheetDocument> suggested(@PathVariable String id) {
        Figure figure = figures.find(id).orElseThrow(() -> new UnknownException("figure", id));
        return work.quickly(() -> Drills.of(figure).stream()
                .map(drill -> DrillSheetDocument.of(drill, routine(drill)))
                .toList());
    }

    /** An exercise as it is said, and as a routine that can be rehearsed as it says. */
    @PostMapping("/drills")
    DrillSheetDocument sheet(@Valid @RequestBody DrillDocument document) {
        return work.quickly(() -> {
            Drill drill = read(document);
            return DrillSheetDocument.of(drill, routine(drill));
        });
    }

    private Drill read(DrillDocument document) {
        List<Dancing> chain = new ArrayList<>();
        for (int i = 0; i < document.figures().size(); i++) {
            chain.add(dancing(document.figures().get(i), "/figures/" + i));
        }
        if (chain.stream().map(dancing -> dancing.figure().dance()).distinct().count() > 1) {
            throw RefusedException.of(
                    "/figures/1/figure", document.figures().get(1).figure(), DrillsSentences.aFigureOfTheSameDance());
        }
        Optional<Part> alone = Optional.ofNullable(document.alone())
                .map(name -> Part.named(name)
                        .orElseThrow(() -> RefusedException.of("/alone", name, DrillsSentences.manOrLady())));
        try {
            TempoLadder ladder = new TempoLadder(document.from(), document.to(), document.step(), document.every());
            return new Drill(
                    chain,
                    alone,
                    document.prop() == null ? "" : document.prop(),
                    document.flatShoes(),
                    document.degrees() == null ? List.of() : document.degrees(),
                    ladder);
        } catch (IllegalArgumentException e) {
            throw RefusedException.of(
                    "", document.from() + " to " + document.to(), DrillsSentences.anExercise(e.getMessage()));
        }
    }

    private Dancing dancing(DrillFigureDocument document, String place) {
        Figure figure = figures.find(document.figure())
                .orElseThrow(() ->
                        RefusedException.of(place + "/figure", document.figure(), DrillsSentences.theIdOfAFigure()));
        try {
            return Dancing.of(figure, document.way());
        } catch (IllegalArgumentException e) {
            throw RefusedException.of(
                    place, document.way().wording(), DrillsSentences.aWayInWhichCanBe(figure.title(), e.getMessage()));
        }
    }

    private static RoutineDocument routine(Drill drill) {
        Dance dance = drill.chain().get(0).figure().dance();
        List<PlacementDocument> placements = drill.chain().stream()
                .map(dancing -> new PlacementDocument(
                        dancing.figure().id(),
                        null,
                        dancing.way().split().orElse(null),
                        null,
                        null,
                        dancing.way().repeats() == 1 ? null : dancing.way().repeats(),
                        null,
                        null,
                        false,
                        false,
                        null,
                        null,
                        null,
                        null,
                        false,
                        null))
                .toList();
        String title = drill.chain().get(0).wording();
        return new RoutineDocument(
                "drill",
                title,
                dance.id(),
                dance.slowest().barsPerMinute(),
                false,
                null,
                null,
                false,
                null,
                null,
                null,
                placements);
    }
}
