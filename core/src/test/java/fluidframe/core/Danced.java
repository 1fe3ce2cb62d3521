package fluidframe.core;

import static fluidframe.core.Charts.chart;

import fluidframe.core.notation.FigureDraft;
import java.util.Map;

/** Complete figures of several dances in which every column is as it should be. */
public final class Danced {

    private static final String SWING = "count|foot|footPosition|alignment|turn|rise|footwork|sway|cbm|action|relation";
    private static final String LATIN = "count|foot|footPosition|alignment|turn|footwork|action|body|relation";

    private static final Map<String, FigureDraft> ALL = Map.ofEntries(
            Map.entry(
                    "natural turn",
                    Charts.figure(
                            "waltz",
                            "2",
                            chart(
                                    SWING,
                                    "1|RF|fwd|f DW||cr e1|HT||CBM",
                                    "2|LF|sd|b DC|1/4 R|cont|T|R",
                                    "3|RF|cl|b LOD|1/8 R|cont, lo e3|TH|R",
                                    "1|LF|bk|b LOD||cr e1, NFR|TH||CBM",
                                    "2|RF|sd|p DC|3/8 R, body less|cont|T|L",
                                    "3|LF|cl|f DC|body completes|cont, lo e3|TH|L"),
                            chart(
                                    SWING,
                                    "1|LF|bk|b DW||cr e1, NFR|TH||CBM",
                                    "2|RF|sd|p LOD|3/8 R, body less|cont|T|L",
                                    "3|LF|cl|f LOD|body completes|cont, lo e3|TH|L",
                                    "1|RF|fwd|f LOD||cr e1|HT||CBM",
                                    "2|LF|sd|b C|1/4 R|cont|T|R",
                                    "3|RF|cl|b DC|1/8 R|cont, lo e3|TH|R"))),
            Map.entry(
                    "whisk",
                    Charts.figure(
                            "waltz",
                            "1",
                            "closed; closed",
                            "PP; closed",
                            chart(
                                    SWING,
                                    "1|LF|fwd|f DW||cr e1|HT",
                                    "2|RF|sd sl fwd|f DW||cont|T|L",
                                    "3|LF|XB in PP|f DW||up, lo e3|TH|L"),
                            chart(
                                    SWING,
                                    "1|RF|bk|b DW||cr e1, NFR|TH",
                                    "2|LF|diag bk|p C|1/8 R, body less|cont|T|R",
                                    "3|RF|XB in PP|f DC|1/8 R, body completes|up, lo e3|TH|R"))),
            Map.entry(
                    "feather step",
                    Charts.figure(
                            "foxtrot",
                            "1",
                            "closed; closed",
                            "OP; closed",
                            chart(
                                    SWING,
                                    "S|RF|fwd|f DC||cr e1|HT||CBM",
                                    "Q|LF|fwd LSL|f DC||up|T|R",
                                    "Q|RF|fwd CBMP OP|f DC||up, lo e3|TH|R"),
                            chart(
                                    SWING,
                                    "S|LF|bk|b DC||cr e1, NFR|TH||CBM",
                                    "Q|RF|bk RSL|b DC||up|T|L",
                                    "Q|LF|bk CBMP PO|b DC||up, lo e3|TH|L"))),
            Map.entry(
                    "forward lock",
                    Charts.figure(
                            "quickstep",
                            "1.5",
                            "OP; closed",
                            "OP; closed",
                            chart(
                                    SWING,
                                    "S|RF|fwd CBMP OP|m LOD p DW||cr e1|HT",
                                    "Q|LF|diag fwd|m LOD p DW||cont|T",
                                    "Q|RF|XB|m LOD p DW||up|T|||lock",
                                    "S|LF|diag fwd|m LOD p DW||up, lo e4|TH"),
                            chart(
                                    SWING,
                                    "S|LF|bk CBMP PO|b DW||cr e1, NFR|TH",
                                    "Q|RF|bk|b DW||cont|T",
                                    "Q|LF|XF|b DW||up|T|||lock",
                                    "S|RF|diag bk|b DW||up, lo e4|TH"))),
            Map.entry(
                    "progressive link",
                    Charts.figure(
                            "tango",
                            "0.5",
                            "closed; closed",
                            "PP; closed",
                            chart(SWING, "Q|LF|fwd CBMP|f DW|||H", "Q|RF|sd small in PP|p DW|||IE BH||"),
                            chart(SWING, "Q|RF|bk CBMP|b DW|||BH", "Q|LF|sd small in PP|p DC|1/4 R|||||"))),
            Map.entry(
                    "closed promenade",
                    Charts.figure(
                            "tango",
                            "1.5",
                            "PP; closed",
                            "closed; closed",
                            chart(
                                    SWING,
                                    "S|LF|sd in PP|m LOD p DW|||H",
                                    "Q|RF|fwd across in PP CBMP|m LOD p DW|||H",
                                    "Q|LF|sd sl fwd|p DW|||IE BH||||closed",
                                    "S|RF|cl sl bk|f DW|||WF"),
                            chart(
                                    SWING,
                                    "S|RF|sd in PP|m LOD p DC|||H",
                                    "Q|LF|fwd across in PP CBMP|m LOD p DC|||H",
                                    "Q|RF|sd sl bk|b DW|1/4 L||BH",
                                    "S|LF|cl sl fwd|b DW|||WF"))),
            Map.entry(
                    "change step",
                    Charts.figure(
                            "viennese-waltz",
                            "1",
                            chart(
                                    SWING,
                                    "1|RF|fwd|f LOD||cr e1|HT||CBM",
                                    "2|LF|fwd sl L|f LOD||cont|T",
                                    "3|RF|cl|f LOD||cont, lo e3|TH"),
                            chart(
                                    SWING,
                                    "1|LF|bk|b LOD||cr e1, NFR|TH||CBM",
                                    "2|RF|bk sl R|b LOD||cont|T",
                                    "3|LF|cl|b LOD||cont, lo e3|TH"))),
            Map.entry(
                    "basic in place",
                    Charts.figure(
                            "rumba",
                            "2",
                            "closed facing; closed",
                            "closed facing; closed",
                            chart(
                                    LATIN,
                                    "2|LF|fwd|f W||BF||settle L",
                                    "3|RF|ip|f W||BF||settle R",
                                    "4-1|LF|sd|f DW|1/8 L|BF||settle L",
                                    "2|RF|bk|f DW||BF||settle R",
                                    "3|LF|ip|f DW||BF||settle L",
                                    "4-1|RF|sd|f LOD|1/8 L|BF||settle R"),
                            chart(
                                    LATIN,
                                    "2|RF|bk|b W||BF||settle R",
                                    "3|LF|ip|b W||BF||settle L",
                                    "4-1|RF|sd|b DW|1/8 L|BF||settle R",
                                    "2|LF|fwd|b DW||BF||settle L",
                                    "3|RF|ip|b DW||BF||settle R",
                                    "4-1|LF|sd|b LOD|1/8 L|BF||settle L"))),
            Map.entry(
                    "forward lock cha cha",
                    Charts.figure(
                            "cha-cha",
                            "1",
                            "open facing; L-to-R",
                            "open facing; L-to-R",
                            chart(
                                    LATIN,
                                    "2|LF|fwd|f LOD||BF",
                                    "3|RF|ip|f LOD||BF",
                                    "4|LF|bk|f LOD||B",
                                    "&|RF|XF|f LOD||BF|lock",
                                    "1|LF|bk|f LOD||BF"),
                            chart(
                                    LATIN,
                                    "2|RF|bk|b LOD||BF",
                                    "3|LF|ip|b LOD||BF",
                                    "4|RF|fwd|b LOD||BF",
                                    "&|LF|XB|b LOD||B|lock",
                                    "1|RF|fwd|b LOD||BF"))),
            Map.entry(
                    "whisk to left",
                    Charts.figure(
                            "samba",
                            "1",
                            "closed facing; closed",
                            "closed facing; closed",
                            chart(LATIN, "1|LF|sd|f W||BF||bounce", "a|RF|XB pw|f W||T", "2|LF|ip|f W||BF||bounce"),
                            chart(LATIN, "1|RF|sd|b W||BF||bounce", "a|LF|XB pw|b W||T", "2|RF|ip|b W||BF||bounce"))),
            Map.entry(
                    "fallaway rock",
                    Charts.figure(
                            "jive",
                            "1.5",
                            "closed facing; closed",
                            "closed facing; closed",
                            chart(
                                    LATIN,
                                    "Q|LF|bk in fallaway|f LOD|1/8 L|BF",
                                    "Q|RF|ip|f LOD||BF",
                                    "Q|LF|sd|f DW|1/8 R|BF|||closed facing",
                                    "a|RF|cl|f DW||B",
                                    "Q|LF|sd|f DW||BF",
                                    "Q|RF|sd|f DW||BF",
                                    "a|LF|cl|f DW||B",
                                    "Q|RF|sd|f DW||BF"),
                            chart(
                                    LATIN,
                                    "Q|RF|bk in fallaway|f C|1/8 R|BF",
                                    "Q|LF|ip|f C||BF",
                                    "Q|RF|sd|b DW|1/8 L|BF|||closed facing",
                                    "a|LF|cl|b DW||B",
                                    "Q|RF|sd|b DW||BF",
                                    "Q|LF|sd|b DW||BF",
                                    "a|RF|cl|b DW||B",
                                    "Q|LF|sd|b DW||BF"))),
            Map.entry(
                    "spot turns",
                    Charts.figure(
                            "rumba",
                            "1",
                            "open facing; no hold",
                            "open facing; no hold",
                            chart(
                                    LATIN,
                                    "2|LF|fwd across|f ALOD|1/4 R, on 1/2 R|BF|spot turn||apart",
                                    "3|RF|ip|f LOD||BF",
                                    "4-1|LF|sd|f W|1/4 R|BF|||open facing"),
                            chart(
                                    LATIN,
                                    "2|RF|fwd across|f ALOD|1/4 L, on 1/2 L|BF|spot turn||apart",
                                    "3|LF|ip|f LOD||BF",
                                    "4-1|RF|sd|f C|1/4 L|BF|||open facing"))),
            Map.entry(
                    "sur place",
                    Charts.figure(
                            "paso-doble",
                            "2",
                            "closed facing; closed",
                            "closed facing; closed",
                            chart(LATIN, "1|RF|ip|f W||B", "2|LF|ip|f W||B", "1|RF|ip|f W||B", "2|LF|ip|f W||B"),
                            chart(LATIN, "1|LF|ip|b W||B", "2|RF|ip|b W||B", "1|LF|ip|b W||B", "2|RF|ip|b W||B"))),
            Map.entry(
                    "spin turn",
                    Charts.figure(
                            "waltz",
                            "2",
                            chart(
                                    SWING,
                                    "1|RF|fwd|f DW||cr e1|HT||CBM",
                                    "2|LF|sd|b DC|1/4 R|cont|T|R",
                                    "3|RF|cl|b LOD|1/8 R|up, lo e3|TH|R",
                                    "1|LF|bk|b LOD|on 1/2 R||THT||CBM|pivot",
                                    "2|RF|fwd CBMP|f LOD||cr e5|HT",
                                    "3|LF|sd sl bk|b DC|3/8 R|up, lo e6|TH"),
                            chart(
                                    SWING,
                                    "1|LF|bk|b DW||cr e1, NFR|TH||CBM",
                                    "2|RF|sd|p LOD|3/8 R, body less|cont|T|L",
                                    "3|LF|cl|f LOD|body completes|up, lo e3|TH|L",
                                    "1|RF|fwd|f LOD|on 1/2 R||HT||CBM|pivot",
                                    "2|LF|bk sl L|b LOD||cr e5, NFR|T",
                                    "3|RF|diag fwd|f DC|3/8 R|up, lo e6|TH"))),
            Map.entry(
                    "open telemark",
                    Charts.figure(
                            "foxtrot",
                            "1",
                            "closed; closed",
                            "PP; closed",
                            chart(
                                    SWING,
                                    "S|LF|fwd|f DC||cr e1|HT||CBM",
                                    "Q|RF|sd|b DW|1/4 L|up|T|L",
                                    "Q|LF|sd sl fwd in PP|p DW|1/2 L, body less|up, lo e3|TH"),
                            chart(
                                    SWING,
                                    "S|RF|bk|b DC||cr e1, NFR|TH||CBM",
                                    "Q|LF|cl|f LOD|3/8 L|up|HT|R||heel turn",
                                    "Q|RF|diag fwd in PP|p DC|1/8 L|up, lo e3|TH"))),
            Map.entry(
                    "open impetus",
                    Charts.figure(
                            "foxtrot",
                            "1",
                            "closed; closed",
                            "PP; closed",
                            chart(
                                    SWING,
                                    "S|LF|bk|b LOD||cr e1|TH||CBM",
                                    "Q|RF|cl|f DC|3/8 R|up|HT|L||heel turn",
                                    "Q|LF|sd sl fwd in PP|p DC||up, lo e3|TH"),
                            chart(
                                    SWING,
                                    "S|RF|fwd|f LOD||cr e1|HT||CBM",
                                    "Q|LF|sd|b DC|3/8 R|up|T|R",
                                    "Q|RF|diag fwd in PP|p C|3/8 R, body less|up, lo e3|TH"))),
            Map.entry(
                    "chasse from promenade",
                    Charts.figure(
                            "quickstep",
                            "1.5",
                            "PP; closed",
                            "closed; closed",
                            chart(
                                    SWING,
                                    "S|RF|fwd across in PP CBMP|m LOD p DW|||HT",
                                    "Q|LF|sd sl fwd|p DW||cr e2|T",
                                    "Q|RF|cl|f DW||cont|T",
                                    "S|LF|sd sl fwd|f DW||up, lo e4|TH||||closed"),
                            chart(
                                    SWING,
                                    "S|LF|fwd across in PP CBMP|m LOD p DC|||HT",
                                    "Q|RF|sd|p C|1/8 L|cr e2|T",
                                    "Q|LF|cl|b DW|1/8 L|cont|T",
                                    "S|RF|sd sl bk|b DW||up, lo e4|TH||||closed"))),
            Map.entry(
                    "twist turn",
                    Charts.figure(
                            "tango",
                            "2",
                            "PP; closed",
                            "PP; closed",
                            chart(
                                    SWING,
                                    "S|LF|sd in PP|m LOD p DW|||H",
                                    "Q|RF|fwd across in PP CBMP|m LOD p DW|||H",
                                    "Q|LF|sd|b LOD|3/8 R||BH||||closed",
                                    "S|RF|XB pw|b LOD|||B",
                                    "S|both|ip|b LOD|on 5/8 R||BH|||twist|PP"),
                            chart(
                                    SWING,
                                    "S|RF|sd in PP|m LOD p DC|||H",
                                    "Q|LF|fwd across in PP CBMP|m LOD p DC|||H",
                                    "Q|RF|fwd|f LOD|1/8 R||H||||closed",
                                    "S|LF|fwd CBMP OP|f LOD|||H",
                                    "S|RF|fwd|f DW-A|3/8 R, on 1/2 R||HT||||PP"))),
            Map.entry(
                    "alemana",
                    Charts.figure(
                            "rumba",
                            "2",
                            "open facing; L-to-R",
                            "closed facing; closed",
                            chart(
                                    LATIN,
                                    "2|LF|fwd|f W||BF",
                                    "3|RF|ip|f W||BF",
                                    "4-1|LF|cl|f W||BF",
                                    "2|RF|bk|f W||BF",
                                    "3|LF|ip|f W||BF",
                                    "4-1|RF|cl|f W||BF|||closed facing, hold closed"),
                            chart(
                                    LATIN,
                                    "2|RF|bk|b W||BF",
                                    "3|LF|ip|b W||BF",
                                    "4-1|RF|fwd|p DC|1/8 R|BF",
                                    "2|LF|fwd|f W|3/8 R|BF|||apart",
                                    "3|RF|fwd|f C|1/2 R|BF",
                                    "4-1|LF|fwd small|f C||BF"))),
            Map.entry(
                    "new york",
                    Charts.figure(
                            "cha-cha",
                            "1",
                            "open facing; L-to-R",
                            "open facing; L-to-R",
                            chart(
                                    LATIN,
                                    "2|LF|fwd across|f ALOD|1/4 R|BF|check||side R",
                                    "3|RF|ip|f W|1/4 L|BF|||open facing",
                                    "4|LF|sd|f W||BF",
                                    "&|RF|cl|f W||B",
                                    "1|LF|sd|f W||BF"),
                            chart(
                                    LATIN,
                                    "2|RF|fwd across|f ALOD|1/4 L|BF|check",
                                    "3|LF|ip|f C|1/4 R|BF",
                                    "4|RF|sd|f C||BF",
                                    "&|LF|cl|f C||B",
                                    "1|RF|sd|f C||BF"))),
            Map.entry(
                    "spin for her",
                    Charts.figure(
                            "jive",
                            "1",
                            "open facing; R-to-R",
                            "open facing; R-to-R",
                            chart(
                                    LATIN,
                                    "Q|LF|sd|f W||BF",
                                    "a|RF|cl|f W||B",
                                    "Q|LF|sd|f W||BF",
                                    "Q|RF|sd|f W||BF",
                                    "a|LF|cl|f W||B",
                                    "Q|RF|sd|f W||BF"),
                            chart(
                                    LATIN,
                                    "Q|RF|fwd|f C||BF",
                                    "a|LF|cl|f C||B",
                                    "Q|RF|fwd|f C|on 1 R|BF|spin||no hold",
                                    "Q|LF|sd|f C||BF|||hold R-to-R",
                                    "a|RF|cl|f C||B",
                                    "Q|LF|sd|f C||BF"))),
            Map.entry(
                    "bolero side",
                    Charts.figure(
                            "bolero",
                            "1",
                            "closed facing; closed",
                            "closed facing; closed",
                            chart(
                                    "count|foot|footPosition|alignment|turn|rise|footwork",
                                    "S|LF|sd long|f W||cr e1|BF",
                                    "Q|RF|bk|f W||lo e2|BF",
                                    "Q|LF|ip|f W|||BF"),
                            chart(
                                    "count|foot|footPosition|alignment|turn|rise|footwork",
                                    "S|RF|sd long|b W||cr e1|BF",
                                    "Q|LF|fwd|b W||lo e2|BF",
                                    "Q|RF|ip|b W|||BF"))),
            Map.entry(
                    "slow walks",
                    Charts.figure(
                            "american-foxtrot",
                            "1.5",
                            chart(
                                    SWING,
                                    "S|LF|fwd|f LOD|||HT",
                                    "S|RF|fwd|f LOD|||HT",
                                    "Q|LF|sd|f LOD|||T",
                                    "Q|RF|cl|f LOD|||TH"),
                            chart(
                                    SWING,
                                    "S|RF|bk|b LOD|||TH",
                                    "S|LF|bk|b LOD|||TH",
                                    "Q|RF|sd|b LOD|||T",
                                    "Q|LF|cl|b LOD|||TH"))));

    private Danced() {}

    public static Map<String, FigureDraft> all() {
        return ALL;
    }

    public static FigureDraft figure(String name) {
        FigureDraft draft = ALL.get(name);
        if (draft == null) {
            throw new IllegalArgumentException("no figure " + name + "; there are " + ALL.keySet());
        }
        return draft;
    }
}
