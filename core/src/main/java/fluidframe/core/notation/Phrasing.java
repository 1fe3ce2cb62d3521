package fluidframe.core.notation;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What people write in full where a chart cell wants shorthand: "three eighths to the right", "facing the wall", "heel toe", "begins to rise at the end of
 * one". It only changes words into the shorthand that the cell's own reader understands or refuses; it decides nothing.
 */
final class Phrasing {

    /** Sixteenths of a turn in a degree. */
    private static final double SIXTEENTH_DEGREES = 22.5;

    private record Rule(Pattern pattern, String shorthand) {
    }

    private static final List<Rule> NUMBERS = rules("\\bone\\b", "1", "\\btwo\\b", "2", "\\bthree\\b", "3", "\\bfour\\b", "4", "\\bfive\\b", "5", "\\bsix\\b", "6",
            "\\bseven\\b", "7", "\\beight\\b", "8");

    private static final List<Rule> TURN = rules(
            "\\bnil\\b|\\bno(?:ne)?(?: turn)?\\b", "0",
            "\\b(?:three|3)[ -]sixteenths?\\b", "3/16", "\\b(?:five|5)[ -]sixteenths?\\b", "5/16", "\\b(?:seven|7)[ -]sixteenths?\\b", "7/16",
            "\\b(?:three|3)[ -]eighths?\\b", "3/8", "\\b(?:five|5)[ -]eighths?\\b", "5/8", "\\b(?:seven|7)[ -]eighths?\\b", "7/8",
            "\\b(?:three|3)[ -]quarters?\\b", "3/4", "\\b(?:(?:a|one|1) )?half\\b", "1/2", "\\b(?:(?:a|one|1) )?quarter\\b", "1/4", "\\b(?:(?:an|one|1) )?eighth\\b", "1/8",
            "\\b(?:(?:a|one|1) )?sixteenth\\b", "1/16", "\\b(?:(?:a|one|1) )?(?:whole|full)(?= turn|\\b)", "1",
            "\\bof a turn\\b|\\bto the\\b|\\b(?:the|turns?|turning|to|of|a|an)\\b", " ",
            "\\b(?:right|clockwise|rightwards?)\\b", "R", "\\b(?:left|anticlockwise|counterclockwise|leftwards?)\\b", "L",
            "\\bbegins?\\b|\\bcommences?\\b|\\bstarts?\\b|\\bcommencing\\b", "begin", "\\bon\\s+foot\\b", "on",
            "\\bbody\\s+([\\d/ ]+?)\\s+less\\b", "body less $1",
            "(^|[,;]|on|body)\\s*\\b([RL])\\s+(\\d[\\d/ ]*)(?=$|[,;])", "$1 $3 $2");

    private static final List<Rule> HEADINGS = rules(
            "\\b(?:diag(?:onal(?:ly)?)?\\.?|d)\\s*(?:to|towards?)?\\s*(?:the )?(?:centre|center|c)\\s+against(?: the)?(?: line(?: of dance)?| lod)?", "DC-A",
            "\\b(?:diag(?:onal(?:ly)?)?\\.?|d)\\s*(?:to|towards?)?\\s*(?:the )?(?:wall|w)\\s+against(?: the)?(?: line(?: of dance)?| lod)?", "DW-A",
            "\\b(?:diag(?:onal(?:ly)?)?\\.?)\\s*(?:to|towards?)?\\s*(?:the )?(?:centre|center)\\b", "DC",
            "\\b(?:diag(?:onal(?:ly)?)?\\.?)\\s*(?:to|towards?)?\\s*(?:the )?wall\\b", "DW",
            "\\b(?:against|up)(?: the)? (?:line(?: of dance)?|lod)\\b", "ALOD",
            "\\b(?:(?:down|along)(?: the)? )?(?:the )?(?:line of dance|line|lod)\\b", "LOD",
            "\\b(?:(?:to|towards?) )?(?:the )?(?:centre|center)\\b(?!-)", "C", "\\b(?:(?:to|towards?) )?(?:the )?wall\\b", "W",
            "\\bbetween (\\S+) and (\\S+)", "$1/$2");

    private static final List<Rule> ALIGNMENT = rules(
            "\\b(?:facing|faces|face|fcg)\\b", "f", "\\b(?:backing|backs|back to)\\b", "b", "\\b(?:pointing|points|point)\\b", "p", "\\b(?:moving|moves|travelling)(?: along)?\\b", "m",
            ",| and (?=p )", " ", "^\\s*(D[CW](?:-A)?|A?LOD|[CW])\\s*$", "f $1");

    private static final List<Rule> FOOTWORK = rules(
            "\\bwhole(?: foot)?\\b|\\bflat foot\\b", "WF", "\\binside edge(?: of(?: the)?)?\\b", "IE", "\\boutside edge(?: of(?: the)?)?\\b", "OE",
            "\\bheel\\b", "H", "\\btoe\\b", "T", "\\bball\\b", "B", "\\bflat\\b", "F", "\\b(?:of|the|foot|then|and|to)\\b", " ");

