package fluidframe.core.couple;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/**
 * Which hands can be joined where. In closed hold his right arm is round her: the two are close and face each other or
 * open into a promenade. Right to right crosses in front of two who stand side by side in promenade. In body contact
 * they hold each other.
 */
public final class HoldInPosition {

    private static final Set<Position> TOO_FAR_OR_BEHIND = EnumSet.of(
            Position.OPEN_FACING,
            Position.FAN,
            Position.MIRRORED_FAN,
            Position.APART,
            Position.TANDEM,
            Position.SHADOW_RIGHT,
            Position.SHADOW_LEFT,
            Position.SIDE_BY_SIDE_LEFT);
    private static final Set<Position> PROMENADES =
            EnumSet.of(Position.PROMENADE, Position.COUNTER_PROMENADE, Position.FALLAWAY, Position.COUNTER_FALLAWAY);
    private static final Set<Hold> HANDSHAKES = EnumSet.of(Hold.RIGHT_TO_RIGHT, Hold.LEFT_TO_LEFT, Hold.CROSSED);

    private HoldInPosition() {}

    /** Why they cannot be joined so, as the end of a sentence; empty where they can. */
    public static Optional<String> impossible(Relation relation) {
        Position position = relation.position();
        Hold hold = relation.hold();
        String stand = CoupleSentences.theyStandInWithNoHold(position.wording(), hold == Hold.NONE, hold.wording());
        if (hold == Hold.CLOSED && TOO_FAR_OR_BEHIND.contains(position)) {
            return Optional.of(CoupleSentences.hisRightHandDoesNotReach(stand));
        }
        if (HANDSHAKES.contains(hold) && (PROMENADES.contains(position) || position.isClosedHold())) {
            return Optional.of(CoupleSentences.thoseHandsWouldCrossBetweenTheir(stand));
        }
        if (position.isClosedHold() && hold != Hold.CLOSED) {
            return Optional.of(CoupleSentences.inBodyContactTheyHoldEach(stand));
        }
        return hold.hands() == 2 && position == Position.APART
                ? Optional.of(CoupleSentences.soFarApartOnlyOneHand(stand))
                : Optional.empty();
    }
}
