package fluidframe.app.composing;

import fluidframe.app.routines.RoutineDocument;
import fluidframe.app.routines.RoutineDocument.PlacementDocument;
import fluidframe.core.couple.Part;
import fluidframe.core.fit.Fit;
import fluidframe.core.fit.HitFit;
import fluidframe.core.fit.Misfit;
import fluidframe.core.fit.MisfitSentence;
import fluidframe.core.fit.SectionFit;
import fluidframe.core.piece.MusicCut;
import fluidframe.core.piece.Piece;
import fluidframe.core.routine.ScoreStep;
import fluidframe.core.routine.ScoredPlacement;
import fluidframe.core.time.Beats;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.stream.IntStream;

/** A routine laid on its piece, as it is asked and answered. Times in the piece are beats from its first bar line. */
final class FitDocuments {

    private FitDocuments() {}

    /** Which misfit of a routine is to be mended: its place in the list, from 0. */
    @Schema(name = "FitRepairQuestion")
    record FitRepairQuestion(
            @NotNull(message = "a routine") @Valid RoutineDocument routine,
            @NotNull(message = "a misfit from 0") Integer misfit) {}

    /**
     * A section of the piece: its first bar, how many it has and how long they last, what begins in it, and how many
     * beats of it are danced to.
     */
    @Schema(name = "SectionFit")
    record SectionDocument(
            String kind,
            String title,
            int bar,
            int bars,
            List<Integer> phrases,
            double seconds,
            List<Integer> passages,
            double danced,
            double silent) {

        static SectionDocument of(SectionFit section) {
            return new SectionDocument(
                    section.section().section().kind().shorthand(),
                    section.section().section().name(),
                    section.section().bar(),
                    section.section().section().bars(),
                    section.section().section().phrases(),
                    section.seconds(),
                    section.passages(),
                    section.danced().toDouble(),
                    section.silent().toDouble());
        }
    }

    /** What is danced: where in the piece, how long, and the bar of the piece it begins in. */
    @Schema(name = "LaidPassage")
    record PassageDocument(
            int placement,
            String title,
            double at,
            double beats,
            int bar,
            boolean highlight,
            boolean cornerAfter,
            List<Double> steps) {

        static PassageDocument of(Fit fit, int index) {
            ScoredPlacement placed = fit.score().placements().get(index);
            Beats at = fit.begins().plus(placed.onset());
            List<Double> steps = fit.score().steps().stream()
                    .filter(step -> step.placement() == index && step.part() == Part.MAN)
                    .map(step -> fit.begins().plus(step.onset()).toDouble())
                    .toList();
            return new PassageDocument(
                    placed.passage().index(),
                    placed.dancing().wording(),
                    at.toDouble(),
                    placed.length().toDouble(),
                    fit.laying().piece().barOf(at),
                    placed.placement().highlight(),
                    placed.placement().cornerAfter(),
                    steps);
        }
    }

    /** A step on which the music strikes, or that is under way then. */
    @Schema(name = "HitStep")
    record HitStepDocument(String part, int passage, int row, String title, int step) {

        static HitStepDocument of(Fit fit, ScoreStep step) {
            return new HitStepDocument(
                    step.part().key(),
                    step.placement(),
                    step.row(),
                    fit.score()
                            .placements()
                            .get(step.placement())
                            .dancing()
                            .figure()
                            .title(),
                    step.row() + 1);
        }
    }

    /** Where the music strikes. */
    @Schema(name = "HitFit")
    record HitDocument(String kind, double at, int bar, boolean exact, List<HitStepDocument> steps) {

        static HitDocument of(Fit fit, HitFit hit) {
            return new HitDocument(
                    hit.hit().kind().shorthand(),
                    hit.hit().at().toDouble(),
                    fit.laying().piece().barOf(hit.hit().at()),
                    hit.exact(),
                    hit.steps().stream()
                            .map(step -> HitStepDocument.of(fit, step))
                            .toList());
        }
    }

    /**
     * What does not fit: too long, too short, over a phrase, off its hit, unusual tempo, other dance; with the bar of
     * the piece where it is seen, and what is danced there; absent where it concerns all.
     */
    @Schema(name = "Misfit")
    record MisfitDocument(String kind, String sentence, int bar, Integer passage) {

