package fluidframe.core.notation;

import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Position;
import fluidframe.core.couple.Proximity;
import fluidframe.core.dance.Dance;
import fluidframe.core.space.Heading;
import fluidframe.core.space.Turn;
import fluidframe.core.step.Action;
import fluidframe.core.step.Foot;
import fluidframe.core.step.HipMove;
import fluidframe.core.step.PositionModifier;
import fluidframe.core.step.Step;
import fluidframe.core.step.StepDirection;
import fluidframe.core.step.Sway;
import fluidframe.core.step.Touch;
import fluidframe.core.text.Term;
import fluidframe.core.text.UnreadableTextException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** What a cell could become: the pieces that go on from what is typed, each tried by reading the whole cell. */
public final class Completions {

    private static final int MOST = 8;
    private static final List<String> SIZES =
            List.of("1/8", "1/4", "3/8", "1/2", "1/16", "3/16", "5/8", "3/4", "7/8", "1");
    private static final Map<Column, List<Piece>> PIECES = new EnumMap<>(Column.class);

    static {
        PIECES.put(Column.FOOT, terms(Foot.values()));
        PIECES.put(
                Column.FOOT_POSITION,
                Stream.of(
                                terms(StepDirection.values()),
                                terms(Touch.values()),
                                terms(PositionModifier.values()),
                                List.of(new Piece("pw", "part weight"), new Piece("nw", "no weight")))
                        .flatMap(List::stream)
                        .toList());
        PIECES.put(Column.ALIGNMENT, alignments());
        PIECES.put(Column.TURN, turns());
        PIECES.put(
                Column.RISE,
                texts(
                        "cr e1",
                        "cr e2",
                        "cont",
                        "up",
                        "up, lo e3",
                        "lo e3",
                        "lo e4",
                        "rem up",
                        "BR",
                        "NFR",
                        "cr e1, NFR"));
        PIECES.put(
                Column.FOOTWORK,
                texts(
                        "HT", "TH", "T", "H", "THT", "BF", "B", "WF", "BH", "IE T", "IE BH", "OE B", "TH tr", "HT tr",
                        "B press"));
        PIECES.put(Column.SWAY, terms(Sway.values()));
        PIECES.put(Column.CBM, texts("CBM"));
        PIECES.put(Column.ACTION, terms(Action.values()));
        PIECES.put(Column.BODY, bodies());
        PIECES.put(
                Column.RELATION,
                Stream.of(
                                terms(Position.values()),
                                Arrays.stream(Hold.values())
                                        .map(hold -> new Piece("hold " + hold, hold.wording()))
                                        .toList(),
                                terms(Proximity.values()))
                        .flatMap(List::stream)
                        .toList());
    }

    private Completions() {}

    /**
     * A cell that can be read.
     *
     * @param text what would stand in it, in canonical shorthand
     * @param wording what it says in full
     */
    public record Completion(String text, String wording) {}

    private record Piece(String text, String wording, List<String> spellings) {

        Piece(String text, String wording) {
            this(text, wording, List.of(text.toLowerCase(Locale.ROOT), wording.toLowerCase(Locale.ROOT)));
        }

        boolean startsWith(String fragment) {
            return spellings.stream().anyMatch(spelling -> spelling.startsWith(fragment));
        }

        boolean contains(String fragment) {
            return spellings.stream().anyMatch(spelling -> spelling.contains(fragment));
        }
    }

    /**
     * Where a cell stands.
     *
     * @param footPosition where the foot goes on that step, as it is written
     * @param before what stands in the same column of the row above
     * @param habits what is usual in the dance
     */
    public record Context(String footPosition, String before, Habits habits) {

        public static final Context NONE = new Context("", "", Habits.NONE);
    }

    /**
     * @return at most {@value #MOST} cells, those that go on from the last word first; none for columns of free text
     */
    public static List<Completion> of(Column column, String typed, Dance dance) {
        return of(column, typed, dance, Context.NONE);
    }

    /** The same, the most usual in such a step first; of a cell in which nothing stands yet what is usual there. */
    public static List<Completion> of(Column column, String typed, Dance dance, Context context) {
        Set<Completion> usual = new LinkedHashSet<>();
        if (typed.isBlank()) {
            context.habits()
                    .mostUsual(column, context.footPosition(), context.before(), MOST)
                    .forEach(text -> add(column, text, usual));
        }
        Stream<Completion> found = all(column, typed, dance).stream()
                .sorted(Comparator.comparingDouble(completion ->
                        -context.habits().usual(column, completion.text(), context.footPosition(), context.before())));
        return Stream.concat(usual.stream(), found).distinct().limit(MOST).toList();
    }

