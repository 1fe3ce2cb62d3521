package fluidframe.core.approved;

import fluidframe.core.Charts;
import fluidframe.core.Danced;
import fluidframe.core.SmallBook;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.notation.FigureDraft.UsageDraft;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Figures that between them begin and end in every manner that linking tells apart. */
public final class ApprovedBook {

    private static final String CHART = "count|foot|footPosition|alignment|turn|rise|footwork|action|relation";

    private ApprovedBook() {}

    /** The complete figures of a dance, each under its own name, the levels in turn. */
    static List<Figure> of(String dance) {
        List<Figure> book = new ArrayList<>();
        Danced.all().keySet().stream()
                .sorted()
                .filter(name -> Danced.figure(name).dance().equals(dance))
                .forEach(name -> book.add(Charts.read(named(
                        Danced.figure(name), name, Level.values()[book.size() % 3], List.of(), UsageDraft.PLAIN))));
        return book;
    }

    public static List<Figure> waltz() {
        List<Figure> book = new ArrayList<>(of("waltz"));
        book.add(SmallBook.turning("turning"));
        book.add(SmallBook.walk("left walk", "LF", "DC", "1/8 L", "right walk"));
        book.add(SmallBook.walk("right walk", "RF", "LOD", "", "left walk", "turning"));
        book.add(SmallBook.at(Level.GOLD, SmallBook.walk("gold walk", "LF", "DW", "")));
        book.add(one(
                "from promenade",
                "silver",
                "PP; closed",
                "closed; closed",
                List.of("whisk"),
                UsageDraft.PLAIN,
                List.of(
                        "1|RF|fwd across in PP CBMP|m LOD p DW|||HT",
                        "2|LF|sd sl fwd|f DW||cr e1|T||closed",
                        "3|RF|cl|f DW||up, lo e3|TH"),
                List.of(
                        "1|LF|fwd across in PP CBMP|m LOD p DC|||HT",
                        "2|RF|sd|b DW|1/4 L|cr e1|T",
                        "3|LF|cl|b DW||up, lo e3|TH")));
        book.add(one(
                "outside",
                "bronze",
                "OP; closed",
                "OP; closed",
                List.of(),
                new UsageDraft(false, Optional.of("1/8"), Optional.empty(), Optional.of(false)),
                List.of("1|RF|fwd CBMP OP|f DW|||HT", "2|LF|fwd LSL|f DW|||T", "3|RF|fwd CBMP OP|f DW|||TH"),
                List.of("1|LF|bk CBMP PO|b DW|||TH", "2|RF|bk RSL|b DW|||T", "3|LF|bk CBMP PO|b DW|||TH")));
        book.add(one(
                "back walk",
                "pre-bronze",
                "closed; closed",
                "closed; closed",
                List.of("check"),
                new UsageDraft(true, Optional.empty(), Optional.of(true), Optional.empty()),
                List.of("1|LF|bk|b LOD|||TH", "2|RF|bk|b LOD|||TH", "3|LF|bk|b LOD|||TH"),
                List.of("1|RF|fwd|f LOD|||HT", "2|LF|fwd|f LOD|||HT", "3|RF|fwd|f LOD|||HT")));
        book.add(one(
                "check",
                "bronze",
                "closed; closed",
                "closed; closed",
                List.of(),
                UsageDraft.PLAIN,
                List.of("1|RF|bk|b DC|||TH", "2|LF|bk|b DC|||T", "3|RF|bk|b DC||up|T|check"),
                List.of("1|LF|fwd|f DC|||HT", "2|RF|fwd|f DC|||T", "3|LF|fwd|f DC||up|T|check")));
        book.add(one(
                "one hand",
                "bronze",
                "open facing; L-to-R",
                "open facing; L-to-R",
                List.of(),
                UsageDraft.PLAIN,
                List.of("1|LF|bk|f W|||T", "2|RF|sd|f W|||T", "3|LF|cl|f W|||TH"),
                List.of("1|RF|bk|b W|||T", "2|LF|sd|b W|||T", "3|RF|cl|b W|||TH")));
        return book;
    }

    private static Figure one(
            String name,
            String level,
            String start,
            String end,
            List<String> precedes,
            UsageDraft usage,
            List<String> man,
            List<String> lady) {
        FigureDraft draft = Charts.figure(
                "waltz",
                "1",
                start,
                end,
                Charts.chart(CHART, man.toArray(String[]::new)),
                Charts.chart(CHART, lady.toArray(String[]::new)));
        return Charts.read(named(draft, name, Level.LEXICON.read(level), precedes, usage));
    }

    private static FigureDraft named(
            FigureDraft draft, String name, Level level, List<String> precedes, UsageDraft usage) {
        return draft.with()
                .id(id(name))
                .title(name)
                .level(level.shorthand())
                .precedes(precedes.stream().map(ApprovedBook::id).toList())
                .variants(draft.variants().withUsage(usage))
                .build();
    }

    private static String id(String name) {
        return name.replace(' ', '-');
    }
}
