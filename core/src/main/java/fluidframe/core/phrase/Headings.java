package fluidframe.core.phrase;

import fluidframe.core.space.Heading;
import java.util.List;

/** How the eight directions of the room are called. */
final class Headings {

    private static final String LINE = "line|lod (of) (dance)";
    private static final String DIAGONAL = "diag|diagonal|diagonally (to|towards|toward) (the) ";
    private static final List<String> CENTRE = inTheRoom("centre|center|ctr|c|middle (line)");
    private static final List<String> WALL = inTheRoom("wall|w");
    private static final String AGAINST_LINE = " against (the) (line|lod) (of) (dance)";
    /** So many of the names stand before or after "against": nobody says the line of dance twice. */
    private static final int AGAINST = 2;

    private static final int EIGHTH = 2;

    private Headings() {}

    private static List<String> inTheRoom(String name) {
        return List.of(name, name + " of (the) room", name + " of (the) line|lod (of) (dance)");
    }

    interface Meaning<T> {
        T of(Heading heading);
    }

    /** Adds every direction, after "to", "down", "along" or nothing. */
    static <T> Phrasebook<T> sayIn(Phrasebook<T> book, Meaning<T> meaning) {
        say(
                book,
                meaning,
                0,
                "(down|along|with|to|towards) (the) " + LINE,
                "line dance",
                "lod",
                "(down) (the) long way",
                "down the room");
        say(
                book,
                meaning,
                1,
                "(to) d c",
                "dc",
                "dlc",
                "diagcentre",
                "diagcenter",
                "diag|diagonal|diagonally line (of) (dance) and centre|center");
        say(book, meaning, 2, "c", "coh", "(to|towards|toward) (the) centre|center of (the) hall");
        say(book, meaning, 3, "dc a", "dca", "adc", "drc", "dc against (the) (line|lod) (of) (dance)");
        say(
                book,
                meaning,
                4,
                "(to) (up) against (the) " + LINE,
                "alod",
                "up (the) " + LINE,
                "reverse|rev (of) (the) " + LINE,
                "rlod",
                "against");
        say(book, meaning, 5, "dw a", "dwa", "adw", "drw", "dw against (the) (line|lod) (of) (dance)");
        say(book, meaning, 6, "outer wall");
        say(
                book,
                meaning,
                7,
                "(to) d w",
                "dw",
                "dlw",
                "diagwall",
                "diag|diagonal|diagonally line (of) (dance) and wall");
        for (String centre : CENTRE) {
            say(book, meaning, 2, "(to|towards|toward) (the) " + centre);
            say(book, meaning, 1, DIAGONAL + centre);
        }
        for (String wall : WALL) {
            say(book, meaning, 6, "(to|towards|toward|the) (the) " + wall);
            say(book, meaning, 7, DIAGONAL + wall);
        }
        CENTRE.stream()
                .limit(AGAINST)
                .forEach(centre -> say(
                        book,
                        meaning,
                        3,
                        DIAGONAL + centre + AGAINST_LINE,
                        AGAINST_LINE.strip() + " " + DIAGONAL + centre));
        WALL.stream()
                .limit(AGAINST)
                .forEach(wall -> say(
                        book,
                        meaning,
                        5,
                        DIAGONAL + wall + AGAINST_LINE,
                        AGAINST_LINE.strip() + " " + DIAGONAL + wall));
        return book;
    }

    private static <T> void say(Phrasebook<T> book, Meaning<T> meaning, int eighths, String... patterns) {
        book.say(meaning.of(new Heading(EIGHTH * eighths)), patterns);
    }
}
