package fluidframe.core.space;

import fluidframe.core.text.PlainText;
import fluidframe.core.text.UnreadableTextException;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;

/**
 * A direction in the room relative to the current line of dance. The eight named directions lie an eighth of a turn
 * apart; a sixteenth between two of them is written with both names, {@code LOD/DW}.
 *
 * @param sixteenths from the line of dance, to the left positive, kept in −7 … 8
 */
public record Heading(int sixteenths) {

    private static final List<String> NAMES = List.of("LOD", "DC", "C", "DC-A", "ALOD", "DW-A", "W", "DW");
    private static final List<String> WORDINGS = List.of(
            "line of dance",
            "diagonally to centre",
            "centre",
            "diagonally to centre against line of dance",
            "against line of dance",
            "diagonally to wall against line of dance",
            "wall",
            "diagonally to wall");
    private static final String EXPECTED =
            "a direction: LOD, DC, C, DC-A, ALOD, DW-A, W, DW, or two neighbours such as LOD/DW";

    public static final Heading LINE_OF_DANCE = new Heading(0);
    public static final Heading CENTRE = new Heading(4);
    public static final Heading AGAINST_LINE_OF_DANCE = new Heading(8);
    public static final Heading WALL = new Heading(-4);
    /** Turning a corner the new line of dance is the old centre, a quarter to the left. */
    private static final Turn CORNER = new Turn(4);

    private static final Pattern SLASH = Pattern.compile("/");
    private static final Map<String, String> AGAINST =
            Map.of("DCA", "DC-A", "DWA", "DW-A", "ADC", "DC-A", "ADW", "DW-A");

    public Heading {
        int positive = Math.floorMod(sixteenths, Turn.WHOLE);
        sixteenths = positive > Turn.WHOLE / 2 ? positive - Turn.WHOLE : positive;
    }

    /** @throws UnreadableTextException if the text names no direction */
    public static Heading parse(String text) {
        String[] names = SLASH.split(PlainText.ofLine(text).text().strip().toUpperCase(Locale.ROOT));
        if (names.length == 1) {
            return new Heading(2 * named(names[0], text));
        }
        if (names.length == 2) {
            int first = named(names[0], text);
            int apart = Math.floorMod(named(names[1], text) - first, NAMES.size());
            if (apart == 1 || apart == NAMES.size() - 1) {
                return new Heading(2 * first + (apart == 1 ? 1 : -1));
            }
        }
        throw new UnreadableTextException(text, EXPECTED);
    }

    private static int named(String name, String text) {
        String plain = name.replace(" ", "").replace(".", "");
        int index = NAMES.indexOf(AGAINST.getOrDefault(plain, plain));
        if (index < 0) {
            throw new UnreadableTextException(text, EXPECTED);
        }
        return index;
    }

    public Heading plus(Turn turn) {
        return new Heading(sixteenths + turn.sixteenths());
    }

    public Heading minus(Turn turn) {
        return plus(turn.mirrored());
    }

    public Heading opposite() {
        return new Heading(sixteenths + Turn.WHOLE / 2);
    }

    /** The shortest turn from here to another heading; a half turn counts as to the left. */
    public Turn turnTo(Heading other) {
        return new Turn(new Heading(other.sixteenths - sixteenths).sixteenths);
    }

    /** The same direction in the room, named from the line of dance of the next side. */
    public Heading afterCorner() {
        return minus(CORNER);
    }

    /** The reflection in the line of dance: centre and wall change places. */
    public Heading mirrored() {
        return new Heading(-sixteenths);
    }

    public int degrees() {
        return sixteenths * 45 / 2;
    }

    public double radians() {
        return new Turn(sixteenths).radians();
    }

    /** The full name: "diagonally to wall", "between line of dance and diagonally to wall". */
    public String wording() {
        int positive = Math.floorMod(sixteenths, Turn.WHOLE);
        String lower = WORDINGS.get(positive / 2);
        return positive % 2 == 0
                ? lower
                : "between " + lower + " and " + WORDINGS.get((positive / 2 + 1) % WORDINGS.size());
    }

    /** Canonical text: {@code DW}, {@code LOD/DC}. */
    @Override
    public String toString() {
        int positive = Math.floorMod(sixteenths, Turn.WHOLE);
        String lower = NAMES.get(positive / 2);
        if (positive % 2 == 0) {
            return lower;
        }
        String upper = NAMES.get((positive / 2 + 1) % NAMES.size());
        return upper.equals("LOD") ? upper + "/" + lower : lower + "/" + upper;
    }
}
