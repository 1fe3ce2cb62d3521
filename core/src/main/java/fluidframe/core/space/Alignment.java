package fluidframe.core.space;

import fluidframe.core.text.PlainText;
import fluidframe.core.text.UnreadableTextException;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Where a dancer's foot is turned in the room, said the way charts say it. */
public sealed interface Alignment {

    /** Where the foot points. */
    Heading foot();

    /** The same relation to the room seen in a mirror along the line of dance. */
    Alignment mirrored();

    /** The same direction in the room, named from the line of dance after a corner. */
    default Alignment afterCorner() {
        return turned(new Turn(-4));
    }

    /** This alignment rotated as a whole. */
    Alignment turned(Turn turn);

    /** This kind of alignment with the foot at another heading. */
    Alignment withFoot(Heading foot);

    String wording();

    /** Foot and body look at the heading. */
    record Facing(Heading heading) implements Alignment {
        @Override
        public Heading foot() {
            return heading;
        }

        @Override
        public Alignment mirrored() {
            return new Facing(heading.mirrored());
        }

        @Override
        public Alignment turned(Turn turn) {
            return new Facing(heading.plus(turn));
        }

        @Override
        public Alignment withFoot(Heading foot) {
            return new Facing(foot);
        }

        @Override
        public String wording() {
            return "facing " + heading.wording();
        }

        @Override
        public String toString() {
            return "f " + heading;
        }
    }

    /** Foot and body have their back to the heading. */
    record Backing(Heading heading) implements Alignment {
        @Override
        public Heading foot() {
            return heading.opposite();
        }

        @Override
        public Alignment mirrored() {
            return new Backing(heading.mirrored());
        }

        @Override
        public Alignment turned(Turn turn) {
            return new Backing(heading.plus(turn));
        }

        @Override
        public Alignment withFoot(Heading foot) {
            return new Backing(foot.opposite());
        }

        @Override
        public String wording() {
            return "backing " + heading.wording();
        }

        @Override
        public String toString() {
            return "b " + heading;
        }
    }

    /** The foot is at the heading; the body may be less turned. */
    record Pointing(Heading heading) implements Alignment {
        @Override
        public Heading foot() {
            return heading;
        }

        @Override
        public Alignment mirrored() {
            return new Pointing(heading.mirrored());
        }

        @Override
        public Alignment turned(Turn turn) {
            return new Pointing(heading.plus(turn));
        }

        @Override
        public Alignment withFoot(Heading foot) {
            return new Pointing(foot);
        }

        @Override
        public String wording() {
            return "pointing " + heading.wording();
        }

        @Override
        public String toString() {
            return "p " + heading;
        }
    }

    /** The step travels one way while the foot points another, as in promenade and side-leading steps. */
    record Moving(Heading travel, Heading foot) implements Alignment {
        @Override
        public Alignment mirrored() {
            return new Moving(travel.mirrored(), foot.mirrored());
        }

        @Override
        public Alignment turned(Turn turn) {
            return new Moving(travel.plus(turn), foot.plus(turn));
        }

        @Override
        public Alignment withFoot(Heading other) {
            return new Moving(travel, other);
        }

        @Override
        public String wording() {
            return SpaceSentences.movingAlongPointing(travel.wording(), foot.wording());
        }

        @Override
        public String toString() {
            return "m " + travel + " p " + foot;
        }
    }

    /** @throws UnreadableTextException if the text is no alignment */
    static Alignment parse(String text) {
        String plain = PlainText.ofLine(text).text().strip();
        Matcher moving = Texts.MOVING.matcher(plain);
        if (moving.matches()) {
            return new Moving(Texts.heading(moving.group(1)), Texts.heading(moving.group(2)));
        }
        Matcher simple = Texts.SIMPLE.matcher(plain);
        if (!simple.matches()) {
            throw new UnreadableTextException(text, Texts.EXPECTED);
        }
        Heading heading = Texts.heading(simple.group(2));
        return switch (simple.group(1).toLowerCase(Locale.ROOT).charAt(0)) {
            case 'f' -> new Facing(heading);
            case 'b' -> new Backing(heading);
            default -> new Pointing(heading);
        };
    }

    /** The patterns of alignment texts. */
    final class Texts {
        private static final String EXPECTED = SpaceSentences.anAlignmentSuchAsFDw();
        private static final Pattern SIMPLE =
                Pattern.compile("(f|facing|b|backing|p|pointing) (.+)", Pattern.CASE_INSENSITIVE);
        private static final Pattern MOVING =
                Pattern.compile("(?:m|moving) (.+?),? (?:p|pointing) (.+)", Pattern.CASE_INSENSITIVE);

        private Texts() {}

        private static Heading heading(String text) {
            try {
                return Heading.parse(text);
            } catch (UnreadableTextException e) {
                String wanted = e.text().strip().toUpperCase(Locale.ROOT);
                List<String> nearest = Stream.of("LOD", "DC", "C", "DC-A", "ALOD", "DW-A", "W", "DW")
                        .filter(name -> !wanted.isEmpty() && name.charAt(0) == wanted.charAt(0))
                        .toList();
                throw new UnreadableTextException(text, e.expected(), nearest);
            }
        }
    }
}
