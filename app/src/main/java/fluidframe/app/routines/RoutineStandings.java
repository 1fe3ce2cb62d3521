package fluidframe.app.routines;

import fluidframe.app.figures.FigureStore;
import fluidframe.app.pieces.PieceStore;
import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.problems.Revision;
import fluidframe.app.storage.Edition;
import fluidframe.app.work.Prepared;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import fluidframe.core.link.Outcome;
import fluidframe.core.piece.Piece;
import fluidframe.core.room.FloorWay;
import fluidframe.core.room.RoomReport;
import fluidframe.core.routine.Course;
import fluidframe.core.routine.LooseSeam;
import fluidframe.core.routine.RoutineKind;
import fluidframe.core.routine.Score;
import fluidframe.core.text.Fraction;
import fluidframe.core.work.Stopping;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.context.annotation.Lazy;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * How every routine stands with the figures and the music as they are now; each is worked out again only when it, one
 * of its figures or its piece has changed.
 */
@Component
@Lazy(false)
class RoutineStandings implements Prepared {

    private static final int HOUR_MILLISECONDS = 3_600_000;

    private final RoutineReader reader;
    private final RoutineStore routines;
    private final PieceStore pieces;
    private final FigureStore figures;
    private final Map<String, Known> known = new ConcurrentHashMap<>();

    RoutineStandings(
            @Lazy RoutineReader reader, @Lazy RoutineStore routines, @Lazy FigureStore figures, PieceStore pieces) {
        this.reader = reader;
        this.pieces = pieces;
        this.routines = routines;
        this.figures = figures;
    }

    /**
     * How a routine stands.
     *
     * @param figures the ids of what it dances
     * @param bars how long it is
     * @param hits how often a wall or an obstacle of its floor is hit
     * @param usualTempo whether its tempo is within the range the studio has for its dance
     * @param level the highest of its figures; empty where it dances none
     * @param kind what it is for, as it is said or as its placements tell
     * @param way the couple's over the floor; empty where it cannot be danced
     * @param problems what keeps it from being danced at all: a figure has lost the way it is danced in here
     */
    record Standing(
            String routine,
            List<String> figures,
            Fraction bars,
            int breaks,
            int bends,
            int hits,
            boolean usualTempo,
            Optional<Level> level,
            RoutineKind kind,
            Optional<FloorWay> way,
            List<String> problems) {}

    /** Everything a standing was worked out of; it holds while all of it is the same. */
    private record Basis(StoredRoutine routine, List<Edition> figures, Optional<Revision> piece) {}

    private record Known(Basis basis, Standing standing) {}

    /**
     * What a changed figure would do to a routine.
     *
     * @param seams those that would be worse than they are: that would break, or bend
     * @param problems what would keep the routine from being danced at all
     */
    record Effect(String routine, String title, List<LooseSeam> seams, List<String> problems) {}

    /** So that nobody waits for the first. */
    @Scheduled(initialDelayString = "${fluidframe.prepared-after}", fixedDelay = HOUR_MILLISECONDS)
    @Override
    public void prepare() {
        all();
    }

    List<Standing> all() {
        List<StoredRoutine> stored = routines.all();
        known.keySet()
                .retainAll(stored.stream().map(each -> each.document().id()).toList());
        Map<String, Revision> music = pieces.revisions();
        return stored.stream().map(routine -> of(routine, music)).toList();
    }

    private Standing of(StoredRoutine routine, Map<String, Revision> music) {
        Stopping.check();
        Basis basis = new Basis(
                routine,
                figures.editions(routine.document().figures()),
                routine.document().pieceId().map(music::get));
        Known before = known.get(routine.document().id());
        if (before != null && before.basis().equals(basis)) {
            return before.standing();
        }
        Standing standing = standing(routine.document());
        known.put(routine.document().id(), new Known(basis, standing));
        return standing;
    }

    private Standing standing(RoutineDocument document) {
        try {
            Score score = Score.of(reader.read(document, figures.findAll(document.figures()), pieceOf(document)));
            Course course = score.course();
            Fraction bars = course.routine().bars();
            RoomReport room = RoomReport.of(score);
            return new Standing(
                    document.id(),
                    document.figures(),
                    bars,
                    course.count(Outcome.BREAKS),
                    course.count(Outcome.BENDS),
                    room.collisions().size(),
                    score.routine().hasUsualTempo(),
                    score.routine().highestLevel(),
                    said(document).orElseGet(() -> RoutineKind.of(score.routine())),
                    Optional.of(room.way()),
                    List.of());
        } catch (RefusedException e) {
            return new Standing(
                    document.id(),
                    document.figures(),
                    new Fraction(0, 1),
                    0,
                    0,
                    0,
                    true,
                    Optional.empty(),
                    said(document).orElse(RoutineKind.COMPETITION),
                    Optional.empty(),
                    sentences(e));
        }
    }

    private static Optional<RoutineKind> said(RoutineDocument document) {
        return Optional.ofNullable(document.kind()).flatMap(RoutineKind.LEXICON::find);
    }

    /** What each routine that dances a figure would have of it if it were changed so. */
    List<Effect> effects(Figure changed) {
        return routines.using(changed.id()).stream()
                .map(StoredRoutine::document)
                .map(document -> effect(document, changed))
                .toList();
    }

    private Effect effect(RoutineDocument document, Figure changed) {
        Stopping.check();
        Map<String, Figure> now = figures.findAll(document.figures());
        Map<String, Figure> then = new HashMap<>(now);
        then.put(changed.id(), changed);
        Course after;
        try {
            after = Course.of(reader.read(document, then, pieceOf(document)));
        } catch (RefusedException e) {
            return new Effect(document.id(), document.title(), List.of(), sentences(e));
        }
        try {
            Course before = Course.of(reader.read(document, now, pieceOf(document)));
            return new Effect(document.id(), document.title(), LooseSeam.worseThanIn(before, after), List.of());
        } catch (RefusedException mendedByThis) {
            return new Effect(document.id(), document.title(), LooseSeam.broken(after), List.of());
        }
    }

    private Optional<Piece> pieceOf(RoutineDocument document) {
        return document.pieceId().flatMap(pieces::find);
    }

    private static List<String> sentences(RefusedException e) {
        return e.faults().stream().map(Fault::sentence).toList();
    }
}
