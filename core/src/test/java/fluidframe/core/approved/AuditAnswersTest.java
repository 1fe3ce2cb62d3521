package fluidframe.core.approved;

import fluidframe.core.Charts;
import fluidframe.core.Danced;
import fluidframe.core.audit.Audit;
import fluidframe.core.audit.Finding;
import fluidframe.core.couple.Part;
import fluidframe.core.figure.Figure;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.DraftReader;
import fluidframe.core.notation.DraftReading;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.notation.FigureDraft.RepeatDraft;
import fluidframe.core.notation.FigureDraft.RowChangeDraft;
import fluidframe.core.notation.FigureDraft.SplitDraft;
import fluidframe.core.notation.FigureDraft.UsageDraft;
import fluidframe.core.notation.FigureDraft.VariationDraft;
import fluidframe.core.notation.RowDraft;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What the audits say of right figures in which one cell has been exchanged, always the same ones. */
class AuditAnswersTest {

    private static final int EXCHANGES = 40;
    private static final int WAYS = 8;

    static Stream<String> figures() {
        return Danced.all().keySet().stream().sorted();
    }

    @ParameterizedTest
    @MethodSource("figures")
    void findings(String name) throws IOException {
        FigureDraft draft = Danced.figure(name);
        List<String> lines = new ArrayList<>(said(Charts.read(draft)));
        Random random = new Random(name.hashCode());
        Set<FigureDraft> exchanged = new HashSet<>(Set.of(draft));
        while (exchanged.size() <= EXCHANGES) {
            Part part = Part.values()[random.nextInt(2)];
            int row = random.nextInt(draft.chart(part).size());
            List<Column> columns = Stream.of(Column.values())
                    .filter(column -> !others(column).isEmpty())
                    .toList();
            Column column = columns.get(random.nextInt(columns.size()));
            List<String> others = others(column);
            String text = others.get(random.nextInt(others.size()));
            FigureDraft wrong = draft.withCell(part, row, column, text);
            if (!exchanged.add(wrong)) {
                continue;
            }
            DraftReading reading = DraftReader.read(wrong);
            lines.add("");
            lines.add(part + " " + (row + 1) + ", " + column + ": \""
                    + draft.chart(part).get(row).cell(column) + "\" becomes \"" + text + "\"");
            lines.addAll(
                    reading.isComplete()
                            ? said(reading.figure().orElseThrow())
                            : reading.unreadable().stream()
                                    .map(unreadable ->
                                            "  " + unreadable.place().pointer() + " [" + unreadable.text() + "]")
                                    .toList());
        }
        Approved.assertApproved("audits/" + name.replace(' ', '-'), lines);
    }

    /** Every part, finishes and entries with one cell exchanged, repeats, the other foot. */
    @ParameterizedTest
    @MethodSource("figures")
    void findingsInWays(String name) throws IOException {
        FigureDraft draft = Danced.figure(name);
        int rows = Math.min(draft.man().size(), draft.lady().size());
        Random random = new Random(name.hashCode() + 1);
        List<String> lines = new ArrayList<>();
        List<SplitDraft> splits = new ArrayList<>();
        for (int first = 1; first <= rows; first++) {
            for (int last = first; last <= rows; last++) {
                splits.add(new SplitDraft(first + "–" + last, first, last));
            }
        }
        add(lines, "parts", draft.withVariants(draft.variants().withSplits(splits)));
        for (int times = 1; times <= 3; times++) {
            int last = Math.max(1, rows - random.nextInt(2));
            add(
                    lines,
                    "rows 1 to " + last + " up to " + times + " times",
                    draft.withVariants(draft.variants()
                            .withRepeat(Optional.of(
                                    new RepeatDraft(1, last, Optional.empty(), Optional.empty(), "1-" + times)))));
        }
        add(
                lines,
                "either foot",
                draft.withVariants(draft.variants()
                        .withUsage(new UsageDraft(true, Optional.of("1/8"), Optional.of(true), Optional.empty()))));
        for (int exchange = 0; exchange < WAYS; exchange++) {
            VariationDraft entry = exchanged("entry", draft, 0, random);
            VariationDraft finish = exchanged("finish", draft, rows - 1, random);
            add(
                    lines,
                    entry + " and " + finish,
                    draft.withVariants(draft.variants()
                            .withEntries(List.of(entry))
                            .withFinishes(List.of(finish))
                            .withSchools(List.of())));
        }
        Approved.assertApproved("ways/" + name.replace(' ', '-'), lines);
    }

