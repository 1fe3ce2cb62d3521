package fluidframe.core.step;

import fluidframe.core.couple.Position;
import fluidframe.core.couple.RelationChange;
import fluidframe.core.space.Alignment;
import fluidframe.core.space.Turn;
import fluidframe.core.text.Mirrored;
import fluidframe.core.time.CountToken;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/**
 * One row of a chart. A row whose foot or foot position is missing is still a row, so that a half-written chart can be
 * checked; it moves nothing.
 *
 * @param count its mark of the count
 * @param alsoCounted the same mark in the other form, words beside numbers or numbers beside words
 * @param foot the foot it is danced with
 * @param footPosition where the foot goes
 * @param alignment where the foot is turned, if the chart says so
 * @param turn how much is turned
 * @param rise rise and fall
 * @param footwork parts of the foot
 * @param sway sway, if the chart says so
 * @param cbm whether there is contrary body movement
 * @param actions swivel, pivot, lock and the like
 * @param body hips and body
 * @param relation position and hold, where they change
 * @param arms what the free arms do
 * @param lead how the step is led or followed
 * @param note anything else
 */
@RecordBuilder
public record Step(
        Optional<CountToken> count,
        Optional<CountToken> alsoCounted,
        Optional<Foot> foot,
        Optional<FootPosition> footPosition,
        Optional<Alignment> alignment,
        StepTurn turn,
        RiseFall rise,
        Footwork footwork,
        Optional<Sway> sway,
        boolean cbm,
        List<Action> actions,
        BodyAction body,
        RelationChange relation,
        String arms,
        String lead,
        String note)
        implements StepBuilder.With {

    public static final Step EMPTY = new Step(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            StepTurn.NONE,
            RiseFall.NONE,
            Footwork.NONE,
            Optional.empty(),
            false,
            List.of(),
            BodyAction.NONE,
            RelationChange.NONE,
            "",
            "",
            "");

    public Step {
        actions = List.copyOf(actions);
    }

    /** The weight taken: none where the count is bracketed or the foot only taps, else what the foot position says. */
    public Weight weight() {
        if (foot.isEmpty()
                || footPosition.isEmpty()
                || does(Action.TAP)
                || count.map(CountToken::bracketed).orElse(false)) {
            return Weight.NONE;
        }
        return footPosition.get().weight();
    }

    /** The position a foot position implies: "in PP" and its like. */
    public Optional<Position> impliedPosition() {
        if (has(PositionModifier.IN_PROMENADE)) {
            return Optional.of(Position.PROMENADE);
        }
        if (has(PositionModifier.IN_COUNTER_PROMENADE)) {
            return Optional.of(Position.COUNTER_PROMENADE);
        }
        return has(PositionModifier.IN_FALLAWAY) ? Optional.of(Position.FALLAWAY) : Optional.empty();
    }

    /**
     * What changes of position and hold from this row on: what it says, else the position its foot position implies.
     */
    public RelationChange leadsTo() {
        return new RelationChange(relation.position().or(this::impliedPosition), relation.hold(), relation.proximity());
    }

    public Step withCount(CountToken token) {
        return with().count(Optional.of(token)).alsoCounted(Optional.empty()).build();
    }

    /** The same row with the couple rotated as a whole. */
    public Step turned(Turn by) {
        return withAlignment(alignment.map(stated -> stated.turned(by)));
    }

    /** The same row seen in a mirror along the line of dance. */
    public Step mirrored() {
        return new Step(
                count,
                alsoCounted,
                foot.map(Foot::other),
                footPosition.map(FootPosition::mirrored),
                alignment.map(Alignment::mirrored),
                turn.mirrored(),
                rise,
                footwork,
                sway.map(Sway::mirrored),
                cbm,
                actions,
                body.mirrored(),
                relation.mirrored(),
                Mirrored.of(arms),
                Mirrored.of(lead),
                Mirrored.of(note));
    }

    public boolean takesWeight() {
        return weight() != Weight.NONE;
    }

    public boolean does(Action action) {
        return actions.contains(action);
    }

    public boolean goes(StepDirection direction) {
        return footPosition.map(position -> position.direction() == direction).orElse(false);
    }

    /** Whether any action of the row has that trait. */
    public boolean does(ActionTrait trait) {
        return actions.stream().anyMatch(action -> action.is(trait));
    }

    public boolean has(PositionModifier modifier) {
        return footPosition.map(position -> position.has(modifier)).orElse(false);
    }
}
