package fluidframe.core.sound;

import fluidframe.core.music.MusicMap;
import fluidframe.core.routine.Score;
import fluidframe.core.routine.ScoreStep;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Rhythm;
import fluidframe.core.work.Stopping;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Lays clicks, words and accompaniment on the beats of a stretch. */
final class TrackWriter {

    private final Score score;
    private final TrackWish wish;
    private final Rhythm rhythm;
    private final MusicMap music;
    private final Beats countIn;
    /** Where the stretch begins, from the bar line before the routine. */
    private final Beats counted;

    private final List<Cue> cues = new ArrayList<>();

    TrackWriter(Score score, TrackWish wish) {
        if (wish.to().compareTo(score.length()) > 0) {
            throw new IllegalArgumentException(SoundSentences.theRoutineEndsAtBeatBefore(score.length(), wish.to()));
        }
        this.score = score;
        this.wish = wish;
        this.rhythm = score.routine().dance().rhythm();
        this.music = score.routine().music();
        this.counted = score.firstBeat().plus(wish.from());
        this.countIn = wish.countInBars() == 0
                ? Beats.ZERO
                : rhythm.bar().times(wish.countInBars()).plus(rhythm.withinBar(counted));
    }

    Track write() {
        Beats length = wish.to().minus(wish.from());
        for (Beats beat = firstBeat(); beat.compareTo(length) < 0; beat = beat.plus(Beats.ONE)) {
            beat(beat);
        }
        if (wish.counting() == Counting.STEPS) {
            score.steps().stream().filter(step -> step.part() == wish.counted()).forEach(this::step);
        }
        if (wish.music() > 0) {
            new Band(
                            score.routine().dance().music().groove(),
                            music,
                            score.routine().laying())
                    .play(counted, upBeat(), length)
                    .forEach(cue -> add(cue.at(), cue.sound(), cue.gain() * wish.music()));
        }
        cues.sort(Comparator.comparing(Cue::at));
        return new Track(countIn, length, cues, music.tempo().from(counted));
    }

    /**
     * What the band plays in the count-in: where the dancing begins in the first bar of the piece, its up-beat, and the
     * beats of that bar before the dancing.
     */
    private Beats upBeat() {
        boolean opens = score.routine()
                .laying()
                .filter(laying -> laying.begins().plus(counted).compareTo(rhythm.bar()) < 0)
                .isPresent();
        return opens && music.upBeat().isPositive() && countIn.isPositive()
                ? music.upBeat().plus(counted)
                : Beats.ZERO;
    }

    /** The first whole beat of the count-in, or of the stretch. */
    private Beats firstBeat() {
        Beats begins = counted.minus(countIn);
        int late = Math.floorMod(-begins.ticks(), Beats.TICKS_PER_BEAT);
        return new Beats(late).minus(countIn);
    }

    private void beat(Beats at) {
        Stopping.check();
        int ofBar = rhythm.beatOfBar(counted.plus(at));
        add(at, click(ofBar), wish.clicks());
        boolean counting = at.compareTo(Beats.ZERO) < 0 || wish.counting() != Counting.STEPS;
        if (counting) {
            boolean phrase = wish.counting() == Counting.BARS && at.compareTo(Beats.ZERO) >= 0 && ofBar == 1;
            int bar = Math.floorDiv(counted.plus(at).ticks(), rhythm.bar().ticks());
            say(at, Spoken.number(phrase ? music.barOfPhrase(bar + 1) : ofBar));
        }
    }

    private void step(ScoreStep step) {
        Beats at = step.onset().minus(wish.from());
        if (step.onset().compareTo(wish.from()) >= 0 && step.onset().compareTo(wish.to()) < 0) {
            Spoken.mark(step.step()).ifPresent(word -> say(at, word));
        }
    }

    private Sound.Click click(int beatOfBar) {
        return switch (score.routine().dance().music().accents().get(beatOfBar - 1)) {
            case STRONG -> Sound.Click.STRONG;
            case MIDDLE -> Sound.Click.MIDDLE;
            case WEAK -> Sound.Click.WEAK;
        };
    }

    private void say(Beats at, String word) {
        cues.add(new Cue(at, new Sound.Word(word), wish.voice()));
    }

    private void add(Beats at, Sound sound, double gain) {
        if (gain > 0) {
            cues.add(new Cue(at, sound, gain));
        }
    }
}