        static MisfitDocument of(Misfit misfit, Fit fit) {
            Piece piece = fit.laying().piece();
            if (misfit instanceof Misfit.Straddles straddles) {
                return new MisfitDocument(
                        ComposingSentences.overAPhrase(),
                        MisfitSentence.of(misfit, fit),
                        straddles.bar(),
                        straddles.passage());
            }
            if (misfit instanceof Misfit.HighlightOffHit off) {
                return new MisfitDocument(
                        ComposingSentences.offItsHit(),
                        MisfitSentence.of(misfit, fit),
                        piece.barOf(fit.begins()
                                .plus(fit.score()
                                        .placements()
                                        .get(off.passage())
                                        .onset())),
                        off.passage());
            }
            if (misfit instanceof Misfit.TooLong) {
                return new MisfitDocument(
                        ComposingSentences.tooLong(), MisfitSentence.of(misfit, fit), piece.bars(), null);
            }
            if (misfit instanceof Misfit.TooShort) {
                return new MisfitDocument(
                        ComposingSentences.tooShort(), MisfitSentence.of(misfit, fit), piece.barOf(fit.ends()), null);
            }
            return new MisfitDocument(
                    misfit instanceof Misfit.UnusualTempo
                            ? ComposingSentences.unusualTempo()
                            : ComposingSentences.otherDance(),
                    MisfitSentence.of(misfit, fit),
                    1,
                    null);
        }
    }

    /**
     * How a routine fits its piece.
     *
     * @param begins the beat of the piece on which the first step falls
     * @param ends the beat after the last
     * @param left beats of music after it; less than zero if the music ends before
     * @param barSeconds when each bar of the piece begins, seconds from its first sound, and when it ends
     * @param phrases bars in which a phrase begins with a figure, of those that begin while it is danced
     */
    @Schema(name = "Fit")
    record FitDocument(
            String piece,
            String title,
            int from,
            int beatsPerBar,
            int bars,
            double seconds,
            double begins,
            double ends,
            double left,
            double secondsLeft,
            double danced,
            List<Double> barSeconds,
            List<Integer> phraseStarts,
            List<Integer> phrases,
            int phrasesHeard,
            List<SectionDocument> sections,
            List<PassageDocument> passages,
            List<HitDocument> hits,
            List<HitDocument> otherHits,
            List<MisfitDocument> misfits) {

        static FitDocument of(Fit fit) {
            Piece piece = fit.laying().piece();
            List<HitDocument> met =
                    fit.hits().stream().map(hit -> HitDocument.of(fit, hit)).toList();
            List<HitDocument> others = piece.hits().stream()
                    .filter(hit ->
                            fit.hits().stream().noneMatch(each -> each.hit().equals(hit)))
                    .map(hit -> HitDocument.of(fit, new HitFit(hit, hit.at().minus(fit.begins()), List.of(), false)))
                    .toList();
            return new FitDocument(
                    piece.id(),
                    piece.title(),
                    fit.laying().from(),
                    piece.bar().wholeBeats(),
                    piece.bars(),
                    piece.seconds(),
                    fit.begins().toDouble(),
                    fit.ends().toDouble(),
                    fit.left().toDouble(),
                    fit.secondsLeft(),
                    fit.seconds(fit.ends()) - fit.seconds(fit.begins()),
                    IntStream.rangeClosed(0, piece.bars())
                            .mapToObj(bar -> fit.seconds(piece.bar().times(bar)))
                            .toList(),
                    piece.phraseStarts(),
                    fit.phrases(),
                    fit.phrasesHeard(),
                    fit.sections().stream().map(SectionDocument::of).toList(),
                    IntStream.range(0, fit.score().placements().size())
                            .mapToObj(index -> PassageDocument.of(fit, index))
                            .toList(),
                    met,
                    others,
                    fit.misfits().stream()
                            .map(misfit -> MisfitDocument.of(misfit, fit))
                            .toList());
        }
    }

    /** A cut of the music: after the bar before {@code from} it goes on with bar {@code to}. */
    @Schema(name = "MusicCut")
    record CutDocument(int from, int to, int bars, String like) {

        static CutDocument of(MusicCut cut) {
            return new CutDocument(cut.from(), cut.to(), cut.bars(), cut.like().wording());
        }
    }

    /**
     * A way to mend a misfit: the routine's placements then, a cut of the music, or how many times as fast it is
     * played.
     */
    @Schema(name = "FitRepair")
    record FitRepairDocument(String sentence, List<PlacementDocument> placements, CutDocument cut, Double pace) {}
}