    private static final List<Rule> SWAY = rules("^\\s*(?:s|straight|no sway|none|nil|no)\\s*$", "-", "\\b(?:sway|sways|to|the)\\b", " ");

    private static final List<Rule> RISE = rules(
            "\\bno foot rise\\b", "NFR", "\\bbody rise\\b", "BR", "\\b(?:begins?|commences?|starts?) (?:to )?ris(?:e|ing)\\b", "cr",
            "\\b(?:continues?|goes on|cont\\.?)(?: to)?(?: ris(?:e|ing))?\\b", "cont", "\\bremains? up\\b", "rem up", "\\blower(?:s|ing)?\\b", "lo",
            "\\bat (?:the )?end of (?:the )?step\\b", "e", "\\b(?:at )?(?:the )?end of\\s*(?:step )?", "e", "\\be/o\\s*", "e",
            "\\bon (?:the )?step\\b", " ", "\\bcont on [\\d, and&]+(?=[,;]|$)", "cont", "\\bon (?=\\d)", " ", "\\b(?:and|then)\\b", ",", ";", ",");

    private static final List<Rule> FOOT_POSITION = rules(
            "^\\s*(?:the )?(?:rf|lf|r foot|l foot|right foot|left foot|right|left|rt|lt)\\s+(?=\\D)", "", "\\b(cl(?:oses?)?|brush(?:es)?) to (?:the )?(?:rf|lf|right|left|r|l)(?: foot)?\\b", "$1",
            "\\brightwards?\\b", "right", "\\bleftwards?\\b", "left", "\\b(?:and|step|steps|the)\\b", " ", "\\bto side\\b", "side");

    private static final List<Rule> BODY = rules("\\bhips? ", "", "\\b(?:to the )?left\\b", "L", "\\b(?:to the )?right\\b", "R", "\\bafter ([\\d/ ]+?) beats?\\b", "@$1");

    private static final List<Rule> FOOT = rules("^\\s*(?:the )?(?:right|r|rt)(?:\\s+foot)?\\s*$", "RF", "^\\s*(?:the )?(?:left|l|lt)(?:\\s+foot)?\\s*$", "LF");

    private static final List<Rule> COUNT = rules("\\bslow\\b", "S", "\\bquick\\b", "Q", "\\band\\b", "&");

    private static final Map<Column, List<List<Rule>>> BY_COLUMN = new EnumMap<>(Map.of(
            Column.TURN, List.of(TURN), Column.ALIGNMENT, List.of(HEADINGS, ALIGNMENT), Column.FOOTWORK, List.of(FOOTWORK), Column.SWAY, List.of(SWAY),
            Column.RISE, List.of(NUMBERS, RISE), Column.FOOT_POSITION, List.of(FOOT_POSITION), Column.FOOT, List.of(FOOT), Column.COUNT, List.of(NUMBERS, COUNT),
            Column.WORDS, List.of(NUMBERS, COUNT), Column.BODY, List.of(BODY)));
    private static final Pattern DEGREES = Pattern.compile("(\\d{2,3})\\s*(?:°|deg(?:rees?)?\\b)");

    private Phrasing() {
    }

    private static List<Rule> rules(String... pairs) {
        List<Rule> rules = new ArrayList<>();
        for (int i = 0; i < pairs.length; i += 2) {
            rules.add(new Rule(Pattern.compile(pairs[i], Pattern.CASE_INSENSITIVE), pairs[i + 1]));
        }
        return List.copyOf(rules);
    }

    /** The text in shorthand, as far as it is known; the same text in a column of free words. */
    static String shorthand(Column column, String text) {
        String said = text.replace('–', '-').replace('—', '-').replace('’', '\'').strip();
        if (column == Column.TURN) {
            said = DEGREES.matcher(said).replaceAll(Phrasing::sixteenths);
        }
        for (List<Rule> rules : BY_COLUMN.getOrDefault(column, List.of())) {
            for (Rule rule : rules) {
                Matcher matcher = rule.pattern().matcher(said);
                said = matcher.replaceAll(rule.shorthand());
            }
        }
        return said.replaceAll("\\s+", " ").replaceAll("^[,; ]+|[,;. ]+$", "").strip();
    }

    /** Degrees that are no whole number of sixteenths stay as they are, and are not read. */
    private static String sixteenths(MatchResult degrees) {
        double sixteenths = Integer.parseInt(degrees.group(1)) / SIXTEENTH_DEGREES;
        return sixteenths == Math.rint(sixteenths) ? String.format(Locale.ROOT, "%d/16", (int) sixteenths) : Matcher.quoteReplacement(degrees.group());
    }
}
