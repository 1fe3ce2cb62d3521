package fluidframe.core.dance;

import fluidframe.core.time.Beats;
import fluidframe.core.time.Feel;
import fluidframe.core.time.Rhythm;
import fluidframe.core.time.Tempo;
import java.util.Optional;
import java.util.SortedSet;

/**
 * What a studio holds differently of a dance, for schools differ in it. What is empty is as the catalogue has it.
 *
 * @param startBeats beats of the bar, from 1, on which a figure may start
 * @param slow what S lasts
 * @param feel what "a" is worth
 * @param slowest lower end of the tempo range
 * @param fastest upper end of the tempo range
 * @param phraseBars how many bars a phrase has where no piece of music says otherwise
 * @param stepLength metres of an ordinary step forward of a dancer 1.75 m tall
 */
public record DanceCustom(
        Optional<SortedSet<Integer>> startBeats,
        Optional<Beats> slow,
        Optional<Feel> feel,
        Optional<Tempo> slowest,
        Optional<Tempo> fastest,
        Optional<Integer> phraseBars,
        Optional<Double> stepLength) {

    /** As the catalogue has it. */
    public static final DanceCustom NONE = new DanceCustom(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());

    /**
     * The dance as it is held here. A dance that is not counted in slows has none here either.
     *
     * @throws IllegalArgumentException if a figure would start on no beat of its bar
     */
    public Dance of(Dance dance) {
        Rhythm usual = dance.rhythm();
        Rhythm rhythm = new Rhythm(
                usual.beatsPerBar(),
                startBeats.orElse(usual.startBeats()),
                usual.slow().map(slow::orElse),
                usual.quick(),
                feel.orElse(usual.feel()));
        DanceMusic music = dance.music();
        return new Dance(
                dance.id(),
                dance.title(),
                dance.style(),
                rhythm,
                slowest.orElse(dance.slowest()),
                fastest.orElse(dance.fastest()),
                dance.travels(),
                dance.technique(),
                new DanceMusic(music.groove(), music.accents(), phraseBars.orElse(music.phraseBars()), music.countIn()),
                stepLength.orElse(dance.stepLength()));
    }
}