    private static Set<Completion> all(Column column, String typed, Dance dance) {
        List<Piece> pieces = column == Column.COUNT || column == Column.WORDS
                ? counts(dance)
                : PIECES.getOrDefault(column, List.of());
        Set<Completion> found = new LinkedHashSet<>();
        for (int at : fragmentStarts(typed)) {
            String before = typed.substring(0, at);
            String fragment = typed.substring(at).toLowerCase(Locale.ROOT);
            Stream.concat(
                            pieces.stream().filter(piece -> piece.startsWith(fragment)),
                            pieces.stream().filter(piece -> !fragment.isEmpty() && piece.contains(fragment)))
                    .limit(4 * MOST)
                    .forEach(piece -> add(column, before + piece.text(), found));
            if (!found.isEmpty()) {
                break;
            }
        }
        return found;
    }

    /** Where what is being typed may begin: the whole cell first, then after each blank or comma. */
    private static List<Integer> fragmentStarts(String typed) {
        List<Integer> starts = new ArrayList<>();
        starts.add(0);
        IntStream.range(0, typed.length())
                .filter(i -> typed.charAt(i) == ' ' || typed.charAt(i) == ',')
                .forEach(i -> starts.add(i + 1));
        return starts;
    }

    private static void add(Column column, String text, Set<Completion> found) {
        try {
            Step step = RowReader.read(new RowDraft(Map.of(column, text)));
            found.add(new Completion(column.shorthand(step), column.wording(step)));
        } catch (UnreadableTextException notACell) {
            // A piece that does not go with what stands before it is no completion.
        }
    }

    private static List<Piece> terms(Term[] terms) {
        return Arrays.stream(terms)
                .map(term -> new Piece(
                        term.shorthand(),
                        term.wording(),
                        Stream.concat(Stream.of(term.shorthand(), term.wording()), term.synonyms().stream())
                                .map(text -> text.toLowerCase(Locale.ROOT))
                                .toList()))
                .toList();
    }

    private static List<Piece> texts(String... texts) {
        return Arrays.stream(texts).map(text -> new Piece(text, text)).toList();
    }

    private static List<Piece> alignments() {
        List<Piece> pieces = new ArrayList<>();
        List<Heading> headings =
                IntStream.iterate(0, i -> i + 2).limit(8).mapToObj(Heading::new).toList();
        for (String relation : List.of("f", "b", "p")) {
            String word = relation.equals("f") ? "facing " : relation.equals("b") ? "backing " : "pointing ";
            headings.forEach(heading -> pieces.add(new Piece(relation + " " + heading, word + heading.wording())));
        }
        pieces.add(new Piece("m LOD p DW", NotationSentences.movingAlongLineOfDancePointing()));
        pieces.add(new Piece("m LOD p DC", NotationSentences.movingAlongLineOfDancePointingDiagonally()));
        return pieces;
    }

    private static List<Piece> turns() {
        List<Piece> pieces = new ArrayList<>();
        for (String size : SIZES) {
            for (String side : List.of("R", "L")) {
                pieces.add(new Piece(
                        size + " " + side, Turn.parse(size + " " + side).toString()));
            }
        }
        for (String text : List.of("body less", "body completes", "begin R", "begin L")) {
            pieces.add(new Piece(text, text));
        }
        for (String size : SIZES) {
            for (String side : List.of("R", "L")) {
                pieces.add(new Piece("on " + size + " " + side, NotationSentences.onTheFoot()));
                pieces.add(new Piece("body " + size + " " + side, NotationSentences.theBodyTurns()));
            }
        }
        return pieces;
    }

    private static List<Piece> bodies() {
        List<Piece> pieces = new ArrayList<>();
        for (HipMove move : HipMove.values()) {
            for (String side : List.of("", " L", " R")) {
                pieces.add(new Piece(move.shorthand() + side, move.wording() + side));
            }
        }
        return pieces;
    }

    private static List<Piece> counts(Dance dance) {
        List<Piece> pieces = new ArrayList<>();
        IntStream.rangeClosed(1, dance.rhythm().beatsPerBar())
                .forEach(beat -> pieces.add(new Piece(String.valueOf(beat), "beat " + beat)));
        dance.rhythm().slow().ifPresent(length -> pieces.add(new Piece("S", "slow")));
        dance.rhythm().quick().ifPresent(length -> pieces.add(new Piece("Q", "quick")));
        for (String mark : List.of("&", "a", "h")) {
            pieces.add(new Piece(mark, mark));
        }
        int last = dance.rhythm().beatsPerBar();
        pieces.add(new Piece(last + "-1", NotationSentences.heldOverTheBarLine()));
        pieces.add(new Piece("(" + last + ")", "without weight"));
        return pieces;
    }
}
