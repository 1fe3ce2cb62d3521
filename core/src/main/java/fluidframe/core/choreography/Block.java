package fluidframe.core.choreography;

import fluidframe.core.amalgamation.Amalgamation;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Outcome;
import fluidframe.core.routine.Placement;
import fluidframe.core.space.Heading;
import java.util.List;
import java.util.Optional;

/**
 * What a choreographer sets in one go, as it is danced after one way of being left: a whole amalgamation, most of one,
 * or a single figure that joins two.
 *
 * @param group the amalgamation it is taken from; empty for a joining figure
 * @param whole whether it is all of it
 * @param pieces what is danced, one after another
 * @param to how it leaves the couple
 * @param ticks how long it lasts
 * @param legs the ground it treads, one leg more than corners are turned inside
 * @param traits what is counted of it
 * @param key what makes two blocks the same thing to whoever watches
 * @param figures its figures, each a bit that more than one may share in a large book
 * @param worst how well the worst of its links fits
 * @param held how much longer its last picture is held than it is written, ticks
 * @param cornerAt when the first corner inside it is turned, ticks from its beginning; its end if there is none
 * @param number its own number among all blocks of a search, from 0
 */
record Block(
        Optional<Amalgamation> group,
        boolean whole,
        List<Piece> pieces,
        Node to,
        int ticks,
        List<Leg> legs,
        BlockTraits traits,
        String key,
        long figures,
        Outcome worst,
        int held,
        int cornerAt,
        int number) {

    static Block of(
            Optional<Amalgamation> group,
            boolean whole,
            List<Piece> pieces,
            Node to,
            List<Leg> legs,
            BlockTraits traits,
            String key,
            int number) {
        long figures = 0;
        for (Piece piece : pieces) {
            figures |= piece.figure() < 0 ? 0 : 1L << piece.figure();
        }
        Outcome worst = pieces.stream().map(Piece::outcome).reduce(Outcome.HOLDS, Outcome::worse);
        int ticks = pieces.get(pieces.size() - 1).end();
        int held = whole
                ? group.map(from -> Math.max(0, ticks - from.routine().length().ticks()))
                        .orElse(0)
                : 0;
        int cornerAt = pieces.stream()
                .filter(piece -> piece.placement().cornerAfter())
                .mapToInt(Piece::end)
                .findFirst()
                .orElse(ticks);
        return new Block(
                group,
                whole,
                List.copyOf(pieces),
                to,
                ticks,
                List.copyOf(legs),
                traits,
                key,
                figures,
                worst,
                held,
                cornerAt,
                number);
    }

    /**
     * One figure or element of it.
     *
     * @param placement as it stands in a routine
     * @param dancing what that makes here
     * @param facing where the man looks before it
     * @param outcome how it fits what is danced before it
     * @param onset ticks from the beginning of the block
     * @param figure the number of the figure, or less than 0 for an element
     */
    record Piece(Placement placement, Dancing dancing, Heading facing, Outcome outcome, int onset, int figure) {

        int end() {
            return onset + dancing.length().ticks();
        }
    }

    boolean joins() {
        return group.isEmpty();
    }

    int corners() {
        return legs.size() - 1;
    }
}
