package fluidframe.bench;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.notation.FigureDraft.RelationDraft;
import fluidframe.core.notation.FigureDraft.VariantsDraft;
import fluidframe.core.notation.RowDraft;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** An eight-step foxtrot figure with both parts and all the columns of a swing dance. */
final class EightSteps {

    private static final List<Column> COLUMNS = List.of(
            Column.COUNT,
            Column.FOOT,
            Column.FOOT_POSITION,
            Column.ALIGNMENT,
            Column.TURN,
            Column.RISE,
            Column.FOOTWORK,
            Column.SWAY,
            Column.CBM);
    private static final RelationDraft CLOSED = new RelationDraft("closed", "closed", Optional.empty());
    private static final VariantsDraft NO_VARIANTS = new VariantsDraft(
            List.of(), List.of(), List.of(), Optional.empty(), Optional.empty(), Optional.empty(), List.of());

    private EightSteps() {}

    static FigureDraft draft(String id) {
        return new FigureDraft(
                id,
                "foxtrot",
                Optional.empty(),
                "Eight steps",
                List.of(),
                "bronze",
                "3",
                CLOSED,
                CLOSED,
                List.of("f DW"),
                false,
                rows(
                        "S|RF|fwd|f DW||cr e1|HT||CBM",
                        "Q|LF|sd|b DC|1/4 R|up|T|R",
                        "Q|RF|bk|b LOD|1/8 R|up, lo e3|TH|R",
                        "S|LF|bk|b LOD|||TH||CBM",
                        "Q|RF|sd|p DC|3/8 R, body less||T|L",
                        "Q|LF|cl|f DC|body completes||TH|L",
                        "S|RF|fwd|f DC||cr e7|HT",
                        "S|LF|fwd|f DC||up, lo e8|TH"),
                rows(
                        "S|LF|bk|b DW||cr e1, NFR|TH||CBM",
                        "Q|RF|sd|p LOD|3/8 R, body less|up|T|L",
                        "Q|LF|fwd|f LOD|body completes|up, lo e3|TH|L",
                        "S|RF|fwd|f LOD|||HT||CBM",
                        "Q|LF|sd|b C|1/4 R||T|R",
                        "Q|RF|cl|b DC|1/8 R||TH|R",
                        "S|LF|bk|b DC||cr e7, NFR|TH",
                        "S|RF|bk|b DC||up, lo e8|TH"),
                NO_VARIANTS,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                Optional.empty(),
                false,
                List.of(),
                List.of());
    }

    private static List<RowDraft> rows(String... rows) {
        List<RowDraft> drafts = new ArrayList<>();
        for (String row : rows) {
            Map<Column, String> cells = new EnumMap<>(Column.class);
            List<String> texts = Arrays.asList(row.split("\\|"));
            for (int i = 0; i < texts.size(); i++) {
                cells.put(COLUMNS.get(i), texts.get(i));
            }
            drafts.add(new RowDraft(cells).filled());
        }
        return drafts;
    }

    /** The same figure with the turn of one step wrong, so that fixes must be found and tried. */
    static FigureDraft broken() {
        return draft("broken").withCell(Part.MAN, 4, Column.TURN, "1/4 R, body less");
    }
}