    private static VariationDraft exchanged(String name, FigureDraft draft, int row, Random random) {
        List<Column> columns = Stream.of(Column.values())
                .filter(column -> !others(column).isEmpty() && column != Column.COUNT)
                .toList();
        Column column = columns.get(random.nextInt(columns.size()));
        List<RowChangeDraft> change = List.of(new RowChangeDraft(
                row + 1,
                new RowDraft(Map.of(
                        column, others(column).get(random.nextInt(others(column).size()))))));
        boolean his = random.nextBoolean();
        return new VariationDraft(name, his ? change : List.of(), his ? List.of() : change, Optional.empty());
    }

    private static void add(List<String> lines, String title, FigureDraft draft) {
        lines.add(title);
        DraftReading reading = DraftReader.read(draft);
        lines.addAll(
                reading.isComplete()
                        ? said(reading.figure().orElseThrow())
                        : reading.unreadable().stream()
                                .map(unreadable -> "  " + unreadable.place().pointer() + " [" + unreadable.text() + "]")
                                .toList());
    }

    private static List<String> said(Figure figure) {
        List<String> lines = new ArrayList<>();
        for (Finding finding : Audit.of(figure)) {
            lines.add("  " + finding.rule() + " " + finding.severity() + " "
                    + finding.place().pointer() + " [" + finding.stated() + "] [" + finding.reckoned() + "]");
            finding.fixes().forEach(fix -> lines.add("      " + fix.place().pointer() + " = " + fix.text()));
        }
        return lines;
    }

    /** What is put in another's place: ordinary cells, each wrong somewhere. */
    private static List<String> others(Column column) {
        return switch (column) {
            case COUNT -> List.of("1", "2", "3", "&", "S", "Q", "4-1", "2(3)");
            case FOOT -> List.of("RF", "LF", "both");
            case FOOT_POSITION ->
                List.of(
                        "fwd",
                        "bk",
                        "sd",
                        "cl",
                        "fwd CBMP OP",
                        "bk CBMP PO",
                        "XB",
                        "XF",
                        "fwd across in PP CBMP",
                        "ip",
                        "tap sd",
                        "sd small",
                        "fwd RSL",
                        "fwd LSL",
                        "bk RSL",
                        "diag fwd",
                        "fwd long",
                        "sd in PP",
                        "tch cl",
                        "XB pw");
            case ALIGNMENT -> List.of("f DW", "b DC", "p LOD", "m LOD p DW", "b LOD", "f C", "f ALOD");
            case TURN ->
                List.of(
                        "1/4 R",
                        "1/8 L",
                        "on 1/2 R",
                        "3/8 R, body less",
                        "body completes",
                        "1 1/4 L",
                        "on 7/8 L",
                        "5/8 R",
                        "");
            case RISE -> List.of("cr e1", "cr e1, NFR", "up", "cont", "lo e3", "cont, lo e3", "up, lo e3", "cr e2", "");
            case FOOTWORK -> List.of("HT", "TH", "T", "H", "BF", "THT", "WF", "IE T", "BH", "");
            case SWAY -> List.of("L", "R", "S");
            case CBM -> List.of("CBM", "");
            case ACTION -> List.of("heel turn", "lock", "spin", "pivot", "tap", "check", "heel pull", "spiral", "");
            case BODY -> List.of("settle L", "settle R", "hip R, turn L", "");
            case RELATION ->
                List.of(
                        "PP",
                        "closed",
                        "fallaway",
                        "OP",
                        "hold R-to-R",
                        "no hold",
                        "open facing",
                        "closed facing, hold closed",
                        "PO",
                        "");
            default -> List.of();
        };
    }
}
