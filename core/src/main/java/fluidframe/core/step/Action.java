package fluidframe.core.step;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.List;

/** What else happens on a row besides the step. */
public enum Action implements Term {
    SWIVEL("swivel", "swivel"),
    SPIRAL("spiral", "spiral"),
    PIVOT("pivot", "pivot"),
    SPIN("spin", "spin"),
    SPOT_TURN("spot turn", "spot turn"),
    HEEL_TURN("heel turn", "heel turn"),
    HEEL_PULL("heel pull", "heel pull"),
    LOCK("lock", "lock"),
    CHECK("check", "check"),
    ROCK("rock", "rock"),
    TAP("tap", "tap without weight"),
    TWIST("twist", "twist on both feet"),
    HOVER("hover", "hover"),
    RONDE("ronde", "ronde"),
    FLICK("flick", "flick"),
    KICK("kick", "kick"),
    LUNGE("lunge", "lunge"),
    DIP("dip", "dip"),
    BACK_BEND("back-bend", "back-bend", "back bend"),
    APPEL("appel", "appel", "stamp"),
    HOP("hop", "hop"),
    SAME_FOOT("same foot", "same foot again"),
    DRAG("drag", "drag"),
    BOW("bow", "bow"),
    POSE("pose", "pose");

    public static final Lexicon<Action> LEXICON =
            Lexicon.of(StepSentences.anActionSuchAsSwivelSpiral(), List.of(values()));

    private final Words words;

    Action(String shorthand, String wording, String... synonyms) {
        this.words = new Words(shorthand, wording, List.of(synonyms));
    }

    @Override
    public Words words() {
        return words;
    }

    @Override
    public String toString() {
        return shorthand();
    }
}
