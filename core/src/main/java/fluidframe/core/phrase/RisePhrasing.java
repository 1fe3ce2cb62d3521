package fluidframe.core.phrase;

import fluidframe.core.step.RiseFall;
import fluidframe.core.text.Token;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** "Begin to rise at the end of one, continue on two and three, lower at the end of three." */
public final class RisePhrasing implements Phrasing {

    /** No chart has more rows. */
    private static final int MOST_STEPS = 64;

    private sealed interface Piece permits Happens, AtEnd, Between, OnStep, Number, Nothing, Rises, Ignored {}

    private record Happens(RiseFall.Kind kind) implements Piece {}

    private record AtEnd() implements Piece {}

    /** Between two steps is at the end of the first. */
    private record Between() implements Piece {}

    private record OnStep() implements Piece {}

    private record Number(int step) implements Piece {}

    private record Nothing() implements Piece {}

    /** "Rise" and no more: at the end of a step it begins, on a step it may be any of three things. */
    private record Rises() implements Piece {}

    private record Ignored() implements Piece {}

    private static final Phrasebook<Piece> BOOK = new Phrasebook<Piece>()
            .say(
                    new Happens(RiseFall.Kind.COMMENCE),
                    "cr",
                    "commence|commences|commencing|begin|begins|beginning|start|starts|starting|com|comm|commg (to) rise|rising|r",
                    "commence|com|comm",
                    "rise|rising commences|begins|starts",
                    "begin|begins|start|starts at|from")
            .say(
                    new Happens(RiseFall.Kind.CONTINUE),
                    "cont",
                    "continue|continues|continuing|cont|keep|keeps (on) (to) rise|rising",
                    "continue|continues|continuing",
                    "go|goes on (rising)",
                    "still rising",
                    "rise|rising continues",
                    "more rise")
            .say(
                    new Happens(RiseFall.Kind.UP),
                    "up",
                    "fully up|risen",
                    "full|complete rise",
                    "high",
                    "(up) on (the) toes",
                    "rise|rises fully",
                    "rise|rises to (the) full|top")
            .say(
                    new Happens(RiseFall.Kind.REMAIN_UP),
                    "rem up",
                    "remain|remains|remaining|stay|stays|staying|still|keep|keeps|hold|holds up|high",
                    "remain|remains risen|rising",
                    "hold|holds (the) height|rise",
                    "no lowering")
            .say(
                    new Happens(RiseFall.Kind.LOWER),
                    "lo",
                    "lower|lowers|lowering|lowered",
                    "fall|falls|falling",
                    "down",
                    "come|comes down")
            .say(new Happens(RiseFall.Kind.BODY_RISE), "br", "body rise|rises (only)", "rise in (the) body (only)")
            .say(
                    new Happens(RiseFall.Kind.NO_FOOT_RISE),
                    "nfr",
                    "no|without foot rise",
                    "no rise in|of (the) foot|feet",
                    "foot stays down",
                    "without rising on the foot",
                    "no fr",
                    "nf",
                    "(in) (the) body only")
            .say(new Between(), "between|btw|from (step|steps|count|counts|beats)")
            .say(new AtEnd(), "(at) (from) (the) end (of) (step|count|beat)", "e", "eo", "e o", "e / o", "e of", "ends")
            .say(
                    new OnStep(),
                    "on|in|during|over|through (step|steps|count|counts|beat|beats)",
                    "step|steps|count|beat")
            .say(
                    new Nothing(),
                    "no rise (or|and) (fall)",
                    "none|nil|level|no",
                    "n / a",
                    "na",
                    "no rise or lowering",
                    "stays level",
                    "stay|stays|remain|remains|keep|keeps|kept down|low")
            .say(new Rises(), "rise|rises|rising")
            .say(
                    new Ignored(),
                    "gradually|gradual|going|slightly|slowly|normal|normally|softly|early|late|body|to|this");

    @Override
    public List<String> nearest(String word) {
        return BOOK.nearest(word, RisePhrasing::shown);
    }

