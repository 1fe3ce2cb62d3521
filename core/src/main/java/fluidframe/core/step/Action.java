package fluidframe.core.step;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;

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
    RONDE("ronde", "ronde"),
    FLICK("flick", "flick"),
    KICK("kick", "kick"),
    LUNGE("lunge", "lunge"),
    HOP("hop", "hop"),
    SAME_FOOT("same foot", "same foot again"),
    DRAG("drag", "drag"),
    BOW("bow", "bow"),
    POSE("pose", "pose");

    public static final Lexicon<Action> LEXICON = Lexicon.of("an action such as swivel, spiral, pivot, heel turn, lock or check", List.of(values()));

    private final String shorthand;
    private final String wording;
    private final List<String> synonyms;

    Action(String shorthand, String wording, String... synonyms) {
        this.shorthand = shorthand;
        this.wording = wording;
        this.synonyms = List.of(synonyms);
    }

    @Override
    public String shorthand() {
        return shorthand;
    }

    @Override
    public String wording() {
        return wording;
    }

    @Override
    public List<String> synonyms() {
        return synonyms;
    }

    @Override
    public String toString() {
        return shorthand;
    }
}
