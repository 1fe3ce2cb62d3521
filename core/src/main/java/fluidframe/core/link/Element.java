package fluidframe.core.link;

import fluidframe.core.couple.Part;
import fluidframe.core.couple.Position;
import fluidframe.core.couple.Relation;
import fluidframe.core.couple.RelationChange;
import fluidframe.core.dance.Dance;
import fluidframe.core.figure.Chart;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import fluidframe.core.figure.Neighbours;
import fluidframe.core.figure.Teaching;
import fluidframe.core.figure.Variants;
import fluidframe.core.figure.Way;
import fluidframe.core.space.Alignment;
import fluidframe.core.space.Heading;
import fluidframe.core.space.Turn;
import fluidframe.core.step.Action;
import fluidframe.core.step.BodyAction;
import fluidframe.core.step.Foot;
import fluidframe.core.step.FootPosition;
import fluidframe.core.step.Footwork;
import fluidframe.core.step.RiseFall;
import fluidframe.core.step.Step;
import fluidframe.core.step.StepDirection;
import fluidframe.core.step.StepTurn;
import fluidframe.core.time.Beats;
import fluidframe.core.time.CountToken;
import fluidframe.core.time.Feel;
import fluidframe.core.time.Rhythm;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * Something between figures that takes the couple as it finds them: a hold, a bow, a walk, a pose, or a single step
 * that puts a foot or a beat right. It begins with whichever foot is free, wherever they face, in the position they are
 * in.
 *
 * @param kind what is done
 * @param beats how long it lasts, whole beats
 * @param part who does it while the other waits; both if empty
 * @param to position and hold it leads into
 * @param turn how far each of the two turns meanwhile, in sixteenths
 */
public record Element(ElementKind kind, int beats, Optional<Part> part, RelationChange to, Turn turn) implements Item {

    /** Longer than any pause in a routine: 64 bars of four. */
    public static final int MOST_BEATS = 256;

    private static final Turn ONCE_ROUND = new Turn(-16);

    /** @throws IllegalArgumentException if it lasts no beat or more than {@value #MOST_BEATS} */
    public Element {
        if (beats < 1 || beats > MOST_BEATS) {
            throw new IllegalArgumentException(LinkSentences.anElementOfBeatsExpected1(beats, MOST_BEATS));
        }
    }

    public static Element of(ElementKind kind, int beats) {
        return new Element(kind, beats, Optional.empty(), RelationChange.NONE, Turn.NONE);
    }

    public Element lasting(int longer) {
        return new Element(kind, longer, part, to, turn);
    }

    public Element by(Part one) {
        return new Element(kind, beats, Optional.of(one), to, turn);
    }

    @Override
    public Beats length() {
        return Beats.of(beats);
    }

    @Override
    public int steps() {
        return 2 * beats;
    }

    @Override
    public String key() {
        return kind.shorthand();
    }

    @Override
    public String wording() {
        return kind.wording() + " for " + details();
    }

    /** "3 beats, only the lady, into promenade". */
    public String details() {
        String who = part.map(one -> LinkSentences.onlyThe(one.wording())).orElse("");
        String turned = turn.isNone() ? "" : ", turning " + turn.spoken();
        return Beats.of(beats).wording() + who + turned + (to.isNone() ? "" : ", into " + to.wording());
    }

    @Override
    public Dancing after(ExitState before, Dance dance) {
        boolean round = kind == ElementKind.ROUND;
        Relation meanwhile = round ? before.relation().with(Position.OUTSIDE_RIGHT) : before.relation();
        Relation end = before.relation().with(to);
        Turn hers = end.position().facing().minus(meanwhile.position().facing());
        Chart man = chart(Part.MAN, before, before.facing(), Turn.NONE, dance.rhythm());
        Chart lady = chart(
                Part.LADY, before, before.facing().plus(meanwhile.position().facing()), hers, dance.rhythm());
        String title = kind.wording().substring(0, 1).toUpperCase(Locale.ROOT)
                + kind.wording().substring(1);
        Figure figure = new Figure(
                key(),
                dance,
                Feel.QUARTER,
                title,
                List.of(),
                Level.PRE_BRONZE,
                length(),
                meanwhile,
                end,
                List.of(new Alignment.Facing(before.facing())),
                false,
                man,
                lady,
                Variants.NONE,
                Neighbours.ANY,
                Teaching.NONE,
                false,
                List.of(),
                Set.of());
        return Dancing.of(figure, Way.AS_CHARTED, figure);
    }

