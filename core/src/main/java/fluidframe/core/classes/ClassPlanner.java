package fluidframe.core.classes;

import fluidframe.core.compose.Bookends;
import fluidframe.core.couple.Part;
import fluidframe.core.figure.Caution;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Neighbours;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Link;
import fluidframe.core.link.Move;
import fluidframe.core.link.Outcome;
import fluidframe.core.link.Repertoire;
import fluidframe.core.link.Verdict;
import fluidframe.core.link.VerdictSentence;
import fluidframe.core.step.Foot;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * Builds a class as coaches do: warm up; everybody alone, men and ladies at once on two sides of the room, each their
 * own steps; in hold without music; counted; slowly; to tempo; with an ending; and, where there are enough, with other
 * partners. The time is shared in fixed proportions, in whole minutes that add up.
 */
public final class ClassPlanner {

    /** Shares of the time, in hundredths. */
    private static final int WARM_UP = 12;

    private static final int ALONE = 22;
    private static final int IN_HOLD = 14;
    private static final int COUNTED = 12;
    private static final int SLOWLY = 12;
    private static final int TO_TEMPO = 12;
    private static final int ENDING = 8;
    private static final int PARTNERS = 8;
    /** Too short for everything: an ending and other partners are left for another day. */
    private static final int TOO_SHORT = 30;

    private static final int SLOW_PERCENT = 70;
    private static final int TEMPO_PERCENT = 100;

    private final ClassWish wish;
    private final Repertoire repertoire;
    private final List<Dancing> chain;

    private ClassPlanner(ClassWish wish, Repertoire repertoire) {
        this.wish = wish;
        this.repertoire = repertoire;
        this.chain = wish.chain().stream()
                .map(figure -> Dancing.of(figure, Way.AS_CHARTED))
                .toList();
    }

    /** @param repertoire what the dance has, for an ending */
    public static ClassPlan plan(ClassWish wish, Repertoire repertoire) {
        return new ClassPlanner(wish, repertoire).plan();
    }

    private ClassPlan plan() {
        List<ClassPart> parts = new ArrayList<>();
        parts.add(new ClassPart(
                ClassesSentences.warmUp(),
                WARM_UP,
                ClassesSentences.walksInTheRhythmOfThe(dance(), Caution.WARM_UP.wording()),
                "",
                TEMPO_PERCENT));
        parts.add(new ClassPart(
                "Alone",
                ALONE,
                ClassesSentences.menAlongOneSideOfThe(opening(Part.MAN), opening(Part.LADY)),
                counts(),
                0));
        parts.add(new ClassPart(
                ClassesSentences.inHoldWithoutMusic(),
                IN_HOLD,
                ClassesSentences.partnersTakeInAndDanceIt(
                        first().start().hold().wording(),
                        first().start().position().wording()),
                "",
                0));
        parts.add(new ClassPart("Counted", COUNTED, ClassesSentences.allTogetherTheCoachCountsThen(), counts(), 0));
        parts.add(new ClassPart("Slowly", SLOWLY, ClassesSentences.toMusicSlowerThanUsual(), counts(), SLOW_PERCENT));
        parts.add(new ClassPart(
                ClassesSentences.toTempo(),
                TO_TEMPO,
                ClassesSentences.toMusicAtBarsAMinute(first().dance().slowest().barsPerMinute()),
                "",
                TEMPO_PERCENT));
        if (wish.minutes() >= TOO_SHORT) {
            ending().ifPresent(move -> parts.add(new ClassPart(
                    ClassesSentences.withAnEnding(),
                    ENDING,
                    ClassesSentences.afterTheTheHoldsAndComes(
                            last().title(), move.dancing().wording()),
                    move.dancing().danced().timing(Part.MAN).count().toString(),
                    TEMPO_PERCENT)));
            if (Math.min(wish.men(), wish.ladies()) > 1) {
                parts.add(new ClassPart(ClassesSentences.changePartners(), PARTNERS, partners(), "", TEMPO_PERCENT));
            }
        }
        return new ClassPlan(
                chain.stream().map(dancing -> dancing.figure().title()).collect(Collectors.joining(", ")),
                timed(parts),
                cautions(),
                notes());
    }

    private String dance() {
        return first().dance().title();
    }

    private Figure first() {
        return wish.chain().get(0);
    }

    private Figure last() {
        return wish.chain().get(wish.chain().size() - 1);
    }

