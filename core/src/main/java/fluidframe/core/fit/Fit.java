package fluidframe.core.fit;

import fluidframe.core.piece.Laying;
import fluidframe.core.routine.Score;
import fluidframe.core.time.Beats;
import java.util.List;

/**
 * How a routine fits the piece it is laid on, in bars, beats and seconds.
 *
 * @param score the routine
 * @param laying the piece, and the bar on which the routine begins
 * @param begins beats from the first bar line of the piece to the first step
 * @param ends beats from there to the end of the last
 * @param left beats of music after it, counted as the dance counts its bars; less than zero if the music ends before
 * @param sections every section of the piece
 * @param phrases bars in which a phrase begins with a figure
 * @param phrasesHeard how many phrases begin while the routine is danced
 * @param hits what is danced on every hit within the routine
 * @param misfits what does not fit, as it comes in the piece, lengths first
 */
public record Fit(
        Score score,
        Laying laying,
        Beats begins,
        Beats ends,
        Beats left,
        List<SectionFit> sections,
        List<Integer> phrases,
        int phrasesHeard,
        List<HitFit> hits,
        List<Misfit> misfits) {

    public Fit {
        sections = List.copyOf(sections);
        phrases = List.copyOf(phrases);
        hits = List.copyOf(hits);
        misfits = List.copyOf(misfits);
    }

    /** @throws IllegalArgumentException if the routine is not laid on a piece */
    public static Fit of(Score score) {
        return new FitWriter(
                        score,
                        score.routine()
                                .laying()
                                .orElseThrow(() -> new IllegalArgumentException(FitSentences.isDancedToNoPiece(
                                        score.routine().title()))))
                .write();
    }

    /** Seconds from the first sound of the piece to a beat of it. */
    public double seconds(Beats at) {
        return laying.piece().tempo().seconds(at)
                - laying.piece().tempo().seconds(Beats.ZERO.minus(laying.piece().upBeat()));
    }

    /** Seconds of music after the routine; less than zero if it ends before. */
    public double secondsLeft() {
        return seconds(laying.piece().length()) - seconds(ends.minus(score.firstBeat()));
    }
}