    private Chart chart(Part who, ExitState before, Heading facing, Turn settle, Rhythm rhythm) {
        Foot free = who == Part.MAN ? before.manFree() : before.ladyFree();
        int first = (before.beat().ticks() + Beats.TICKS_PER_BEAT - 1) / Beats.TICKS_PER_BEAT;
        Heading looks = facing;
        List<Step> steps = new ArrayList<>();
        for (int beat = 0; beat < beats; beat++) {
            Foot foot = stepsOn(who, beat) ? stepping(free, who) : free;
            Turn turns = share(beat).plus(beat == beats - 1 ? settle : Turn.NONE);
            looks = looks.plus(turns);
            steps.add(step(who, before, foot, beat, rhythm.beatOfBar(Beats.of(first + beat)), turns, looks));
            free = stepsOn(who, beat) ? foot.other() : foot;
        }
        return new Chart(who, steps);
    }

    private Step step(Part who, ExitState before, Foot foot, int beat, int ofBar, Turn turns, Heading looks) {
        boolean weight = stepsOn(who, beat);
        Optional<FootPosition> where = weight ? Optional.of(FootPosition.of(placement(who, before))) : Optional.empty();
        Optional<Action> action = beat > 0 || waits(who) ? Optional.empty() : action();
        return new Step(
                Optional.of(new CountToken.Numbered(List.of(ofBar), !weight)),
                Optional.empty(),
                Optional.of(foot),
                where,
                Optional.of(new Alignment.Facing(looks)),
                StepTurn.NONE.withBetween(turns),
                RiseFall.NONE,
                Footwork.NONE,
                Optional.empty(),
                false,
                action.stream().toList(),
                BodyAction.NONE,
                beat == beats - 1 ? to : RelationChange.NONE,
                "",
                "",
                "");
    }

    private boolean waits(Part who) {
        return part.isPresent() && part.get() != who;
    }

    /** Whether weight is taken on a beat, counted from 0. */
    private boolean stepsOn(Part who, int beat) {
        return !waits(who)
                && switch (kind) {
                    case WALK, ROUND -> true;
                    case REPLACE, CHECK, BOW, POSE, DIP -> beat == 0;
                    case HOLD, TAP -> false;
                };
    }

    private Foot stepping(Foot free, Part who) {
        boolean onBoth = kind == ElementKind.BOW || kind == ElementKind.POSE || kind == ElementKind.DIP;
        return onBoth ? Foot.BOTH : free == Foot.BOTH ? who == Part.MAN ? Foot.LEFT : Foot.RIGHT : free;
    }

    private StepDirection placement(Part who, ExitState before) {
        boolean manBack = kind == ElementKind.CHECK && before.travel() == Travel.BACK;
        boolean back = who == Part.MAN || !before.relation().position().isFacing() ? manBack : !manBack;
        return switch (kind) {
            case WALK, CHECK -> back ? StepDirection.BACK : StepDirection.FORWARD;
            case ROUND -> StepDirection.FORWARD;
            case REPLACE, BOW, POSE, DIP, HOLD, TAP -> StepDirection.IN_PLACE;
        };
    }

    private Optional<Action> action() {
        return switch (kind) {
            case TAP -> Optional.of(Action.TAP);
            case CHECK -> Optional.of(Action.CHECK);
            case BOW -> Optional.of(Action.BOW);
            case POSE -> Optional.of(Action.POSE);
            case DIP -> Optional.of(Action.DIP);
            case HOLD, REPLACE, WALK, ROUND -> Optional.empty();
        };
    }

    /** What is turned on a beat: of walks each step its share, of everything else all on the first. */
    private Turn share(int beat) {
        Turn all = kind == ElementKind.ROUND && turn.isNone() ? ONCE_ROUND : turn;
        boolean spread = kind == ElementKind.WALK || kind == ElementKind.ROUND;
        int upTo = spread ? all.sixteenths() * (beat + 1) / beats : all.sixteenths();
        int before = spread ? all.sixteenths() * beat / beats : beat == 0 ? 0 : upTo;
        return new Turn(upTo - before);
    }
}
