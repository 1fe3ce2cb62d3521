package fluidframe.app.routines;

import fluidframe.app.floor.FloorDocument;
import fluidframe.app.floor.MotionDocument;
import fluidframe.app.floor.StanceDocument;
import fluidframe.app.floor.StanceDocument.CoupleStanceDocument;
import fluidframe.app.links.VerdictDocument;
import fluidframe.app.routines.RoutineDocument.DancersDocument;
import fluidframe.app.space.HeadingDocument;
import fluidframe.core.figure.Figure;
import fluidframe.core.link.Element;
import fluidframe.core.music.MusicMap;
import fluidframe.core.notation.Column;
import fluidframe.core.routine.Course;
import fluidframe.core.routine.RoutineKind;
import fluidframe.core.routine.RoutinePart;
import fluidframe.core.routine.Score;
import fluidframe.core.routine.ScoreStep;
import fluidframe.core.routine.ScoredPlacement;
import fluidframe.core.routine.Seam;
import fluidframe.core.step.Footwork;
import fluidframe.core.text.Fraction;
import fluidframe.core.time.Beats;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/**
 * A routine unrolled; times in beats and seconds, places in metres and degrees. The phrases are where those of the
 * music begin.
 */
@Schema(name = "Score")
public record ScoreDocument(
        String dance,
        int beatsPerBar,
        double firstBeat,
        int tempo,
        boolean usualTempo,
        String kind,
        double beats,
        double seconds,
        List<Double> phrases,
        FloorDocument floor,
        DancersDocument dancers,
        CoupleStanceDocument start,
        List<ScoredPlacementDocument> placements,
        List<SeamDocument> seams,
        List<ScoreStepDocument> steps,
        MotionDocument motion,
        List<RoutinePartDocument> parts,
        List<String> unsound) {

    /**
     * Where a placement lies, and which time of its section it is; bar and beat from 1, the side of the room from 0.
     */
    @Schema(name = "ScoredPlacement")
    public record ScoredPlacementDocument(
            int index,
            int round,
            String figure,
            String title,
            String level,
            String way,
            double onset,
            double beats,
            String bars,
            int bar,
            int beat,
            int side,
            HeadingDocument entry,
            HeadingDocument exit,
            boolean cornerAfter,
            boolean highlight,
            String note) {

        static ScoredPlacementDocument of(ScoredPlacement scored) {
            Figure figure = scored.dancing().figure();
            String way = scored.placement().item() instanceof Element element
                    ? element.details()
                    : scored.dancing().way().wording();
            return new ScoredPlacementDocument(
                    scored.passage().index(),
                    scored.passage().round(),
                    figure.id(),
                    figure.title(),
                    figure.level().shorthand(),
                    way,
                    scored.onset().toDouble(),
                    scored.length().toDouble(),
                    new Fraction(scored.length().ticks(), figure.rhythm().bar().ticks()).toString(),
                    scored.bar(),
                    scored.beat(),
                    scored.side(),
                    HeadingDocument.of(scored.entry()),
                    HeadingDocument.of(scored.exit()),
                    scored.placement().cornerAfter(),
                    scored.placement().highlight(),
                    scored.placement().note());
        }
    }

    /**
     * A part that a coach calls by name, a section of the routine or of its music, and the passages it goes from and
     * to.
     */
    @Schema(name = "RoutinePart")
    public record RoutinePartDocument(String title, boolean music, int first, int last) {}

    /** Where a placement meets the next. */
    @Schema(name = "Seam")
    public record SeamDocument(int after, boolean corner, VerdictDocument verdict) {

        static SeamDocument of(Seam seam) {
            return new SeamDocument(seam.after(), seam.corner(), VerdictDocument.of(seam.verdict()));
        }
    }

    /**
     * One row of one part; roundCorner is the facing from the line of dance of the next side where a corner is turned
     * after it.
     */
    @Schema(name = "ScoreStep")
    public record ScoreStepDocument(
            int placement,
            int row,
            String part,
            String count,
            double onset,
            double beats,
            double seconds,
            int bar,
            int beat,
            String foot,
            String weight,
            String freeFoot,
            String alignment,
            HeadingDocument facing,
            HeadingDocument roundCorner,
            String position,
            String hold,
            String footwork,
            String wording,
            List<ContactDocument> contacts,
            StanceDocument stance) {

        static ScoreStepDocument of(ScoreStep step, Course course) {
            boolean corner = course.placements()
                    .get(step.placement())
                    .turnsCornerAt(step.onset().plus(step.length()));
            return new ScoreStepDocument(
                    step.placement(),
                    step.row(),
                    step.part().key(),
                    Column.COUNT.shorthand(step.step()),
                    step.onset().toDouble(),
                    step.length().toDouble(),
                    step.seconds(),
                    step.bar(),
                    step.beat(),
                    Column.FOOT.shorthand(step.step()),
                    step.step().weight().name().toLowerCase(Locale.ROOT),
                    step.freeFoot().shorthand(),
                    step.alignment().map(Object::toString).orElse(""),
                    HeadingDocument.of(step.facing()),
                    corner ? HeadingDocument.of(step.facing().afterCorner()) : null,
                    step.relation().position().shorthand(),
                    step.relation().hold().shorthand(),
                    Column.FOOTWORK.shorthand(step.step()),
                    danced(step),
                    step.step().footwork().contacts().stream()
                            .map(ContactDocument::of)
                            .toList(),
                    StanceDocument.of(step.stance()));
        }
    }

    /**
     * A part of the foot that meets the floor, heel, toe, ball, flat or whole; and the edge, inside or outside, if it
     * is one.
     */
    @Schema(name = "Contact")
    public record ContactDocument(String surface, String edge) {

        static ContactDocument of(Footwork.Contact contact) {
            return new ContactDocument(
                    contact.surface().name().toLowerCase(Locale.ROOT),
                    contact.edge()
                            .map(edge -> edge.name().toLowerCase(Locale.ROOT))
                            .orElse(null));
        }
    }

    /** "right foot forward, facing diagonally to wall": the step as it is danced here. */
    private static String danced(ScoreStep step) {
        String foot = (Column.FOOT.wording(step.step()) + " " + Column.FOOT_POSITION.wording(step.step())).strip();
        return step.alignment()
                .map(alignment -> foot + ", " + alignment.wording())
                .orElse(foot);
    }

    public static ScoreDocument of(Score score, List<String> unsound) {
        return new ScoreDocument(
                score.routine().dance().id(),
                score.routine().dance().rhythm().beatsPerBar(),
                score.firstBeat().toDouble(),
                score.routine().tempo().barsPerMinute(),
                score.routine().hasUsualTempo(),
                RoutineKind.of(score.routine()).shorthand(),
                score.length().toDouble(),
                score.seconds(),
                phrases(score),
                FloorDocument.of(score.routine().floor()),
                DancersDocument.of(score.routine().dancers()),
                score.start().map(CoupleStanceDocument::of).orElse(null),
                score.placements().stream().map(ScoredPlacementDocument::of).toList(),
                score.seams().stream().map(SeamDocument::of).toList(),
                score.steps().stream()
                        .map(step -> ScoreStepDocument.of(step, score.course()))
                        .toList(),
                score.motion().map(MotionDocument::of).orElse(null),
                RoutinePart.of(score.course()).stream()
                        .map(part -> new RoutinePartDocument(part.title(), part.music(), part.first(), part.last()))
                        .toList(),
                unsound);
    }

    /** Where the phrases of the music begin, beats from the start of the routine. */
    private static List<Double> phrases(Score score) {
        MusicMap music = score.routine().music();
        return Stream.iterate(Beats.ZERO, at -> at.compareTo(score.length()) < 0, at -> at.plus(music.bar()))
                .filter(music::startsPhrase)
                .map(Beats::toDouble)
                .toList();
    }
}
