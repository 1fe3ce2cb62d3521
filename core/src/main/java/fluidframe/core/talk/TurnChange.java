package fluidframe.core.talk;

import fluidframe.core.space.Side;
import fluidframe.core.space.Turn;
import fluidframe.core.step.StepTurn;
import fluidframe.core.text.Fraction;
import fluidframe.core.text.UnreadableTextException;
import java.util.Optional;

/** A turn made less or more. */
final class TurnChange {

    private TurnChange() {}

    /**
     * The turn of a cell made less or more by a size, to the side it goes; nothing if there is none to change or it
     * would be turned round.
     */
    static Optional<String> by(String cell, Fraction size, boolean more) {
        Optional<StepTurn> read = read(cell);
        if (read.isEmpty()) {
            return Optional.empty();
        }
        StepTurn turn = read.get();
        Turn changed = turn.between().isNone() ? turn.on() : turn.between();
        int sixteenths = changed.size() + (more ? 1 : -1) * size.in(Turn.WHOLE);
        if (changed.isNone() || sixteenths < 0) {
            return Optional.empty();
        }
        Turn left = new Turn(changed.side().orElseThrow().sign() * sixteenths);
        return Optional.of((turn.between().isNone() ? turn.withOn(left) : turn.withBetween(left)).toString());
    }

    static Optional<Fraction> size(String cell) {
        return read(cell)
                .map(StepTurn::between)
                .filter(turn -> !turn.isNone())
                .map(turn -> new Fraction(turn.size(), Turn.WHOLE));
    }

    static Optional<Side> side(String cell) {
        return read(cell)
                .flatMap(turn -> turn.between()
                        .side()
                        .or(() -> turn.on().side())
                        .or(() -> turn.phase().map(StepTurn.Phase::side)));
    }

    private static Optional<StepTurn> read(String cell) {
        try {
            return Optional.of(StepTurn.parse(cell));
        } catch (UnreadableTextException notATurn) {
            return Optional.empty();
        }
    }
}
