package fluidframe.core.dance;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.audit.Audit;
import fluidframe.core.compose.Composer;
import fluidframe.core.compose.Wish;
import fluidframe.core.couple.Part;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Link;
import fluidframe.core.link.Outcome;
import fluidframe.core.link.Repertoire;
import fluidframe.core.music.Accent;
import fluidframe.core.music.Groove;
import fluidframe.core.music.Percussion;
import fluidframe.core.notation.DraftReader;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.Score;
import fluidframe.core.sound.Counting;
import fluidframe.core.sound.Cue;
import fluidframe.core.sound.Sound;
import fluidframe.core.sound.Track;
import fluidframe.core.sound.TrackWish;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Feel;
import fluidframe.core.time.Rhythm;
import fluidframe.core.time.Tempo;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/**
 * A dance that nobody has heard of needs its record and nothing else: it is described, audited, linked, composed,
 * counted and played.
 */
class MadeUpDanceTest {

    /** In two, its second beat the strong one, in phrases of six bars, without rise, on the heel. */
    private static final Dance GLIDE = new Dance(
            "quayside-glide",
            "Quayside Glide",
            Style.STANDARD,
            new Rhythm(2, new TreeSet<>(List.of(1)), Optional.of(Beats.of(2)), Optional.of(Beats.ONE), Feel.QUARTER),
            new Tempo(30),
            new Tempo(32),
            true,
            Technique.TANGO,
            new DanceMusic(
                    new Groove(2, true, Map.of(Percussion.BELL, "..X."), "1...", "..x."),
                    List.of(Accent.WEAK, Accent.STRONG),
                    6,
                    2),
            0.5);

    private static final Figure GOING = walk("going", "LF", "RF", "");
    private static final Figure LILT = walk("lilt", "LF", "RF", "cr e1");

    private static Figure walk(String id, String his, String hers, String rise) {
        FigureDraft draft = Charts.figure(
                GLIDE.id(),
                "1",
                Charts.chart(
                        "count|foot|footPosition|alignment|rise|footwork",
                        "Q|" + his + "|fwd|f LOD|" + rise + "|H",
                        "Q|" + hers + "|fwd|f LOD||H"),
                Charts.chart(
                        "count|foot|footPosition|alignment|rise|footwork",
                        "Q|" + hers + "|bk|b LOD|" + rise + "|BH",
                        "Q|" + his + "|bk|b LOD||BH"));
        return DraftReader.read(draft.withId(id).withTitle(id), List.of(GLIDE))
                .figure()
                .orElseThrow();
    }

    @Test
    void itsTechniqueIsAudited() {
        assertThat(Audit.of(GOING)).isEmpty();
        assertThat(Audit.of(LILT))
                .anySatisfy(finding -> assertThat(finding.sentence()).contains("Quayside Glide has no rise and fall"));
    }

    @Test
    void itIsLinkedAndComposed() {
        Dancing going = Dancing.of(GOING, Way.AS_CHARTED);
        assertThat(Link.between(going.exit(), going.entry()).outcome()).isEqualTo(Outcome.HOLDS);
        Repertoire repertoire = Repertoire.of(List.of(GOING), Conditions.OPEN);
        Wish wish = Wish.of(
                        GLIDE.rhythm().bar().times(6),
                        GLIDE.rhythm().bar().times(6),
                        routine(1).music())
                .withMostTimes(6);
        assertThat(Composer.compose(repertoire, wish, () -> false).compositions())
                .isNotEmpty();
    }

    @Test
    void itIsCountedInItsOwnPhrases() {
        assertThat(track(Counting.BARS, 0).words().stream().map(Track.ShownWord::text))
                .containsExactly("1", "2", "2", "2", "3", "2", "4", "2", "5", "2", "6", "2", "1", "2");
    }

    @Test
    void itIsPlayedInItsOwnRhythmAndAccents() {
        List<Cue> cues = track(Counting.BEATS, 1).cues();
        assertThat(cues.stream()
                        .filter(cue -> cue.sound() instanceof Sound.Click)
                        .map(Cue::sound)
                        .limit(2))
                .containsExactly(Sound.Click.WEAK, Sound.Click.STRONG);
        assertThat(cues.stream()
                        .filter(cue -> cue.sound().equals(new Sound.Drum(Percussion.BELL)))
                        .map(Cue::at))
                .startsWith(Beats.ONE, Beats.of(3))
                .hasSize(7);
    }

    private static Track track(Counting counting, double music) {
        Score score = Score.of(routine(7));
        return Track.of(score, new TrackWish(Beats.ZERO, score.length(), 0, Part.MAN, counting, 1, 1, music));
    }

    private static Routine routine(int bars) {
        return new Routine(
                "glide",
                "Glide",
                GLIDE,
                GLIDE.slowest(),
                Conditions.OPEN,
                Collections.nCopies(bars, Placement.of(Dancing.of(GOING, Way.AS_CHARTED))));
    }
}
