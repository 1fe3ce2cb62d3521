package fluidframe.core.couple;

import fluidframe.core.text.UnreadableTextException;

import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What a chart row says about position and hold: either, both or neither. Written {@code PP}, {@code fan, L-to-R},
 * {@code hold double}; the word hold is only needed where position and hold share a name.
 */
public record RelationChange(Optional<Position> position, Optional<Hold> hold) {

    public static final RelationChange NONE = new RelationChange(Optional.empty(), Optional.empty());

    /**
     * @throws UnreadableTextException naming the first piece that is neither a position nor a hold
     */
    public static RelationChange parse(String text) {
        Optional<Position> position = Optional.empty();
        Optional<Hold> hold = Optional.empty();
        for (String piece : text.split("[,;]")) {
            String plain = piece.strip();
            if (plain.isEmpty() || plain.equals("-")) {
                continue;
            }
            if (plain.toLowerCase(Locale.ROOT).startsWith("hold ")) {
                hold = Optional.of(Hold.LEXICON.read(plain.substring("hold ".length())));
            } else if (position.isEmpty() && Position.LEXICON.find(plain).isPresent()) {
                position = Position.LEXICON.find(plain);
            } else if (Hold.LEXICON.find(plain).isPresent()) {
                hold = Hold.LEXICON.find(plain);
            } else {
                throw new UnreadableTextException(plain, "a position, a hold, or both: PP, or fan, L-to-R",
                        Stream.concat(Position.LEXICON.nearest(plain).stream().limit(2), Hold.LEXICON.nearest(plain).stream().limit(1)).toList());
            }
        }
        return new RelationChange(position, hold);
    }

    public boolean isNone() {
        return position.isEmpty() && hold.isEmpty();
    }

    public String wording() {
        return Stream.of(position.map(Position::wording), hold.map(Hold::wording))
                .flatMap(Optional::stream).collect(Collectors.joining("; "));
    }

    @Override
    public String toString() {
        return Stream.of(position.map(Position::toString), hold.map(h -> "hold " + h))
                .flatMap(Optional::stream).collect(Collectors.joining(", "));
    }
}
