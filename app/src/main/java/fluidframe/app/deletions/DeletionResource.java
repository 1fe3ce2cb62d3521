package fluidframe.app.deletions;

import fluidframe.app.events.EventStore;
import fluidframe.app.figures.FigureStore;
import fluidframe.app.pieces.PieceStore;
import fluidframe.app.postures.PostureStore;
import fluidframe.app.routines.RoutineStore;
import fluidframe.app.rules.ProfileStore;
import fluidframe.app.storage.Deleted;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What has been deleted. Its versions are still there, and creating the last of them again brings it back. */
@RestController
@RequestMapping("/api/deletions")
@Tag(name = "deletions")
class DeletionResource {

    private final FigureStore figures;
    private final RoutineStore routines;
    private final PieceStore pieces;
    private final ProfileStore profiles;
    private final EventStore events;
    private final PostureStore postures;

    DeletionResource(
            FigureStore figures,
            RoutineStore routines,
            PieceStore pieces,
            ProfileStore profiles,
            EventStore events,
            PostureStore postures) {
        this.pieces = pieces;
        this.profiles = profiles;
        this.events = events;
        this.postures = postures;
        this.figures = figures;
        this.routines = routines;
    }

    /**
     * A figure, routine, piece, profile, event or posture that is gone: its kind, id and title, and when it was
     * deleted.
     */
    @Schema(name = "Deletion")
    record DeletionDocument(String kind, String id, String title, String deleted) {

        static DeletionDocument of(Deleted gone) {
            return new DeletionDocument(
                    gone.kind(),
                    gone.id(),
                    gone.title() == null ? gone.id() : gone.title(),
                    gone.deleted().toString());
        }
    }

    /** What has been deleted and not been brought back, the latest first. */
    @GetMapping
    List<DeletionDocument> list() {
        return Stream.of(
                        figures.deleted(),
                        routines.deleted(),
                        pieces.deleted(),
                        profiles.deleted(),
                        events.deleted(),
                        postures.deleted())
                .flatMap(List::stream)
                .sorted(Comparator.comparing(Deleted::deleted).reversed())
                .map(DeletionDocument::of)
                .toList();
    }
}