    @Override
    public Reading read(String text, Situation situation) {
        Sentence<Piece> sentence = Sentence.read(text, BOOK, RisePhrasing::number);
        List<Sentence.Said<Piece>> said = sentence.said();
        List<RiseFall.Phase> phases = new ArrayList<>();
        boolean nothing = false;
        boolean doubtful = false;
        int at = 0;
        while (at < said.size()) {
            Piece piece = said.get(at).meaning();
            boolean before = piece instanceof AtEnd || piece instanceof Number;
            When when = When.from(said, before ? at : at + 1);
            if (before) {
                int next = when.after();
                boolean follows = next < said.size() && said.get(next).meaning() instanceof Happens;
                if (follows) {
                    when.add(((Happens) said.get(next).meaning()).kind(), phases);
                    at = next + 1;
                } else {
                    sentence.leave(said.get(at));
                    at = next;
                }
            } else if (piece instanceof Happens happens) {
                when.add(happens.kind(), phases);
                at = when.after();
            } else if (piece instanceof Rises) {
                doubtful |= !when.atEnd();
                when.add(when.atEnd() ? RiseFall.Kind.COMMENCE : RiseFall.Kind.CONTINUE, phases);
                at = when.after();
            } else {
                nothing |= piece instanceof Nothing;
                at++;
            }
        }
        if (phases.isEmpty()) {
            return nothing && sentence.leftovers().isEmpty()
                    ? Reading.sure("-", List.of())
                    : new Reading(List.of(), false, sentence.leftovers());
        }
        return doubtful
                ? new Reading(
                        List.of(
                                new RiseFall(phases).toString(),
                                as(RiseFall.Kind.COMMENCE, phases),
                                as(RiseFall.Kind.UP, phases)),
                        false,
                        sentence.leftovers())
                : Reading.sure(new RiseFall(phases).toString(), sentence.leftovers());
    }

    private static String as(RiseFall.Kind kind, List<RiseFall.Phase> phases) {
        return new RiseFall(phases.stream()
                        .map(phase -> phase.kind() == RiseFall.Kind.CONTINUE
                                ? new RiseFall.Phase(kind, phase.atEnd(), phase.step())
                                : phase)
                        .toList())
                .toString();
    }

    /**
     * When something happens.
     *
     * @param after the first phrase that says something else
     */
    private record When(boolean atEnd, List<Integer> steps, int after) {

        static When from(List<Sentence.Said<Piece>> said, int at) {
            boolean atEnd = false;
            List<Integer> steps = new ArrayList<>();
            int next = at;
            while (next < said.size()) {
                Piece piece = said.get(next).meaning();
                boolean between = piece instanceof Between
                        && next + 2 < said.size()
                        && said.get(next + 1).meaning() instanceof Number first
                        && said.get(next + 2).meaning() instanceof Number second
                        && second.step() == first.step() + 1;
                if (between && steps.isEmpty()) {
                    return new When(true, List.of(((Number) said.get(next + 1).meaning()).step()), next + 3);
                }
                if (piece instanceof AtEnd && steps.isEmpty()) {
                    atEnd = true;
                } else if (piece instanceof Number number) {
                    steps.add(number.step());
                } else if (!(piece instanceof OnStep) && !(piece instanceof Ignored)) {
                    break;
                }
                next++;
            }
            return new When(atEnd, steps, next);
        }

        void add(RiseFall.Kind kind, List<RiseFall.Phase> phases) {
            if (steps.isEmpty()) {
                phases.add(new RiseFall.Phase(kind, atEnd, Optional.empty()));
            }
            steps.forEach(step -> phases.add(new RiseFall.Phase(kind, atEnd, Optional.of(step))));
        }
    }

    private static Optional<Piece> number(Token token) {
        return Numbers.of(token).stream()
                .filter(step -> step > 0 && step <= MOST_STEPS)
                .<Piece>mapToObj(Number::new)
                .findFirst();
    }

    private static String shown(Piece piece) {
        return piece instanceof Happens happens
                ? new RiseFall.Phase(happens.kind(), false, Optional.empty()).toString()
                : "";
    }
}
