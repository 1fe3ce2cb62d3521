package fluidframe.core;

import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Position;
import fluidframe.core.couple.Proximity;
import fluidframe.core.couple.RelationChange;
import fluidframe.core.space.Alignment;
import fluidframe.core.space.Heading;
import fluidframe.core.space.Side;
import fluidframe.core.space.Turn;
import fluidframe.core.step.Action;
import fluidframe.core.step.BodyAction;
import fluidframe.core.step.BodyTurn;
import fluidframe.core.step.Foot;
import fluidframe.core.step.FootPosition;
import fluidframe.core.step.Footwork;
import fluidframe.core.step.HipMove;
import fluidframe.core.step.PositionModifier;
import fluidframe.core.step.RiseFall;
import fluidframe.core.step.Step;
import fluidframe.core.step.StepDirection;
import fluidframe.core.step.StepTurn;
import fluidframe.core.step.SupportNote;
import fluidframe.core.step.Sway;
import fluidframe.core.step.Touch;
import fluidframe.core.step.Weight;
import fluidframe.core.time.Beats;
import fluidframe.core.time.CountToken;
import fluidframe.core.time.Word;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Rows such as nobody would dance but anybody could write, the same ones every time. */
public final class RandomRows {

    private final Random random;

    public RandomRows(long seed) {
        this.random = new Random(seed);
    }

    public static Stream<Step> many(int count) {
        RandomRows rows = new RandomRows(4711);
        return Stream.generate(rows::next).limit(count);
    }

    public Step next() {
        return new Step(
                maybe(this::token),
                maybe(this::token),
                maybe(() -> of(Foot.values())),
                maybe(this::footPosition),
                maybe(this::alignment),
                turn(),
                rise(),
                footwork(),
                maybe(() -> of(Sway.values())),
                random.nextBoolean(),
                actions(),
                body(),
                relation(),
                text(),
                text(),
                text());
    }

    private CountToken token() {
        boolean bracketed = random.nextBoolean();
        return switch (random.nextInt(5)) {
            case 0 ->
                new CountToken.Worded(
                        some(() -> of(Word.values())).stream().limit(2).toList(), bracketed);
            case 1 -> new CountToken.And(bracketed);
            case 2 -> new CountToken.A(bracketed);
            case 3 -> new CountToken.Held();
            default -> new CountToken.Numbered(some(() -> 1 + random.nextInt(4)), bracketed);
        };
    }

    private FootPosition footPosition() {
        return new FootPosition(
                of(StepDirection.values()),
                maybe(() -> of(Touch.values())),
                of(Weight.values()),
                someOf(PositionModifier.class));
    }

    public Alignment alignment() {
        Heading heading = new Heading(random.nextInt(16));
        return switch (random.nextInt(4)) {
            case 0 -> new Alignment.Facing(heading);
            case 1 -> new Alignment.Backing(heading);
            case 2 -> new Alignment.Pointing(heading);
            default -> new Alignment.Moving(heading, new Heading(random.nextInt(16)));
        };
    }

    private StepTurn turn() {
        BodyTurn body = switch (random.nextInt(4)) {
            case 0 -> new BodyTurn.Less(new Turn(1 + random.nextInt(4)));
            case 1 -> new BodyTurn.Completes();
            case 2 ->
                new BodyTurn.Turns(new Turn(random.nextBoolean() ? 1 + random.nextInt(4) : -1 - random.nextInt(4)));
            default -> new BodyTurn.Follows();
        };
        return new StepTurn(
                anyTurn(), anyTurn(), body, maybe(() -> new StepTurn.Phase(random.nextBoolean(), of(Side.values()))));
    }

    private Turn anyTurn() {
        return random.nextBoolean() ? Turn.NONE : new Turn(random.nextInt(49) - 24);
    }

    private RiseFall rise() {
        return new RiseFall(IntStream.range(0, random.nextInt(3))
                .mapToObj(i -> {
                    Optional<Integer> step = maybe(() -> 1 + random.nextInt(12));
                    return new RiseFall.Phase(of(RiseFall.Kind.values()), random.nextBoolean(), step);
                })
                .toList());
    }

    private Footwork footwork() {
        List<Footwork.Contact> contacts = IntStream.range(0, random.nextInt(4))
                .mapToObj(i ->
                        new Footwork.Contact(of(Footwork.Surface.values()), maybe(() -> of(Footwork.Edge.values()))))
                .toList();
        return contacts.isEmpty() ? Footwork.NONE : new Footwork(contacts, someOf(SupportNote.class));
    }

    private List<Action> actions() {
        return List.copyOf(someOf(Action.class));
    }

    private BodyAction body() {
        return new BodyAction(IntStream.range(0, random.nextInt(3))
                .mapToObj(i -> new BodyAction.Entry(
                        of(HipMove.values()),
                        maybe(() -> of(Side.values())),
                        maybe(() -> new Beats(1 + random.nextInt(96)))))
                .toList());
    }

    private RelationChange relation() {
        return new RelationChange(
                maybe(() -> of(Position.values())),
                maybe(() -> of(Hold.values())),
                maybe(() -> of(Proximity.values())));
    }

    private String text() {
        return random.nextInt(3) == 0 ? "word " + random.nextInt(100) + ", \"quoted\"; and more" : "";
    }

    private <T> Optional<T> maybe(Supplier<T> value) {
        return random.nextBoolean() ? Optional.of(value.get()) : Optional.empty();
    }

    private <T> List<T> some(Supplier<T> value) {
        return Stream.generate(value).limit(1 + random.nextInt(3)).toList();
    }

    private <E extends Enum<E>> Set<E> someOf(Class<E> type) {
        EnumSet<E> some = EnumSet.noneOf(type);
        for (E each : EnumSet.allOf(type)) {
            if (random.nextInt(6) == 0) {
                some.add(each);
            }
        }
        return some;
    }

    private <T> T of(T[] values) {
        return values[random.nextInt(values.length)];
    }
}
