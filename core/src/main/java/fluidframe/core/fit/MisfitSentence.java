package fluidframe.core.fit;

import fluidframe.core.dance.Dances;
import fluidframe.core.piece.Piece;
import fluidframe.core.text.Fraction;
import fluidframe.core.time.Beats;
import java.util.Locale;
import org.apache.commons.lang3.StringUtils;

/** Says what does not fit, in one sentence with bars, beats and seconds. */
public final class MisfitSentence {

    private final Fit fit;
    private final Piece piece;

    private MisfitSentence(Fit fit) {
        this.fit = fit;
        this.piece = fit.laying().piece();
    }

    public static String of(Misfit misfit, Fit fit) {
        return new MisfitSentence(fit).say(misfit);
    }

    private String say(Misfit misfit) {
        if (misfit instanceof Misfit.TooLong longer) {
            return FitSentences.theRoutineGoesOnForAfter(length(longer.by()));
        }
        if (misfit instanceof Misfit.TooShort shorter) {
            return FitSentences.ofMusicAreLeft(length(shorter.left()), seconds(fit.secondsLeft()));
        }
        if (misfit instanceof Misfit.Straddles straddles) {
            String what = straddles.section()
                    ? "the " + piece.sectionOf(straddles.bar()).section().name()
                    : "a phrase";
            return FitSentences.theGoesOverBarWhereBegins(
                    name(straddles.passage()),
                    straddles.bar(),
                    what,
                    length(straddles.before()),
                    length(straddles.after()));
        }
        if (misfit instanceof Misfit.HighlightOffHit off) {
            boolean early = off.away().compareTo(Beats.ZERO) < 0;
            Beats away = early ? Beats.ZERO.minus(off.away()) : off.away();
            return FitSentences.theIsAHighlightAndBegins(
                    name(off.passage()),
                    length(away),
                    early,
                    off.nearest().kind(),
                    piece.barOf(off.nearest().at()));
        }
        if (misfit instanceof Misfit.UnusualTempo unusual) {
            return FitSentences.thePieceGoesAtBarsA(
                    number(unusual.barsPerMinute()),
                    fit.score().routine().dance().slowest().barsPerMinute(),
                    fit.score().routine().dance().fastest().barsPerMinute());
        }
        Misfit.OtherDance other = (Misfit.OtherDance) misfit;
        return FitSentences.isNotNotedDownForThe(
                piece.title(),
                Dances.find(other.dance()).map(dance -> dance.title()).orElse(other.dance()));
    }

    private String name(int passage) {
        return fit.score().placements().get(passage).dancing().wording();
    }

    private String length(Beats beats) {
        return length(beats, piece.bar());
    }

    /** "2 bars", "1 bar and 2 beats". */
    static String length(Beats beats, Beats bar) {
        int bars = beats.ticks() / bar.ticks();
        Beats rest = beats.minus(bar.times(bars));
        String whole = new Fraction(bars, 1).counting("bar");
        return rest.equals(Beats.ZERO) ? whole : bars == 0 ? rest.wording() : whole + " and " + rest.wording();
    }

    private static String seconds(double seconds) {
        return number(seconds) + " seconds";
    }

    private static String number(double number) {
        return StringUtils.removeEnd(String.format(Locale.ROOT, "%.1f", number), ".0");
    }
}
