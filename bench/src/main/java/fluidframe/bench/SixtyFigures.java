package fluidframe.bench;

import fluidframe.core.figure.Figure;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.DraftReader;
import fluidframe.core.notation.DraftReading;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.notation.FigureDraft.RelationDraft;
import fluidframe.core.notation.FigureDraft.RepeatDraft;
import fluidframe.core.notation.FigureDraft.RowChangeDraft;
import fluidframe.core.notation.FigureDraft.SplitDraft;
import fluidframe.core.notation.FigureDraft.TimingDraft;
import fluidframe.core.notation.FigureDraft.VariantsDraft;
import fluidframe.core.notation.FigureDraft.VariationDraft;
import fluidframe.core.notation.RowDraft;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;

/**
 * A dance of foxtrot figures of one and two bars, each with two parts, a finish, a second timing and a unit to repeat
 * where it fits.
 */
final class SixtyFigures {

    private static final RelationDraft CLOSED = new RelationDraft("closed", "closed", Optional.empty());
    private static final List<String> HEADINGS = List.of("LOD", "DC", "DW", "C", "W");
    private static final List<String> TURNS = List.of("", "1/8 L", "1/8 R", "1/4 L", "1/4 R", "3/8 R");

    private SixtyFigures() {}

    static List<Figure> of(int size) {
        Random random = new Random(60);
        return IntStream.range(0, size).mapToObj(i -> figure(i, size, random)).toList();
    }

    private static Figure figure(int number, int size, Random random) {
        int bars = 1 + random.nextInt(2);
        boolean left = random.nextBoolean();
        String heading = HEADINGS.get(random.nextInt(HEADINGS.size()));
        List<RowDraft> man = new ArrayList<>();
        List<RowDraft> lady = new ArrayList<>();
        for (int row = 0; row < 3 * bars; row++) {
            boolean leftNow = left == (row % 2 == 0);
            String count = row % 3 == 0 ? "S" : "Q";
            String turn = row % 3 == 1 ? TURNS.get(random.nextInt(TURNS.size())) : "";
            man.add(row(
                    count,
                    leftNow ? "LF" : "RF",
                    row % 3 == 2 ? "cl" : row % 3 == 1 ? "sd" : "fwd",
                    row == 0 ? "f " + heading : "",
                    turn));
            lady.add(row(
                    count,
                    leftNow ? "RF" : "LF",
                    row % 3 == 2 ? "cl" : row % 3 == 1 ? "sd" : "bk",
                    row == 0 ? "b " + heading : "",
                    turn));
        }
        RowChangeDraft change = new RowChangeDraft(3 * bars - 1, new RowDraft(Map.of(Column.TURN, "1/8 R")));
        VariantsDraft variants = new VariantsDraft(
                List.of(new TimingDraft(
                        "even",
                        "Q Q S ".repeat(bars).strip(),
                        "Q Q S ".repeat(bars).strip())),
                bars == 1 ? List.of() : List.of(new SplitDraft("first", 1, 3), new SplitDraft("last", 4, 6)),
                List.of(new VariationDraft("other", List.of(change), List.of(change), Optional.empty())),
                bars == 1
                        ? Optional.of(new RepeatDraft(1, 3, Optional.empty(), Optional.empty(), "1-2"))
                        : Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of());
        FigureDraft draft = new FigureDraft(
                "figure-" + number,
                "foxtrot",
                Optional.empty(),
                "Figure " + number,
                List.of(),
                "bronze",
                String.valueOf(bars),
                CLOSED,
                CLOSED,
                List.of("f " + heading, "f LOD"),
                false,
                man,
                lady,
                variants,
                List.of(),
                List.of("figure-" + random.nextInt(size), "figure-" + random.nextInt(size)),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                Optional.empty(),
                false,
                List.of(),
                List.of());
        DraftReading reading = DraftReader.read(draft);
        if (!reading.isComplete()) {
            throw new IllegalStateException(reading.unreadable().toString());
        }
        return reading.figure().orElseThrow();
    }

    private static RowDraft row(String count, String foot, String position, String alignment, String turn) {
        return new RowDraft(Map.of(
                        Column.COUNT,
                        count,
                        Column.FOOT,
                        foot,
                        Column.FOOT_POSITION,
                        position,
                        Column.ALIGNMENT,
                        alignment,
                        Column.TURN,
                        turn))
                .filled();
    }
}
