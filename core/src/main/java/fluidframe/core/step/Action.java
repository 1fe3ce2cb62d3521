package fluidframe.core.step;

import static fluidframe.core.step.ActionTrait.CARRIES_TURN_ON;
import static fluidframe.core.step.ActionTrait.EVERYDAY;
import static fluidframe.core.step.ActionTrait.GOES_ROUND;
import static fluidframe.core.step.ActionTrait.LETS_GO;
import static fluidframe.core.step.ActionTrait.ON_BOTH_FEET;
import static fluidframe.core.step.ActionTrait.ON_ONE_FOOT;
import static fluidframe.core.step.ActionTrait.ON_THE_HEEL;
import static fluidframe.core.step.ActionTrait.OWN_FOOTWORK;
import static fluidframe.core.step.ActionTrait.SPINS;
import static fluidframe.core.step.ActionTrait.STOPS_TRAVEL;
import static fluidframe.core.step.ActionTrait.TURNS_AT_THE_ENDS;
import static fluidframe.core.step.ActionTrait.TURNS_HALF;
import static fluidframe.core.step.ActionTrait.TURN_IS_ITS_OWN;
import static fluidframe.core.step.ActionTrait.UPRIGHT;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.List;
import java.util.Set;

/** What else happens on a row besides the step. */
public enum Action implements Term {
    SWIVEL("swivel", "swivel", List.of(TURNS_HALF, ON_ONE_FOOT, STOPS_TRAVEL)),
    SPIRAL(
            "spiral",
            "spiral",
            List.of(GOES_ROUND, ON_ONE_FOOT, UPRIGHT, SPINS, CARRIES_TURN_ON, TURNS_AT_THE_ENDS, STOPS_TRAVEL)),
    PIVOT(
            "pivot",
            "pivot",
            List.of(
                    TURNS_HALF,
                    ON_ONE_FOOT,
                    UPRIGHT,
                    CARRIES_TURN_ON,
                    TURN_IS_ITS_OWN,
                    TURNS_AT_THE_ENDS,
                    OWN_FOOTWORK,
                    STOPS_TRAVEL)),
    SPIN(
            "spin",
            "spin",
            List.of(
                    GOES_ROUND,
                    ON_ONE_FOOT,
                    UPRIGHT,
                    LETS_GO,
                    SPINS,
                    CARRIES_TURN_ON,
                    TURN_IS_ITS_OWN,
                    TURNS_AT_THE_ENDS,
                    OWN_FOOTWORK,
                    STOPS_TRAVEL)),
    SPOT_TURN(
            "spot turn",
            "spot turn",
            List.of(
                    GOES_ROUND,
                    ON_ONE_FOOT,
                    UPRIGHT,
                    LETS_GO,
                    CARRIES_TURN_ON,
                    TURN_IS_ITS_OWN,
                    TURNS_AT_THE_ENDS,
                    OWN_FOOTWORK,
                    STOPS_TRAVEL)),
    HEEL_TURN(
            "heel turn",
            "heel turn",
            List.of(TURNS_HALF, ON_BOTH_FEET, ON_THE_HEEL, TURN_IS_ITS_OWN, TURNS_AT_THE_ENDS, STOPS_TRAVEL)),
    HEEL_PULL("heel pull", "heel pull", List.of(TURNS_HALF, ON_BOTH_FEET, ON_THE_HEEL, TURN_IS_ITS_OWN, STOPS_TRAVEL)),
    LOCK("lock", "lock", List.of(OWN_FOOTWORK)),
    CHECK("check", "check", List.of(STOPS_TRAVEL)),
    ROCK("rock", "rock", List.of(OWN_FOOTWORK, STOPS_TRAVEL)),
    TAP("tap", "tap without weight", List.of(EVERYDAY)),
    TWIST(
            "twist",
            "twist on both feet",
            List.of(GOES_ROUND, ON_BOTH_FEET, CARRIES_TURN_ON, TURN_IS_ITS_OWN, TURNS_AT_THE_ENDS, STOPS_TRAVEL)),
    HOVER("hover", "hover", List.of(STOPS_TRAVEL)),
    RONDE("ronde", "ronde", List.of()),
    FLICK("flick", "flick", List.of(OWN_FOOTWORK)),
    KICK("kick", "kick", List.of(OWN_FOOTWORK)),
    LUNGE("lunge", "lunge", List.of(STOPS_TRAVEL)),
    DIP("dip", "dip", List.of(STOPS_TRAVEL)),
    BACK_BEND("back-bend", "back-bend", List.of(), "back bend"),
    APPEL("appel", "appel", List.of(OWN_FOOTWORK), "stamp"),
    HOP("hop", "hop", List.of(OWN_FOOTWORK)),
    SAME_FOOT("same foot", "same foot again", List.of(EVERYDAY)),
    DRAG("drag", "drag", List.of()),
    BOW("bow", "bow", List.of(EVERYDAY)),
    POSE("pose", "pose", List.of(STOPS_TRAVEL, EVERYDAY));

    public static final Lexicon<Action> LEXICON =
            Lexicon.of(StepSentences.anActionSuchAsSwivelSpiral(), List.of(values()));

    private final Words words;
    private final Set<ActionTrait> traits;

    Action(String shorthand, String wording, List<ActionTrait> traits, String... synonyms) {
        this.words = new Words(shorthand, wording, List.of(synonyms));
        this.traits = Set.copyOf(traits);
    }

    public boolean is(ActionTrait trait) {
        return traits.contains(trait);
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
