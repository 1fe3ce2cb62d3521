package fluidframe.core.step;

import fluidframe.core.space.Turn;

/** How the body's turn on a row differs from the foot's. */
public sealed interface BodyTurn {

    /**
     * Where a chart says "body turns less" without a number, an eighth is meant: the usual shortfall of a pointing
     * step.
     */
    Turn USUALLY_LESS = new Turn(2);

    BodyTurn mirrored();

    String wording();

    /** The body is where the foot points. */
    record Follows() implements BodyTurn {
        @Override
        public BodyTurn mirrored() {
            return this;
        }

        @Override
        public String wording() {
            return StepSentences.theBodyFollows();
        }

        @Override
        public String toString() {
            return "";
        }
    }

    /** The body turns less than the foot by the size given. */
    record Less(Turn by) implements BodyTurn {
        @Override
        public BodyTurn mirrored() {
            return this;
        }

        @Override
        public String wording() {
            return StepSentences.theBodyLess(by.sizeText());
        }

        @Override
        public String toString() {
            return by.equals(USUALLY_LESS) ? "body less" : "body less " + by.sizeText();
        }
    }

    /** The body catches up with the foot. */
    record Completes() implements BodyTurn {
        @Override
        public BodyTurn mirrored() {
            return this;
        }

        @Override
        public String wording() {
            return StepSentences.theBodyCompletesTheTurn();
        }

        @Override
        public String toString() {
            return "body completes";
        }
    }

    /** The body turns by itself; the foot stays. */
    record Turns(Turn turn) implements BodyTurn {
        @Override
        public BodyTurn mirrored() {
            return new Turns(turn.mirrored());
        }

        @Override
        public String wording() {
            return StepSentences.theBodyTurns(
                    turn.sizeText(),
                    turn.side().map(side -> " to the " + side.wording()).orElse(""));
        }

        @Override
        public String toString() {
            return "body " + turn;
        }
    }
}
