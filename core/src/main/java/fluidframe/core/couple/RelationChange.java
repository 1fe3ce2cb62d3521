package fluidframe.core.couple;

import fluidframe.core.text.UnreadableTextException;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What a chart row says about position, hold and proximity: any of them, or none. Written {@code PP}, {@code fan,
 * L-to-R}, {@code hold double}, {@code extended}; the word hold is only needed where position and hold share a name.
 */
public record RelationChange(Optional<Position> position, Optional<Hold> hold, Optional<Proximity> proximity) {

    private static final Pattern SEPARATOR = Pattern.compile("[,;]");

    public static final RelationChange NONE = new RelationChange(Optional.empty(), Optional.empty(), Optional.empty());

    private static final String HOLD = "hold ";

    /** @throws UnreadableTextException naming the first piece that is neither a position nor a hold nor a proximity */
    public static RelationChange parse(String text) {
        RelationChange read = NONE;
        for (String piece : SEPARATOR.split(text)) {
            String plain = piece.strip();
            if (!plain.isEmpty() && !plain.equals("-")) {
                read = read.with(plain);
            }
        }
        return read;
    }

    private RelationChange with(String piece) {
        if (piece.toLowerCase(Locale.ROOT).startsWith(HOLD)) {
            return withHold(Hold.LEXICON.read(piece.substring(HOLD.length())));
        }
        Optional<Position> where = position.isEmpty() ? Position.LEXICON.find(piece) : Optional.empty();
        if (where.isPresent()) {
            return new RelationChange(where, hold, proximity);
        }
        Optional<Hold> hands = Hold.LEXICON.find(piece);
        if (hands.isPresent()) {
            return withHold(hands.get());
        }
        Optional<Proximity> near = Proximity.LEXICON.find(piece);
        if (near.isPresent()) {
            return new RelationChange(position, hold, near);
        }
        throw new UnreadableTextException(
                piece,
                CoupleSentences.aPositionAHoldOrBoth(),
                Stream.concat(
                                Position.LEXICON.nearest(piece).stream().limit(2),
                                Hold.LEXICON.nearest(piece).stream().limit(1))
                        .toList());
    }

    private RelationChange withHold(Hold hands) {
        return new RelationChange(position, Optional.of(hands), proximity);
    }

    /** What is different in the second. */
    public static RelationChange between(Relation before, Relation after) {
        return new RelationChange(
                Optional.of(after.position()).filter(position -> position != before.position()),
                Optional.of(after.hold()).filter(hold -> hold != before.hold()),
                Optional.of(after.proximity()).filter(proximity -> proximity != before.proximity()));
    }

    /** This change but for what the other changes as well. */
    public RelationChange without(RelationChange other) {
        return new RelationChange(
                other.position.isPresent() ? Optional.empty() : position,
                other.hold.isPresent() ? Optional.empty() : hold,
                other.proximity.isPresent() ? Optional.empty() : proximity);
    }

    public boolean isNone() {
        return position.isEmpty() && hold.isEmpty() && proximity.isEmpty();
    }

    public RelationChange mirrored() {
        return new RelationChange(position.map(Position::mirrored), hold.map(Hold::mirrored), proximity);
    }

    public String wording() {
        return Stream.of(position.map(Position::wording), hold.map(Hold::wording), proximity.map(Proximity::wording))
                .flatMap(Optional::stream)
                .collect(Collectors.joining("; "));
    }

    @Override
    public String toString() {
        return Stream.of(position.map(Position::toString), hold.map(h -> HOLD + h), proximity.map(Proximity::toString))
                .flatMap(Optional::stream)
                .collect(Collectors.joining(", "));
    }
}
