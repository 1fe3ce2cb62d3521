package fluidframe.core;

import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import fluidframe.core.figure.Neighbours;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.notation.FigureDraft.RepeatDraft;
import fluidframe.core.notation.FigureDraft.RowChangeDraft;
import fluidframe.core.notation.FigureDraft.SplitDraft;
import fluidframe.core.notation.FigureDraft.VariantsDraft;
import fluidframe.core.notation.FigureDraft.VariationDraft;
import fluidframe.core.notation.RowDraft;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;

/** Small books of waltz figures to link: a few by name, and any number by chance, always the same ones. */
public final class SmallBook {

    private static final List<String> HEADINGS = List.of("LOD", "DC", "DW", "C");

    private static final List<Level> LEVELS = List.of(Level.PRE_BRONZE, Level.BRONZE, Level.SILVER);

    private SmallBook() {}

    /** A walk of one bar that begins with a foot and turns so much, named by what it does. */
    public static Figure walk(String id, String foot, String facing, String turn, String... precedes) {
        String other = foot.equals("LF") ? "RF" : "LF";
        FigureDraft draft = Charts.figure(
                "waltz",
                "1",
                Charts.rows("1|" + foot + "|fwd|f " + facing, "2|" + other + "|sd||" + turn, "3|" + foot + "|cl"),
                Charts.rows("1|" + other + "|bk|b " + facing, "2|" + foot + "|sd||" + turn, "3|" + other + "|cl"));
        return named(Charts.read(draft), id, List.of(precedes));
    }

    /** Two bars with a part to leave early, a finish turned less and a unit to repeat. */
    public static Figure turning(String id) {
        FigureDraft draft = Charts.naturalTurn()
                .withVariants(new VariantsDraft(
                        List.of(),
                        List.of(new SplitDraft("1–3", 1, 3), new SplitDraft("4–6", 4, 6)),
                        List.of(new VariationDraft(
                                "to LOD",
                                List.of(change(5, "1/2 R, body less", "p LOD"), change(6, "body completes", "f LOD")),
                                List.of(change(6, "1/4 R", "b LOD")),
                                Optional.empty())),
                        Optional.of(new RepeatDraft(1, 6, Optional.empty(), Optional.empty(), "1-2")),
                        Optional.empty(),
                        Optional.empty(),
                        List.of()));
        return named(Charts.read(draft), id, List.of());
    }

    private static RowChangeDraft change(int row, String turn, String alignment) {
        return new RowChangeDraft(row, new RowDraft(Map.of(Column.TURN, turn, Column.ALIGNMENT, alignment)));
    }

    public static List<Figure> random(int size, long seed) {
        Random random = new Random(seed);
        return IntStream.range(0, size)
                .mapToObj(i -> {
                    String turn =
                            List.of("", "1/8 L", "1/8 R", "1/4 L", "1/4 R").get(random.nextInt(5));
                    String neighbour = random.nextBoolean() ? "walk-" + random.nextInt(size) : "walk-" + i;
                    Figure walk = walk(
                            "walk-" + i,
                            random.nextBoolean() ? "LF" : "RF",
                            HEADINGS.get(random.nextInt(HEADINGS.size())),
                            turn,
                            neighbour);
                    return at(LEVELS.get(i % LEVELS.size()), walk);
                })
                .toList();
    }

    public static Figure at(Level level, Figure figure) {
        return figure.withLevel(level);
    }

    private static Figure named(Figure figure, String id, List<String> precedes) {
        return figure.with()
                .id(id)
                .title(id)
                .neighbours(new Neighbours(List.of(), precedes))
                .build();
    }
}
