package fluidframe.core.phrase;

import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Position;
import fluidframe.core.couple.Proximity;
import fluidframe.core.step.Action;
import fluidframe.core.step.Foot;
import fluidframe.core.step.Sway;
import java.util.List;

/** How the cells are said that hold terms only: foot, sway, contrary body movement, actions, position and hold. */
public final class Phrasings {

    private static final int ONE = 1;
    private static final int ANY = Integer.MAX_VALUE;

    public static final Phrasing FOOT = new Terms(
            new Phrasebook<String>()
                    .terms(List.of(Foot.values()), Foot::shorthand)
                    .say("LF", "left|l|lt|lft|lh (foot|leg)", "foot l")
                    .say("RF", "right|r|rt|rgt|rh (foot|leg)", "foot r")
                    .say("both", "both|two (feet)", "feet together")
                    .say(Terms.IGNORED, "man|lady|step|steps|weight"),
            " ",
            ONE);

    public static final Phrasing SWAY = new Terms(
            new Phrasebook<String>()
                    .terms(List.of(Sway.values()), Sway::shorthand)
                    .say("L", "left|l|lt|leftward|leftwards (sway|side)")
                    .say("R", "right|r|rt|rightward|rightwards (sway|side)")
                    .say(
                            "-",
                            "s|str|straight|upright|neutral|nil|no|none|level|0",
                            "no sway",
                            "without sway",
                            "not swayed")
                    .say(
                            Terms.IGNORED,
                            "sway|sways|swayed|swaying|tilt|tilts|tilted|body|inclined|inclination|slight|slightly"),
            " ",
            ONE);

    public static final Phrasing CONTRARY_BODY_MOVEMENT = new Terms(
            new Phrasebook<String>()
                    .say("CBM", "cbm|yes|y|x|slight (cbm)", "contrary body movement|turn", "with cbm")
                    .say("-", "no|none|nil|n (cbm)", "no contrary body movement", "without cbm"),
            " ",
            ONE);

    public static final Phrasing ACTION = new Terms(
            new Phrasebook<String>()
                    .terms(List.of(Action.values()), Action::shorthand)
                    .say("swivel", "swivel|swivels|swivelling|swiveling|swivelled|swiveled (action)")
                    .say("spiral", "spiral|spirals|spiralling|spiraling (action|turn)")
                    .say("pivot", "pivot|pivots|pivoting|pivoted (action|turn)")
                    .say("spin", "spin|spins|spinning|spun (action|turn)")
                    .say("spot turn", "spot turns|turning")
                    .say("heel turn", "heel turns", "heel turning")
                    .say("heel pull", "heel pulls", "pull|pulls (on) (the) heel")
                    .say("lock", "lock|locks|locked|locking (action)")
                    .say("check", "check|checks|checked|checking (action)")
                    .say("rock", "rock|rocks|rocking|rocked (action)")
                    .say("lock", "syncopated lock")
                    .say("tap", "tap|taps|tapping|tapped|touch|touches (without) (weight)")
                    .say("twist", "twist|twists|twisting|untwist|untwists|unwind|unwinds")
                    .say("hover", "hover|hovers|hovering (action)")
                    .say("ronde", "ronde|rondes|ronding (action)")
                    .say("flick", "flick|flicks|flicked|flicking")
                    .say("kick", "kick|kicks|kicked|kicking")
                    .say("lunge", "lunge|lunges|lunging")
                    .say("dip", "dip|dips|dipping")
                    .say("back-bend", "backbend|backbends", "back bends")
                    .say("appel", "appel|appels|stamp|stamps|stamping")
                    .say("hop", "hop|hops|hopped|hopping")
                    .say("same foot", "same foot (again)")
                    .say(Terms.IGNORED, "ladys|mans|his|her", "(on) rf|lf", "(on) right|left foot")
                    .say("drag", "drag|drags|dragging|dragged")
                    .say("bow", "bow|bows")
                    .say("pose", "pose|poses|line|picture"),
            ", ",
            ANY);

