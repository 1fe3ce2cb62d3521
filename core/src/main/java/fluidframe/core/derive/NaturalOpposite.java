package fluidframe.core.derive;

import fluidframe.core.dance.Dance;
import fluidframe.core.figure.Chart;
import fluidframe.core.space.Alignment;
import fluidframe.core.space.Heading;
import fluidframe.core.step.Foot;
import fluidframe.core.step.FootPosition;
import fluidframe.core.step.Footwork;
import fluidframe.core.step.Footwork.Contact;
import fluidframe.core.step.Footwork.Surface;
import fluidframe.core.step.PositionModifier;
import fluidframe.core.step.RiseFall;
import fluidframe.core.step.Step;
import fluidframe.core.step.StepDirection;
import fluidframe.core.step.Sway;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What the partner does while facing: the other foot, forward for back, across in front for across behind, the same
 * direction of the room faced instead of backed, the same turn, the sway mirrored. It is its own inverse.
 *
 * <p>Footwork of forward and backward steps of the swing dances and tango is turned round, HT for TH, unless the step
 * is placed up, when both are on the toe; and the flat forward step H answers the backward BH; sideways, closing and
 * Latin steps keep theirs. The coach corrects the few rows in which a figure is not naturally opposite.
 */
public final class NaturalOpposite {

    private static final Map<StepDirection, StepDirection> DIRECTIONS = new EnumMap<>(Map.of(
            StepDirection.FORWARD,
            StepDirection.BACK,
            StepDirection.BACK,
            StepDirection.FORWARD,
            StepDirection.DIAGONAL_FORWARD,
            StepDirection.DIAGONAL_BACK,
            StepDirection.DIAGONAL_BACK,
            StepDirection.DIAGONAL_FORWARD,
            StepDirection.CROSS_IN_FRONT,
            StepDirection.CROSS_BEHIND,
            StepDirection.CROSS_BEHIND,
            StepDirection.CROSS_IN_FRONT));
    private static final Map<PositionModifier, PositionModifier> MODIFIERS = new EnumMap<>(Map.of(
            PositionModifier.SLIGHTLY_FORWARD,
            PositionModifier.SLIGHTLY_BACK,
            PositionModifier.SLIGHTLY_BACK,
            PositionModifier.SLIGHTLY_FORWARD,
            PositionModifier.SLIGHTLY_LEFT,
            PositionModifier.SLIGHTLY_RIGHT,
            PositionModifier.SLIGHTLY_RIGHT,
            PositionModifier.SLIGHTLY_LEFT,
            PositionModifier.LEFT_SIDE_LEADING,
            PositionModifier.RIGHT_SIDE_LEADING,
            PositionModifier.RIGHT_SIDE_LEADING,
            PositionModifier.LEFT_SIDE_LEADING,
            PositionModifier.OUTSIDE_PARTNER,
            PositionModifier.PARTNER_OUTSIDE,
            PositionModifier.PARTNER_OUTSIDE,
            PositionModifier.OUTSIDE_PARTNER));
    private static final Footwork FLAT_FORWARD = plain(Surface.HEEL);
    private static final Footwork FLAT_BACK = plain(Surface.BALL, Surface.HEEL);
    private static final Footwork HEEL_BALL = plain(Surface.HEEL, Surface.BALL);

    private NaturalOpposite() {}

    /** The partner's chart. */
    public static Chart of(Chart chart, Dance dance) {
        return new Chart(
                chart.part().partner(),
                chart.steps().stream().map(step -> of(step, dance)).toList());
    }

    static Step of(Step step, Dance dance) {
        Footwork footwork = dance.technique().hipAction() ? step.footwork() : footwork(step);
        return new Step(
                step.count(),
                step.alsoCounted(),
                step.foot().map(Foot::other),
                step.footPosition().map(NaturalOpposite::position),
                step.alignment().map(NaturalOpposite::alignment),
                step.turn(),
                step.rise(),
                footwork,
                step.sway().map(Sway::mirrored),
                step.cbm(),
                step.actions(),
                step.body().mirrored(),
                step.relation(),
                step.arms(),
                step.lead(),
                step.note());
    }

    private static FootPosition position(FootPosition position) {
        return new FootPosition(
                DIRECTIONS.getOrDefault(position.direction(), position.direction()),
                position.touch(),
                position.weight(),
                position.modifiers().stream()
                        .map(modifier -> MODIFIERS.getOrDefault(modifier, modifier))
                        .collect(Collectors.toSet()));
    }

    /** In promenade the partner's foot points as far to the other side of the travel. */
    private static Alignment alignment(Alignment alignment) {
        if (alignment instanceof Alignment.Facing facing) {
            return new Alignment.Backing(facing.heading());
        }
        if (alignment instanceof Alignment.Backing backing) {
            return new Alignment.Facing(backing.heading());
        }
        if (alignment instanceof Alignment.Moving moving) {
            return new Alignment.Moving(
                    moving.travel(),
                    new Heading(2 * moving.travel().sixteenths() - moving.foot().sixteenths()));
        }
        return new Alignment.Pointing(alignment.foot().opposite());
    }

    private static Footwork footwork(Step step) {
        boolean forward = step.goes(StepDirection.FORWARD) || step.goes(StepDirection.DIAGONAL_FORWARD);
        boolean back = step.goes(StepDirection.BACK) || step.goes(StepDirection.DIAGONAL_BACK);
        Footwork footwork = step.footwork();
        if (!forward && !back) {
            return footwork;
        }
        if (isUp(step)) {
            return footwork;
        }
        if (forward && footwork.equals(FLAT_FORWARD)) {
            return FLAT_BACK;
        }
        if (back && footwork.equals(FLAT_BACK)) {
            return FLAT_FORWARD;
        }
        if (forward && footwork.equals(HEEL_BALL)) {
            return FLAT_FORWARD;
        }
        if (back && footwork.equals(FLAT_FORWARD)) {
            return HEEL_BALL;
        }
        List<Contact> turnedRound = new ArrayList<>(footwork.contacts());
        Collections.reverse(turnedRound);
        return new Footwork(turnedRound, footwork.notes());
    }

    /** Placed up, or lowering what was up: then forward and back are both taken on the toe. */
    private static boolean isUp(Step step) {
        List<RiseFall.Kind> kinds =
                step.rise().phases().stream().map(RiseFall.Phase::kind).toList();
        boolean up = !kinds.isEmpty() && (kinds.get(0) == RiseFall.Kind.UP || kinds.get(0) == RiseFall.Kind.REMAIN_UP);
        return up || kinds.contains(RiseFall.Kind.LOWER) && !kinds.contains(RiseFall.Kind.COMMENCE);
    }

    private static Footwork plain(Surface... surfaces) {
        return new Footwork(
                Arrays.stream(surfaces)
                        .map(surface -> new Contact(surface, Optional.empty()))
                        .toList(),
                Set.of());
    }
}
