package fluidframe.core.talk;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.phrase.Phrasebook;
import java.util.Set;

/** The words that hold a telling together: who, which step, what follows. */
final class Words {

    /** What such a word does. */
    enum Does {
        MAN,
        LADY,
        OPPOSITE,
        STARTS,
        ENDS,
        HALF,
        JOINS,
        NOT_TILL
    }

    /** What is told after a heading and a colon, in the coach's own words. */
    enum Told {
        CUE,
        FAULT,
        DRILL,
        TITLE
    }

    static final Phrasebook<Does> JOINTS = new Phrasebook<Does>()
            .say(Does.MAN, "(the) man|gent|gentleman|leader|mans|gents", "he", "his (part|steps)")
            .say(Does.LADY, "(the) lady|woman|follower|ladys|ladies", "she", "her|hers (part|steps)")
            .say(
                    Does.OPPOSITE,
                    "(the|a) (natural|normal) opposite|opposites|counterpart",
                    "dances|does (the) natural opposite",
                    "vice versa",
                    "(is) (the) natural opposite",
                    "(dances|does|do) (the) same (thing|steps) backwards|backward|mirrored|opposite",
                    "(dances|does|do) (the) same (thing|steps) on (the) other|opposite foot|feet",
                    "mirrors (him|her|it|this|that)",
                    "(the) mirror (image)",
                    "(on) (the) opposite foot|feet",
                    "(the) opposite")
            .say(
                    Does.STARTS,
                    "(it) starts|begins|commences|start|begin|commence facing|backing|pointing|in|from|with|outside",
                    "(it) starts|begins|commences|start")
            .say(Does.ENDS, "(it) ends|finishes|end|finish|ending|finishing")
            .say(Does.HALF, "first|second|third half|bar|part", "(the) other half", "both (parts)")
            .say(
                    Does.NOT_TILL,
                    "does not|doesnt finish|complete|turn (her|his|the) body (turn) till|until (step)",
                    "body not completed till|until (step)",
                    "not finish|complete (her|his|the) body (turn) till|until (step)")
            .say(
                    Does.JOINS,
                    "and|then|now|but|finally|next|while|as|also|so|with|the|a|it|is|are|of|to|for|again|step|steps|by|which|where|all|figure|dance|danced|takes|take|goes|go|going|comes|come|turns|her|his|their|at|on|in|from|foot|that|there|this|making|make|makes|made|using|uses|use|has|having|throughout|do|does|both|another|already|turned|more|moving|starting|steps");

    static final Phrasebook<Told> HEADINGS = new Phrasebook<Told>()
            .say(Told.CUE, "cue|cues|think|remember|tip|tips", "say to them|yourself")
            .say(Told.FAULT, "(common|usual|main) fault|faults|mistake|mistakes|error|errors", "watch out for")
            .say(Told.DRILL, "drill|drills|exercise|exercises|practise|practice")
            .say(Told.TITLE, "title|name|called");

    static final Phrasebook<Column> COLUMNS = new Phrasebook<Column>()
            .say(Column.COUNT, "count|counts|timing|rhythm|time|beats|counted")
            .say(Column.FOOT, "feet")
            .say(Column.FOOT_POSITION, "foot positions|position", "positions of (the) feet", "steps")
            .say(Column.ALIGNMENT, "alignment|alignments")
            .say(Column.TURN, "turn|turns", "amount of turn")
            .say(Column.RISE, "rise|rises", "rise and fall")
            .say(Column.FOOTWORK, "footwork")
            .say(Column.SWAY, "sway|sways")
            .say(Column.CBM, "cbm")
            .say(Column.ACTION, "action|actions")
            .say(Column.BODY, "hips|body", "hips and body")
            .say(Column.RELATION, "hold|position", "position and hold")
            .say(Column.ARMS, "arms")
            .say(Column.LEAD, "lead|leads")
            .say(Column.NOTE, "note|notes")
            .say(Column.WORDS, "also counted");

    /** After these "begin" and "start" speak of a rise or a turn, not of the figure. */
    static final Set<String> OF_A_STEP = Set.of("to", "rise", "rising", "turn", "turning");

    private Words() {}

    static Part part(Does does) {
        return does == Does.LADY ? Part.LADY : Part.MAN;
    }
}
