package fluidframe.core.dance;

import static fluidframe.core.dance.Style.RHYTHM;
import static fluidframe.core.dance.Style.SMOOTH;
import static fluidframe.core.dance.Style.STANDARD;
import static fluidframe.core.dance.Technique.LATIN;
import static fluidframe.core.dance.Technique.MARCH;
import static fluidframe.core.dance.Technique.TANGO;

import fluidframe.core.music.Groove;
import fluidframe.core.music.Grooves;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Feel;
import fluidframe.core.time.Rhythm;
import fluidframe.core.time.Tempo;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * The catalogue of dances. Metres, start beats and tempo ranges are the usual ones of competition music; the two rumbas
 * and the two cha chas are dances of their own because they start on different beats or count differently.
 */
public final class Dances {

    private static final Beats NONE = Beats.ZERO;

    private static final List<Dance> ALL = List.of(
            travelling(
                    "waltz",
                    "Waltz",
                    STANDARD,
                    rhythm(3, NONE, NONE, 1),
                    28,
                    30,
                    Technique.SWING,
                    Grooves.SLOW_WALTZ,
                    0.65),
            travelling(
                    "tango",
                    "Tango",
                    STANDARD,
                    rhythm(2, Beats.ONE, Beats.HALF, 1, 2),
                    31,
                    33,
                    TANGO,
                    Grooves.TANGO,
                    0.55),
            travelling(
                    "viennese-waltz",
                    "Viennese Waltz",
                    STANDARD,
                    rhythm(3, NONE, NONE, 1),
                    58,
                    60,
                    Technique.SWING,
                    Grooves.FAST_WALTZ,
                    0.55),
            travelling(
                    "foxtrot",
                    "Foxtrot",
                    STANDARD,
                    rhythm(4, Beats.of(2), Beats.ONE, 1, 3),
                    28,
                    30,
                    Technique.SWING,
                    Grooves.FOXTROT,
                    0.7),
            travelling(
                    "quickstep",
                    "Quickstep",
                    STANDARD,
                    rhythm(4, Beats.of(2), Beats.ONE, 1, 3),
                    50,
                    52,
                    Technique.SWING,
                    Grooves.QUICKSTEP,
                    0.65),
            spot("cha-cha", "Cha Cha", Style.LATIN, rhythm(4, NONE, NONE, 2), 30, 32, LATIN, Grooves.CHA_CHA, 0.4),
            travelling(
                    "samba",
                    "Samba",
                    Style.LATIN,
                    rhythm(2, Beats.ONE, Beats.HALF, 1),
                    50,
                    52,
                    LATIN.withQuarterBeats(),
                    Grooves.SAMBA,
                    0.4),
            spot("rumba", "Rumba", Style.LATIN, rhythm(4, NONE, NONE, 2), 25, 27, LATIN, Grooves.RUMBA, 0.45),
            travelling(
                    "paso-doble",
                    "Paso Doble",
                    Style.LATIN,
                    rhythm(2, NONE, Beats.ONE, 1),
                    60,
                    62,
                    MARCH,
                    Grooves.PASO_DOBLE,
                    0.45),
            spot(
                    "jive",
                    "Jive",
                    Style.LATIN,
                    rhythm(4, Beats.of(2), Beats.ONE, 1, 3),
                    42,
                    44,
                    LATIN.withQuarterBeats(),
                    Grooves.SWING,
                    0.3),
            travelling(
                    "american-waltz",
                    "American Waltz",
                    SMOOTH,
                    rhythm(3, NONE, NONE, 1),
                    28,
                    30,
                    Technique.SWING,
                    Grooves.SLOW_WALTZ,
                    0.65),
            travelling(
                    "american-tango",
                    "American Tango",
                    SMOOTH,
                    rhythm(4, Beats.of(2), Beats.ONE, 1),
                    30,
                    32,
                    TANGO,
                    Grooves.TANGO_IN_FOUR,
                    0.55),
            travelling(
                    "american-foxtrot",
                    "American Foxtrot",
                    SMOOTH,
                    rhythm(4, Beats.of(2), Beats.ONE, 1, 3),
                    30,
                    32,
                    Technique.SWING,
                    Grooves.FOXTROT,
                    0.65),
            travelling(
                    "american-viennese-waltz",
                    "American Viennese Waltz",
                    SMOOTH,
                    rhythm(3, NONE, NONE, 1),
                    53,
                    54,
                    Technique.SWING,
                    Grooves.FAST_WALTZ,
                    0.55),
            spot(
                    "american-cha-cha",
                    "American Cha Cha",
                    RHYTHM,
                    rhythm(4, NONE, NONE, 2),
                    30,
                    30,
                    LATIN,
                    Grooves.CHA_CHA,
                    0.35),
            spot(
                    "american-rumba",
                    "American Rumba",
                    RHYTHM,
                    rhythm(4, Beats.of(2), Beats.ONE, 1),
                    30,
                    32,
                    LATIN,
                    Grooves.RUMBA,
                    0.4),
            spot(
                    "swing",
                    "Swing",
                    RHYTHM,
                    rhythm(4, Beats.of(2), Beats.ONE, 1, 3),
                    34,
                    36,
                    LATIN.withQuarterBeats(),
                    Grooves.SWING,
                    0.3),
            spot(
                    "bolero",
                    "Bolero",
                    RHYTHM,
                    rhythm(4, Beats.of(2), Beats.ONE, 1),
                    24,
                    26,
                    LATIN.withRises(true),
                    Grooves.BOLERO,
                    0.55),
            spot("mambo", "Mambo", RHYTHM, rhythm(4, NONE, NONE, 2), 47, 51, LATIN, Grooves.MAMBO, 0.35));

    private static final Map<String, Dance> BY_ID =
            ALL.stream().collect(Collectors.toUnmodifiableMap(Dance::id, Function.identity()));

    private Dances() {}

    public static List<Dance> all() {
        return ALL;
    }

    public static Optional<Dance> find(String id) {
        return Optional.ofNullable(id).map(BY_ID::get);
    }

    private static Dance travelling(
            String id,
            String title,
            Style style,
            Rhythm rhythm,
            int slowest,
            int fastest,
            Technique technique,
            Groove groove,
            double step) {
        return new Dance(
                id,
                title,
                style,
                rhythm,
                new Tempo(slowest),
                new Tempo(fastest),
                true,
                technique,
                DanceMusic.of(groove, rhythm.beatsPerBar()),
                step);
    }

    private static Dance spot(
            String id,
            String title,
            Style style,
            Rhythm rhythm,
            int slowest,
            int fastest,
            Technique technique,
            Groove groove,
            double step) {
        return new Dance(
                id,
                title,
                style,
                rhythm,
                new Tempo(slowest),
                new Tempo(fastest),
                false,
                technique,
                DanceMusic.of(groove, rhythm.beatsPerBar()),
                step);
    }

    private static Rhythm rhythm(int beatsPerBar, Beats slow, Beats quick, Integer... startBeats) {
        return new Rhythm(
                beatsPerBar,
                new TreeSet<>(Set.of(startBeats)),
                Optional.of(slow).filter(Beats::isPositive),
                Optional.of(quick).filter(Beats::isPositive),
                Feel.QUARTER);
    }
}