    public static final Phrasing RELATION = new Terms(
            new Phrasebook<String>()
                    .terms(List.of(Position.values()), Position::shorthand)
                    .terms(List.of(Proximity.values()), Proximity::shorthand)
                    .terms(List.of(Hold.values()), hold -> "hold " + hold.shorthand())
                    .say("closed", "closed|close|contact (position)", "square", "cp")
                    .say("hold closed", "hold closed", "closed|close|normal|usual|ballroom hold", "in hold")
                    .say("closed facing", "closed facing (position)", "close facing (position)")
                    .say("open facing", "open facing (position)", "open position", "facing open")
                    .say("PP", "pp|promenade (position)", "in pp")
                    .say("open PP", "open promenade|pp (position)", "pp|promenade open")
                    .say("CPP", "cpp (position)", "counter promenade (position)")
                    .say("open CPP", "open counter promenade|pp (position)", "open cpp", "cpp open")
                    .say("fallaway", "fallaway|fa (position|pp|promenade)", "fall away (position)")
                    .say(
                            "OP",
                            "outside partner|lady|her (on) (the) (right) (side)",
                            "partner outside (on) (the) (right) (side)",
                            "op (r)",
                            "outside (right)",
                            "banjo|bjo (position)")
                    .say(
                            "OP L",
                            "outside partner|lady|her (on) (the) left (side)",
                            "op (on) (the) l|left (side)",
                            "partner outside (on) (the) left (side)",
                            "outside (on) (the) left",
                            "sidecar|scar (position)")
                    .say("side R|side L", "side by side (position)")
                    .say("side L", "lady on (the) (mans|his) left (side)")
                    .say("side R", "lady on (the) (mans|his) right (side)")
                    .say("hold L-to-R|hold L-to-L", "left|l hand hold|handhold|held")
                    .say("hold R-to-L|hold R-to-R", "right|r hand hold|handhold|held")
                    .say("shadow R|shadow L", "shadow (position)")
                    .say("CPP", "counter prom (position)")
                    .say("open CPP", "open counter prom (position)")
                    .say("tandem", "lady in front (of) (the) (man|him)")
                    .say("fan", "fan (position)")
                    .say("side R", "side by side (lady) (on) (the) right", "right side by side (position)", "r side")
                    .say("side L", "side by side (lady) (on) (the) left", "left side by side (position)", "l side")
                    .say("shadow R", "right shadow (position)", "shadow right")
                    .say("shadow L", "left shadow (position)", "shadow left")
                    .say("tandem", "tandem (position)")
                    .say("apart", "apart|solo", "away from each other")
                    .say(
                            "hold double",
                            "double (hold|handhold)",
                            "double hand hold",
                            "both|two hands (held|joined|hold)",
                            "two hand hold")
                    .say(
                            "hold L-to-R",
                            "left|l (hand) to right|r (hand) (hold)",
                            "hold l to r",
                            "his left to her right")
                    .say(
                            "hold R-to-L",
                            "right|r (hand) to left|l (hand) (hold)",
                            "hold r to l",
                            "his right to her left")
                    .say(
                            "hold R-to-R",
                            "right|r (hand) to right|r (hand) (hold)",
                            "hold r to r",
                            "handshake|shake (hold|hands)",
                            "shaking hands",
                            "right hands (joined)")
                    .say("hold L-to-L", "left|l (hand) to left|l (hand) (hold)", "hold l to l", "left hands (joined)")
                    .say("hold crossed", "crossed|cross (hold|hands)", "hands crossed")
                    .say(
                            "hold no hold",
                            "no|without hold|hands",
                            "hands off",
                            "hold released",
                            "release|releases|released (hold|hands)",
                            "let|lets go",
                            "free of hold",
                            "hold none|no",
                            "hold no hold")
                    .say("contact", "(in) body contact")
                    .say("close", "close to each other", "near")
                    .say("extended", "extended|arms (to) (length)", "arms length", "at arms length")
                    .say("close|extended", "no|without (body) contact")
                    .say("PP", "prom (position)")
                    .say("hold L-to-R", "(mans|his) left|l|lh (hand) to|in (ladys|her) right|r|rh (hand|hands)")
                    .say("hold R-to-L", "(mans|his) right|r|rh (hand) to|in (ladys|her) left|l|lh (hand|hands)")
                    .say("hold R-to-R", "rh to rh", "(mans|his) right|r|rh (hand) to|in (ladys|her) right|r|rh (hand)")
                    .say("hold L-to-L", "lh to lh", "(mans|his) left|l|lh (hand) to|in (ladys|her) left|l|lh (hand)")
                    .say("OP L", "left outside")
                    .say(Terms.IGNORED, "position|pos|posn|hold|handhold|in|into"),
            ", ",
            ANY);

    private Phrasings() {}
}
