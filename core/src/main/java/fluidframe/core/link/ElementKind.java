package fluidframe.core.link;

import fluidframe.core.figure.Caution;
import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.List;
import java.util.Optional;

/** What couples do between figures. */
public enum ElementKind implements Term {
    /** Stand; the same foot stays free. */
    HOLD("hold", "stay", "wait"),
    /** One tap of the free foot, which stays free. */
    TAP("tap", "touch"),
    /** One change of weight on the spot. */
    REPLACE("replace", "change weight"),
    /** One step that stops the movement. */
    CHECK("check", "checked step"),
    /** A step a beat, on the man's line. */
    WALK("walk", "walks", "walk on", "walk off", "exit"),
    /** A step a beat, each forward, round a centre between them. */
    ROUND("walk round", "walk round each other", "circle"),
    /** Afterwards either foot may begin. */
    BOW("bow", "curtsey"),
    /** A picture is held; afterwards either foot may begin. */
    POSE("pose", "picture"),
    /** One of the two is let down and taken up again; afterwards either foot may begin. */
    DIP("dip", "deep picture");

    public static final Lexicon<ElementKind> LEXICON =
            Lexicon.of(LinkSentences.anElementSuchAsHoldWalk(), List.of(values()));

    private final Words words;

    ElementKind(String shorthand, String... synonyms) {
        this.words = new Words(shorthand, shorthand, List.of(synonyms));
    }

    /** What a coach warns of before it is danced, if of anything. */
    public Optional<Caution> caution() {
        return this == DIP ? Optional.of(Caution.DIP) : Optional.empty();
    }

    @Override
    public Words words() {
        return words;
    }
}