    /** "The lady begins with her right foot free, backing diagonally to wall." */
    private String opening(Part part) {
        Foot free = first().chart(part).freeFeet().before();
        String feet = free == Foot.BOTH ? ClassesSentences.eitherFoot() : "the " + free.wording();
        String alignment = first().chart(part)
                .steps()
                .get(0)
                .alignment()
                .map(each -> ", " + each.wording())
                .orElse("");
        return ClassesSentences.theBeginsWithFree(part.wording(), feet, alignment);
    }

    /** Of both parts where they differ. */
    private String counts() {
        return chain.stream()
                .map(dancing -> {
                    String his = dancing.danced().timing(Part.MAN).count().toString();
                    String hers = dancing.danced().timing(Part.LADY).count().toString();
                    return his.equals(hers) ? his : his + " (lady " + hers + ")";
                })
                .collect(Collectors.joining(" | "));
    }

    /** The first that holds, the listed ones and the easiest first, on which a routine can end. */
    private Optional<Move> ending() {
        Dancing end = chain.get(chain.size() - 1);
        return repertoire.after(Optional.of(end.figure()), end.exit()).stream()
                .filter(move -> move.outcome() == Outcome.HOLDS
                        && move.dancing().way().isAsCharted()
                        && Bookends.closes(move.dancing())
                        && move.dancing().figure().level().compareTo(wish.level()) <= 0
                        && !wish.chain().contains(move.dancing().figure()))
                .min(Comparator.<Move, Boolean>comparing(move -> !Neighbours.areListed(
                                end.figure(), move.dancing().figure()))
                        .thenComparing(move -> move.dancing().figure().level())
                        .thenComparing(move -> move.dancing().figure().title()));
    }

    private String partners() {
        int rounds = Math.max(wish.men(), wish.ladies());
        int resting = Math.abs(wish.men() - wish.ladies());
        String rest =
                resting == 0 ? "" : ClassesSentences.manRestsMenRestLadyRests(wish.men() > wish.ladies(), resting);
        return ClassesSentences.everyoneMeetsEveryoneInRounds(rounds, rest);
    }

    /** Each caution once; warming up comes first. */
    private List<Caution> cautions() {
        TreeSet<Caution> asked = new TreeSet<>(Set.of(Caution.WARM_UP));
        wish.chain().forEach(figure -> asked.addAll(figure.teaching().cautions()));
        return List.copyOf(asked);
    }

    private List<String> notes() {
        List<String> notes = new ArrayList<>();
        for (int i = 1; i < chain.size(); i++) {
            Dancing from = chain.get(i - 1);
            Dancing to = chain.get(i);
            Verdict verdict =
                    Link.between(from.exit(), to.entry(), from.figure(), to.figure(), repertoire.conditions());
            if (verdict.outcome() != Outcome.HOLDS) {
                notes.add(ClassesSentences.intoBreaksBends(
                        from.figure().title(),
                        to.figure().title(),
                        verdict.outcome() == Outcome.BREAKS,
                        VerdictSentence.of(verdict)));
            }
        }
        wish.chain().stream()
                .filter(figure -> figure.level().compareTo(wish.level()) > 0)
                .forEach(figure ->
                        notes.add(ClassesSentences.theIsTheClassIs(figure.title(), figure.level(), wish.level())));
        if (wish.level().isNovice()) {
            wish.chain().stream()
                    .filter(figure -> figure.teaching().isDeep())
                    .forEach(figure -> notes.add(ClassesSentences.theHasSomethingDeepOrTurning(figure.title())));
        }
        return notes;
    }

    /**
     * In whole minutes, each part at least one, that add up: the minutes left over go to those that lost most by
     * rounding.
     */
    private List<ClassPart> timed(List<ClassPart> parts) {
        int shares = parts.stream().mapToInt(ClassPart::minutes).sum();
        int[] minutes = parts.stream()
                .mapToInt(part -> Math.max(1, wish.minutes() * part.minutes() / shares))
                .toArray();
        List<Integer> byLoss = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            byLoss.add(i);
        }
        byLoss.sort(Comparator.comparingInt(i -> -(wish.minutes() * parts.get(i).minutes() % shares)));
        int left = wish.minutes();
        for (int each : minutes) {
            left -= each;
        }
        for (int i = 0; left > 0; i++, left--) {
            minutes[byLoss.get(i % byLoss.size())]++;
        }
        List<ClassPart> timed = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            timed.add(parts.get(i).lasting(minutes[i]));
        }
        return timed;
    }
}
